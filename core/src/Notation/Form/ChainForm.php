<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\ClockChain;
use Rostik\Core\Sum\LengthChain;
use Rostik\Core\Sum\Part;
use Rostik\Core\Sum\Sum;

/**
 * 9:10 a.m. + 25 min + 40 min, 2 h 15 min + 40 min - 25 min; also with plus, minus, "then" and "and then" between them, and
 * "9:10 am, 25 min later, 40 min later".
 */
final class ChainForm implements Form
{
    use UsualWording;

    public static function sums(): array
    {
        return [ClockChain::class, LengthChain::class];
    }

    public static function precedence(): int
    {
        return 105;
    }

    public function read(TypedLine $line): array
    {
        $found = [];
        $length = $line->length($line->start);
        if (null !== $length && !$length->clockLike) {
            $parts = $this->parts($line, $length->next);
            if (isset($parts[1]) && [] !== array_filter($parts, static fn (Part $part): bool => $part->direction < 0)) {
                $found[] = LengthChain::of($length->amount, ...$parts);
            }
        }
        foreach ($line->times($line->start) as $time) {
            $parts = null !== $length && $time->bare ? [] : $this->parts($line, $time->next);
            if (isset($parts[1])) {
                $found[] = ClockChain::of($time->time, ...$parts);
            }
        }

        return $found;
    }

    public function write(Sum $sum, Writer $writer): string
    {
        [$first, $parts] = match (true) {
            $sum instanceof ClockChain => [$writer->time($sum->start), $sum->parts],
            $sum instanceof LengthChain => [$writer->amount($sum->first), $sum->parts],
            default => ['', []],
        };
        foreach ($parts as $part) {
            $first .= ' '.($part->direction > 0 ? '+' : $writer->minus()).' '.$writer->amount($part->length);
        }

        return $first;
    }

    public function inWords(Sum $sum, Writer $writer): ?string
    {
        if (!$sum instanceof ClockChain) {
            return null;
        }
        $moves = array_map(static fn (Part $part): string => $writer->amount($part->length).($part->direction > 0 ? ' on' : ' back'), $sum->parts);

        return \sprintf('It is %s. What time is it %s?', $writer->inWords($sum->start), implode(', then ', $moves));
    }

    public function byClocks(Sum $sum, Writer $writer): ?string
    {
        if (!$sum instanceof ClockChain) {
            return null;
        }
        $moves = array_map(static fn (Part $part): string => $writer->amount($part->length).($part->direction > 0 ? ' on' : ' back'), $sum->parts);

        return \sprintf('What time is it %s?', implode(', then ', $moves));
    }

    /**
     * All that is added and taken away up to the end of the line.
     *
     * @return list<Part> fewer than two where the line goes on in another way
     */
    private function parts(TypedLine $line, int $at): array
    {
        $parts = [];
        while (!$line->endsAt($at)) {
            $comma = $line->past($at, ',', 'and', 'then');
            $plus = $line->after($comma, '+', 'plus', 'add');
            $minus = 0 !== $plus ? 0 : $line->after($comma, '-', 'minus', 'take away', 'less', 'subtract');
            $length = $line->length($line->past(0 !== $plus + $minus ? $plus + $minus : $comma, '+'));
            if (null === $length) {
                return [];
            }
            $at = $length->next;
            $later = $line->after($at, 'later', 'on', 'after that');
            $earlier = $line->after($at, 'earlier', 'back', 'before that');
            if (0 === $plus + $minus + $later + $earlier || ($plus + $minus > 0 && $later + $earlier > 0)) {
                return [];
            }
            $at = max($at, $later, $earlier);
            $parts[] = $minus + $earlier > 0 ? Part::taken($length->amount) : Part::added($length->amount);
        }

        return $parts;
    }
}
