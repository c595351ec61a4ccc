<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;

/** 3 h 40 min + 2 h 45 min, with two or more lengths; also "add … and …", "the total of …, … and …", "… more than …". */
final class TotalForm implements Form
{
    use UsualWording;

    public static function sums(): array
    {
        return [Total::class];
    }

    public static function precedence(): int
    {
        return 10;
    }

    public function read(TypedLine $line): array
    {
        $listed = $this->listed($line);
        if ([] !== $listed) {
            return $listed;
        }
        $first = $line->length($line->start);
        $watch = $this->stopwatches($line);
        if ([] !== $watch) {
            return $watch;
        }
        if (null === $first || $first->clockLike) {
            return [];
        }
        $more = $line->asksWhether ? 0 : $line->after($first->next, 'more than', 'longer than');
        $base = 0 === $more ? null : $line->length($more);
        if (null !== $base && $line->endsAt($base->next)) {
            return [Total::of($base->amount, $first->amount)];
        }
        $addends = [$first->amount];
        $next = $first->next;
        while (0 !== $after = $line->after($next, '+', 'plus', 'add', 'and then', 'and', '&')) {
            $more = $line->length($line->past($after, '+'));
            if (null === $more) {
                return [];
            }
            $addends[] = $more->amount;
            $next = $more->next;
        }

        return isset($addends[1]) && $line->endsAt($next) ? [Total::of(...$addends)] : [];
    }

    public function turnedRound(Sum $sum, Writer $writer): string
    {
        return 'Turn it round and add: '.$this->write($sum, $writer);
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Total ? implode(' + ', array_map($writer->amount(...), $sum->addends)) : '';
    }

    /**
     * 1:05:30 + 0:58:45: two readings of a stopwatch, or more.
     *
     * @return list<Total>
     */
    private function stopwatches(TypedLine $line): array
    {
        $addends = [];
        $next = $line->start;
        while (null !== $one = $line->stopwatch($next)) {
            $addends[] = $one->amount;
            $after = $line->after($one->next, '+', 'plus');
            if (0 === $after) {
                return isset($addends[1]) && $line->endsAt($one->next) ? [Total::of(...$addends)] : [];
            }
            $next = $after;
        }

        return [];
    }

    /**
     * "Add 2 h and 40 min", "the total of 45 min, 1 h and 35 min": a list; "add 40 min to 2 h".
     *
     * @return list<Total>
     */
    private function listed(TypedLine $line): array
    {
        $after = $line->after($line->start, 'add', 'sum of', 'sum', 'total of', 'total', 'altogether', 'put together');
        if (0 === $after) {
            return [];
        }
        $after = $line->past($after, ':', 'up', 'together', 'of');
        $first = $line->lengthBeforeTo($after);
        $to = null === $first ? 0 : $line->after($first->next, 'to', 'on to', 'onto');
        $second = 0 === $to ? null : $line->length($to);
        if (null !== $first && null !== $second && $line->endsAt($second->next)) {
            return [Total::of($second->amount, $first->amount)];
        }
        $addends = [];
        while (null !== $item = $line->item($after)) {
            $addends[] = $item->amount;
            $after = $line->past($item->next, ',', 'and', '&', '+', 'plus');
            if ($after === $item->next) {
                break;
            }
        }

        return isset($addends[1]) && $line->endsAt($after) ? [Total::of(...$addends)] : [];
    }
}
