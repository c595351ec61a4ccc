<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Time;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\MixedChains;
use Rostik\Core\Time\NotWhole;
use Rostik\Core\Time\Unit;

final class AmountTest extends TestCase
{
    /** SI Brochure, 9th edition, table 8: 1 min = 60 s, 1 h = 3600 s, 1 d = 86 400 s. Week and year: Gregorian calendar. */
    public function testSizesOfUnits(): void
    {
        self::assertSame([60, 3600, 86400, 604800], array_map(
            static fn (Unit $u): int => intdiv($u->size(), Unit::Second->size()),
            [Unit::Minute, Unit::Hour, Unit::Day, Unit::Week],
        ));
        self::assertSame(12, Unit::Year->size());
        self::assertSame([10, 60, 60, 24, 7, 0, 12, 0], array_map(static fn (Unit $u): int => $u->perLarger(), Unit::cases()));
    }

    public function testEveryLengthUpToTwoDaysComesBackFromItsParts(): void
    {
        for ($minutes = 0; $minutes <= 2880; ++$minutes) {
            $amount = Amount::minutes($minutes);
            self::assertSame($minutes, $amount->number(Unit::Hour) * 60 + $amount->number(Unit::Minute));
            self::assertLessThan(60, $amount->number(Unit::Minute));
            self::assertSame($minutes, $amount->duration->minutes());
            self::assertSame($minutes * 60, $amount->duration->seconds());
        }
    }

    public function testFractionsBecomeSmallerUnits(): void
    {
        $amount = Amount::of(AmountPart::fraction(5, 2, Unit::Hour))->wholeParts();
        self::assertSame(2, $amount->number(Unit::Hour));
        self::assertSame(30, $amount->number(Unit::Minute));
    }

    public function testWhatDoesNotComeOutWhole(): void
    {
        $this->expectException(NotWhole::class);
        Amount::of(AmountPart::fraction(1, 7, Unit::Minute));
    }

    public function testMonthsAndDaysDoNotMix(): void
    {
        $this->expectException(MixedChains::class);
        Amount::of(AmountPart::whole(1, Unit::Month), AmountPart::whole(3, Unit::Day));
    }

    public function testALengthIsNeverNegative(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        Duration::of(-1, Chain::Clock);
    }
}
