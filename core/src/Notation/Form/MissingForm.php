<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Line;
use Rostik\Core\Notation\SolvedForm;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Missing;
use Rostik\Core\Sum\Sum;

/** _ + 45 min = 10:20 a.m., _ - 45 min = 10:20 a.m., 9:35 a.m. + _ = 11:10 a.m., 11:10 a.m. - _ = 9:35 a.m. */
final class MissingForm implements SolvedForm
{
    public function kind(): Kind
    {
        return Kind::Missing;
    }

    public function read(Line $line): array
    {
        $sums = [];
        if ($line->words->is($line->start, '_', '?')) {
            $at = $this->afterBlank($line, $line->start);
            [$direction, $after] = $this->sign($line, $at);
            $length = 0 === $after ? null : $line->length($after);
            if (null === $length) {
                return [];
            }
            $equals = $line->after($length->next, '=', 'is');
            foreach (0 === $equals ? [] : $line->times($equals) as $end) {
                if ($line->endsAt($end->next)) {
                    $sums[] = Missing::start($direction, $length->amount, $end->time);
                }
            }

            return $sums;
        }
        foreach ($line->times($line->start) as $start) {
            [$direction, $after] = $this->sign($line, $start->next);
            if (0 === $after || !$line->words->is($after, '_', '?')) {
                continue;
            }
            $equals = $line->after($this->afterBlank($line, $after), '=', 'is');
            foreach (0 === $equals ? [] : $line->times($equals) as $end) {
                if ($line->endsAt($end->next)) {
                    $sums[] = Missing::length($direction, $start->time, $end->time);
                }
            }
        }

        return $sums;
    }

    public function write(Sum $sum, Writer $writer): string
    {
        if (!$sum instanceof Missing) {
            return '';
        }
        $start = null === $sum->start ? '_' : $writer->time($sum->start);
        $length = null === $sum->length ? '_' : $writer->amount($sum->length);

        return $start.' '.($sum->direction > 0 ? '+' : $writer->minus()).' '.$length.' = '.$writer->time($sum->end);
    }

    /** A blank may be drawn with several strokes: ____ */
    private function afterBlank(Line $line, int $i): int
    {
        while ($line->words->is($i, '_', '?')) {
            ++$i;
        }

        return $i;
    }

    /** @return array{int, int} the direction and the place after the sign, 0 where none stands here */
    private function sign(Line $line, int $i): array
    {
        $plus = $line->after($i, '+', 'plus');

        return 0 !== $plus ? [1, $plus] : [-1, $line->after($i, '-', 'minus', 'take away')];
    }

    public function writeSolved(Sum $sum, Answer $answer, Writer $writer): string
    {
        if (!$sum instanceof Missing) {
            return '';
        }
        $sign = $sum->direction > 0 ? '+' : $writer->minus();
        $found = $writer->answer($answer);

        return null === $sum->start
            ? $found.' '.$sign.' '.(null === $sum->length ? '' : $writer->amount($sum->length)).' = '.$writer->time($sum->end)
            : $writer->time($sum->start).' '.$sign.' '.$found.' = '.$writer->time($sum->end);
    }
}
