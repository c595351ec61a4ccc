<?php

declare(strict_types=1);

namespace Rostik\App\Board;

use Rostik\Core\Notation\Style;
use Symfony\Component\Validator\Constraints as Assert;

/** Two hands as they were set. */
final readonly class HandsRequest
{
    /**
     * @param int   $wanted  the time they should show, in minutes since 12, 0 to 719
     * @param float $hour    where the hour hand stands, in degrees from 12
     * @param float $minute  where the minute hand stands, in degrees from 12
     * @param bool  $inWords whether it is asked for in words: then nothing is said in digits
     * @param Style $style   in which the class writes
     */
    public function __construct(
        #[Assert\Range(min: 0, max: 719)]
        public int $wanted,
        public float $hour,
        public float $minute,
        public Style $style = new Style(),
        public bool $inWords = false,
    ) {
    }
}
