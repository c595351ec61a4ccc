<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\SpanComparison;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;

/**
 * 9:40 a.m. to 10:30 a.m. ? 1 h; also "is it more than an hour from 9:40 am to 10:30 am?", "is 9:40 am to 10:30 am more
 * or less than an hour?", and two stretches with a question mark between them.
 */
final class SpanComparisonForm implements Form
{
    use UsualWording;

    private const MORE = ['more than', 'less than', 'longer than', 'shorter than', 'greater than', 'over', 'under', 'at least', 'exactly'];

    public static function sums(): array
    {
        return [SpanComparison::class];
    }

    public static function precedence(): int
    {
        return 115;
    }

    public function read(TypedLine $line): array
    {
        $asked = $this->than($line, $line->past($line->start, 'it', 'time', ',', 'this'));
        if (0 !== $asked) {
            $length = $line->length($asked);
            $from = null === $length ? 0 : $line->past($length->next, 'from', 'between', ':', ',', '-', '?');
            $found = [];
            foreach (0 === $from || $from === $length?->next ? [] : $this->spans($line, $from) as [$span, $next]) {
                if ($line->endsAt($next) && null !== $length) {
                    $found[] = SpanComparison::of($span, $length->amount);
                }
            }

            return $found;
        }
        $start = $line->past($line->start, 'which', 'longer', 'shorter', 'compare', 'between', ':', ',', '?');

        return $this->pairs($line, $start);
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $this->joined($sum, ' ? ', $writer);
    }

    public function solved(Sum $sum, Answer $answer, Writer $writer): string
    {
        return $this->joined($sum, ' '.$writer->answer($answer).' ', $writer);
    }

    public function put(Sum $sum, Writer $writer): string
    {
        return $this->joined($sum, ' ___ ', $writer).'     Write <, > or =.';
    }

    public function claim(Sum $sum, string $answer, Writer $writer): string
    {
        return $this->joined($sum, ' '.$answer.' ', $writer);
    }

    public function inWords(Sum $sum, Writer $writer): ?string
    {
        if (!$sum instanceof SpanComparison || !$sum->left instanceof Elapsed || !$sum->right instanceof Amount) {
            return null;
        }

        return \sprintf('From %s until %s ___ %s     Write <, > or =.', $writer->inWords($sum->left->start), $writer->inWords($sum->left->end), $writer->amount($sum->right));
    }

    public function byClocks(Sum $sum, Writer $writer): ?string
    {
        return $sum instanceof SpanComparison && $sum->left instanceof Elapsed && $sum->right instanceof Amount
            ? \sprintf('From the first clock to the second ___ %s     Write <, > or =.', $writer->amount($sum->right))
            : null;
    }

    /** @return list<SpanComparison> a side, a sign and a side, one of them a stretch of time */
    private function pairs(TypedLine $line, int $start): array
    {
        $found = [];
        foreach ($this->sides($line, $start) as [$left, $next]) {
            $after = $line->after($line->words->is($next, ',') ? $next + 1 : $next, '?', 'or', 'vs', 'versus', '_', 'compared with', 'compared to');
            $after = 0 !== $after ? $after : $this->than($line, $next);
            $after = 0 === $after && $line->saysSign($next) ? $next + 1 : $after;
            foreach (0 === $after ? [] : $this->sides($line, $line->past($after, '=', '_', '?')) as [$right, $end]) {
                if ($line->endsAt($end) && !($left instanceof Amount && $right instanceof Amount)) {
                    $found[] = SpanComparison::of($left, $right);
                }
            }
        }

        return $found;
    }

    /** @return list<array{Elapsed|Amount, int}> with the place after it */
    private function sides(TypedLine $line, int $at): array
    {
        $spans = $this->spans($line, $at);
        $length = [] === $spans ? $line->length($at) : null;

        return null === $length ? $spans : [[$length->amount, $length->next]];
    }

    /** @return list<array{Elapsed, int}> */
    private function spans(TypedLine $line, int $at): array
    {
        $found = [];
        foreach ($line->times($line->past($at, 'from')) as $start) {
            $to = $line->after($start->next, 'to', 'until', 'till', 'and', '-');
            foreach (0 === $to ? [] : $line->times($to) as $end) {
                if (!$line->words->is($to - 1, '-') || !$start->bare || !$end->bare) {
                    $nextDay = $line->after($line->past($end->next, ',', 'on', 'the'), 'next day', 'next morning', 'following day');
                    $found[] = [Elapsed::of($start->time, $end->time, $nextDay > 0), max($end->next, $nextDay)];
                }
            }
        }

        return $found;
    }

    /** The place after "more than", "more or less than", "is it less than, more than or exactly"; 0 where it does not stand here. */
    private function than(TypedLine $line, int $at): int
    {
        $at = $line->past($at, 'is', 'it');
        $after = 0;
        while (0 !== $one = $line->after($at, ...self::MORE, ...['more', 'less', 'longer', 'shorter', 'or', ',', 'just'])) {
            $after = \in_array($line->words->at($one - 1), ['than', 'over', 'under', 'least', 'exactly'], true) ? $one : 0;
            $at = $one;
        }

        return $after;
    }

    private function joined(Sum $sum, string $between, Writer $writer): string
    {
        if (!$sum instanceof SpanComparison) {
            return '';
        }
        $side = static fn (Elapsed|Amount $side): string => $side instanceof Amount
            ? $writer->amount($side)
            : $writer->time($side->start).' to '.$writer->time($side->end).($side->saysNextDay() ? ' next day' : '');

        return $side($sum->left).$between.$side($sum->right);
    }
}
