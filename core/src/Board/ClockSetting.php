<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

use Rostik\Core\Picture\MonthPage;

/** What is to stand on the open clock, as it was typed: a time or two, a length that is ready to be gone, a way that is gone, pages of the calendar. */
final readonly class ClockSetting
{
    /**
     * @param list<ClockSettingTime> $times  none, one or two
     * @param ?ClockSettingLength    $length ready to be gone on or back by
     * @param ?ClockSettingMove      $move   gone from where the clock stood
     * @param list<MonthPage>        $pages  of a month, or of a year
     * @param ?string                $or     what else the same may mean, to be typed: "year 2026"; null where it is clear
     */
    public function __construct(
        public array $times = [],
        public ?ClockSettingLength $length = null,
        public ?ClockSettingMove $move = null,
        public array $pages = [],
        public ?string $or = null,
    ) {
    }
}
