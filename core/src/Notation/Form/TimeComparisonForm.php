<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeComparison;

/** 7:50 a.m. ? 7:15 p.m.; also "which is earlier, 7:50 am or 7:15 pm?", "is 7:50 am before 7:15 pm?". */
final class TimeComparisonForm implements Form
{
    use UsualWording;

    private const SIGNS = ['?', 'or', 'vs', 'versus', '_', 'compared with', 'compared to'];

    private const WHETHER = ['earlier than', 'later than', 'before', 'after', 'earlier or later than', 'before or after', 'the same as', 'the same time as'];

    public static function sums(): array
    {
        return [TimeComparison::class];
    }

    public static function precedence(): int
    {
        return 112;
    }

    public function read(TypedLine $line): array
    {
        $start = $line->past($line->start, 'which', 'is', 'comes', 'earlier', 'later', 'sooner', 'first', 'last', 'compare', 'time', 'the', ':', ',', '-', '?', '.');
        $asked = $start > $line->start;
        $found = [];
        foreach ($line->times($start) as $left) {
            $after = $line->after($line->words->is($left->next, ',') ? $left->next + 1 : $left->next, ...self::SIGNS, ...($asked ? ['and', 'with'] : []));
            if (0 === $after && ($line->asksWhether || $line->words->is($left->next, 'is'))) {
                $after = $line->after($line->past($left->next, 'is'), ...self::WHETHER);
            }
            if (0 === $after && $line->saysSign($left->next)) {
                $after = $left->next + 1;
            }
            foreach (0 === $after ? [] : $line->times($line->past($after, '_', '?')) as $right) {
                $end = $line->past($right->next, ',', ':', '?', '-');
                $question = $line->past($end, 'which', 'is', 'comes', 'earlier', 'later', 'sooner', 'first', 'the', 'or', 'same', 'time');
                if ((!$left->bare || !$right->bare || $asked) && $line->endsAt($question)) {
                    $found[] = TimeComparison::of($left->time, $right->time);
                }
            }
        }

        return $found;
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $this->joined($sum, ' ? ', $writer);
    }

    public function solved(Sum $sum, Answer $answer, Writer $writer): string
    {
        return $this->claim($sum, $writer->answer($answer), $writer);
    }

    public function put(Sum $sum, Writer $writer): string
    {
        return 'Is '.$this->joined($sum, ' earlier or later than ', $writer).', or the same time?';
    }

    public function claim(Sum $sum, string $answer, Writer $writer): string
    {
        return $this->joined($sum, ' is '.$answer.('the same' === $answer ? ' as ' : ' than '), $writer);
    }

    public function inWords(Sum $sum, Writer $writer): ?string
    {
        return $sum instanceof TimeComparison ? \sprintf('Is %s earlier or later than %s, or the same time?', $writer->inWords($sum->left), $writer->inWords($sum->right)) : null;
    }

    public function byClocks(Sum $sum, Writer $writer): string
    {
        return 'Is the time on the first clock earlier or later than the time on the second, or the same?';
    }

    private function joined(Sum $sum, string $between, Writer $writer): string
    {
        return $sum instanceof TimeComparison ? $writer->time($sum->left).$between.$writer->time($sum->right) : '';
    }
}
