<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

use Rostik\Core\Notation\Style;
use Rostik\Core\Skill\Level;
use Rostik\Core\Timetable\ActivityMaker;
use Symfony\Component\Validator\Constraints as Assert;

/** Wanted: an activity table of a day. */
final readonly class ActivityRequest
{
    /**
     * @param string $day  its name
     * @param int    $seed the same seed gives the same table
     */
    public function __construct(
        #[Assert\Length(max: 120)]
        public string $day = '',
        public Level $level = Level::Core,
        #[Assert\Range(min: 1, max: ActivityMaker::MOST_ROWS)]
        public int $rows = 6,
        public int $seed = 1,
        public Style $style = new Style(),
    ) {
    }
}
