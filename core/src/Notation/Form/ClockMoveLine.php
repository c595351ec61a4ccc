<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\LengthReading;
use Rostik\Core\Notation\Line;
use Rostik\Core\Notation\TimeReading;

/** What "later" and "earlier" share in writing: a time and a length, joined in one of two orders. */
final class ClockMoveLine
{
    /**
     * @param list<string> $join   between time and length: "+"
     * @param list<string> $turned between length and time: "after"
     * @param string       $end    after time and length: "later"
     *
     * @return list<array{TimeReading, LengthReading}>
     */
    public static function read(Line $line, array $join, array $turned, string $end): array
    {
        $found = [];
        foreach ($line->times($line->start) as $time) {
            if ($time->bare) {
                continue;
            }
            $after = $line->after($time->next, ...$join);
            $length = $line->length(0 !== $after ? $after : ($line->words->is($time->next, ',') ? $time->next + 1 : $time->next));
            if (null === $length) {
                continue;
            }
            $close = $line->after($length->next, $end);
            if ((0 !== $after || 0 !== $close) && $line->endsAt(max($length->next, $close))) {
                $found[] = [$time, $length];
            }
        }
        $length = $line->length($line->start);
        $after = null === $length ? 0 : $line->after($length->next, ...$turned);
        if (null === $length || 0 === $after) {
            return $found;
        }
        foreach ($line->times($after) as $time) {
            if ($line->endsAt($time->next) && (!$time->bare || !$line->words->is($after - 1, '+'))) {
                $found[] = [$time, $length];
            }
        }

        return $found;
    }
}
