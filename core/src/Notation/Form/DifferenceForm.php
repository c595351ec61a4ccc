<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\LengthReading;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Sum;

/** 4 h 5 min - 3 h 25 min; also "subtract … from …", "the difference between … and …", "how much longer is … than …?". */
final class DifferenceForm implements Form
{
    use UsualWording;

    private const MORE_OR_LESS = ['longer', 'more', 'greater', 'bigger', 'shorter', 'less', 'smaller', 'fewer', 'quicker', 'faster', 'slower', 'later', 'sooner'];

    public static function sums(): array
    {
        return [Difference::class];
    }

    public static function precedence(): int
    {
        return 100;
    }

    public function read(TypedLine $line): array
    {
        $verb = $line->after($line->start, 'subtract', 'take away', 'take', 'deduct', 'minus');
        if (0 !== $verb) {
            return $this->turned($line, $line->past($verb, ':'), 'from', 'away from', 'off');
        }
        $asked = $this->asked($line);
        if (null !== $asked) {
            return $asked;
        }
        $from = $line->stopwatch($line->start);
        $minus = null === $from ? 0 : $line->after($from->next, '-', 'minus', 'take away');
        $take = 0 === $minus ? null : $line->stopwatch($minus);
        if (null !== $from && null !== $take && $line->endsAt($take->next)) {
            // two readings of a stopwatch: 1:05:30 - 0:58:45
            return [Difference::of($from->amount, $take->amount)];
        }
        $from = $line->length($line->start);
        if (null === $from || $from->clockLike) {
            return [];
        }
        $turned = $line->asksWhether ? [] : $this->turned($line, $line->start, 'less than', 'shorter than', 'fewer than');
        if ([] !== $turned) {
            return $turned;
        }
        $after = $line->after($from->next, '-', 'minus', 'take away', 'takeaway', 'subtract', 'less', 'take');
        // a dash that is drawn twice is one, a minus before the length is not to be had
        $take = 0 === $after ? null : $line->length($line->words->touches($after - 1) ? $line->past($after, '-') : $after);

        return null === $take || !$line->endsAt($take->next) ? [] : [Difference::of($from->amount, $take->amount)];
    }

    public function turnedRound(Sum $sum, Writer $writer): string
    {
        return 'Turn it round and take away: '.$this->write($sum, $writer);
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Difference
            ? $writer->amount($sum->from).' '.$writer->minus().' '.$writer->amount($sum->take)
            : '';
    }

    /**
     * "35 min from 2 h", "35 min less than 2 h": what is taken comes first.
     *
     * @return list<Difference>
     */
    private function turned(TypedLine $line, int $at, string ...$between): array
    {
        $take = $line->length($at);
        $after = null === $take ? 0 : $line->after($take->next, ...$between);
        $from = 0 === $after ? null : $line->length($after);

        return null === $take || null === $from || !$line->endsAt($from->next) ? [] : [Difference::of($from->amount, $take->amount)];
    }

    /**
     * "The difference between … and …", "how much longer is … than …": the longer comes first, whichever was named so.
     *
     * @return ?list<Difference> null where it is not asked so
     */
    private function asked(TypedLine $line): ?array
    {
        $difference = $line->after($line->start, 'difference');
        if (0 !== $difference) {
            $between = $line->after($line->past($difference, 'in', 'time', 'length'), 'between', 'of');
            // "2 h and 40 min" is one length, unless there is no other
            foreach (0 === $between ? [] : [$line->length($between), $line->item($between)] as $one) {
                $and = null === $one ? 0 : $line->after($one->next, 'and', '&');
                $gap = 0 === $and ? [] : $this->gap($line, $one, $line->length($and));
                if ([] !== $gap) {
                    return $gap;
                }
            }

            return [];
        }
        $much = $line->past($line->start, 'much', 'by');
        if (!$line->words->is($much, ...self::MORE_OR_LESS)) {
            return null;
        }
        $at = $line->past($much + 1, 'time', 'is', 'are');
        $than = $line->after($at, 'than');
        $one = $line->length(0 === $than ? $at : $than);
        $after = null === $one ? 0 : $line->after($one->next, ...(0 === $than ? ['than'] : ['is', 'are']));
        $other = 0 === $after ? null : $line->length($after);

        return $this->gap($line, $one, $other);
    }

    /** @return list<Difference> */
    private function gap(TypedLine $line, ?LengthReading $one, ?LengthReading $other): array
    {
        if (null === $one || null === $other || !$line->endsAt($other->next)) {
            return [];
        }

        return [$one->amount->duration->compareTo($other->amount->duration) >= 0
            ? Difference::of($one->amount, $other->amount)
            : Difference::of($other->amount, $one->amount)];
    }
}
