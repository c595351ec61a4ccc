<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

use Rostik\Core\Notation\Style;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\Unit;

/** A length as written: whole numbers with their units, whatever the numbers; tenths after the point of the seconds. */
final readonly class GivenLength implements Given
{
    /** @param list<AmountPart> $parts largest unit first; zeros left out, but for a length of nothing */
    private function __construct(public array $parts)
    {
    }

    public static function of(AmountPart ...$parts): self
    {
        usort($parts, static fn (AmountPart $a, AmountPart $b): int => $b->unit->size() <=> $a->unit->size());
        $some = array_values(array_filter($parts, static fn (AmountPart $p): bool => 0 !== $p->numerator));

        return new self([] === $some ? \array_slice($parts, -1) : $some);
    }

    public static function amount(Amount $amount): self
    {
        return self::of(...$amount->parts);
    }

    public static function two(int $large, Unit $largeUnit, int $small, Unit $smallUnit): self
    {
        return self::of(AmountPart::whole($large, $largeUnit), AmountPart::whole($small, $smallUnit));
    }

    public static function one(int $number, Unit $unit): self
    {
        return new self([AmountPart::whole($number, $unit)]);
    }

    /** In the smallest unit of its chain: tenths of a second, or months. Null where that is not whole. */
    public function count(): ?int
    {
        $count = 0;
        foreach ($this->parts as $part) {
            $one = $part->count();
            if (null === $one) {
                return null;
            }
            $count += $one;
        }

        return $count;
    }

    /** Whether a number stands in it that should have been regrouped: 85 min beside hours. */
    public function overflows(): bool
    {
        foreach (\array_slice($this->parts, 1) as $part) {
            if ($part->unit->perLarger() > 0 && $part->numerator >= $part->unit->perLarger() * $part->denominator) {
                return true;
            }
        }

        return false;
    }

    /** 180 min for 3 h is no mistake, only not the usual way of writing it; 2 h 60 min is one. */
    public function isOtherFormOf(Given $right): bool
    {
        return $right instanceof self && !$this->overflows() && $this->parts[0]->unit->chain() === $right->parts[0]->unit->chain() && $this->count() === $right->count();
    }

    public function text(): string
    {
        $written = [];
        $seconds = '0';
        foreach ($this->parts as $part) {
            $number = $part->isWhole() ? (string) $part->numerator : rtrim(rtrim(number_format($part->numerator / $part->denominator, 4, '.', ''), '0'), '.');
            if (Unit::Second === $part->unit) {
                $seconds = $number;
            }
            if (Unit::Tenth === $part->unit) {
                // after the point of the seconds, however many there are: 83.12 s
                unset($written[Unit::Second->value]);
                $written[Unit::Second->value] = $seconds.'.'.$number.' '.Unit::Second->after(2);
            } else {
                $written[$part->unit->value] = $number.' '.$part->unit->after($number);
            }
        }

        return implode(' ', $written);
    }

    public function shown(Style $style): string
    {
        return $this->text();
    }

    public function says(Given $other): bool
    {
        if ($other instanceof GivenNumbers) {
            return $other->says($this);
        }

        return $other instanceof self && $this->text() === $other->text();
    }
}
