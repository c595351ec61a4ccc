<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

use Rostik\Core\Notation\Style;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\Unit;

/** One or two bare numbers without their units: 75, 7 15, 6.85. */
final readonly class GivenNumbers implements Given
{
    /**
     * @param list<int> $numbers one or two
     * @param string    $text    as it was written
     */
    public function __construct(public array $numbers, private string $text)
    {
    }

    /** Whether they are the two sides of a decimal point with its unit: 6.25 h. */
    public function hasPoint(): bool
    {
        return 1 === preg_match('~^\d+[.,]\d+\s*[a-z]~i', $this->text);
    }

    public function text(): string
    {
        return $this->text;
    }

    /** With the units that an answer has; null where there are not as many. */
    public function in(Unit ...$units): ?GivenLength
    {
        $units = array_values($units);
        if (\count($units) !== \count($this->numbers)) {
            return null;
        }

        return GivenLength::of(...array_map(AmountPart::whole(...), $this->numbers, $units));
    }

    public function shown(Style $style): string
    {
        return $this->text();
    }

    public function says(Given $other): bool
    {
        if ($other instanceof self) {
            return $this->numbers === $other->numbers;
        }
        if (!$other instanceof GivenLength) {
            return false;
        }
        $theirs = array_map(static fn (AmountPart $p): int => $p->numerator, $other->parts);
        if ($theirs === $this->numbers) {
            return true;
        }

        // 3 h may be written 3 0 or 3:00, and 3 s as 3.0
        return 2 === \count($this->numbers) && 1 === \count($theirs)
            && (0 === $this->numbers[1] ? $theirs[0] === $this->numbers[0] && ($other->parts[0]->unit->size() >= Unit::Hour->size() || Unit::Second === $other->parts[0]->unit)
                : 0 === $this->numbers[0] && $theirs[0] === $this->numbers[1]);
    }
}
