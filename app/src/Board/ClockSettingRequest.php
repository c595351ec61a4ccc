<?php

declare(strict_types=1);

namespace Rostik\App\Board;

use Rostik\Core\Notation\Style;
use Symfony\Component\Validator\Constraints as Assert;

/** Something typed that is to stand on the open clock. */
final readonly class ClockSettingRequest
{
    /**
     * @param int   $at    where the clock stands, in minutes since midnight
     * @param Style $style in which the class writes
     */
    public function __construct(
        #[Assert\Length(max: 1200)]
        public string $text,
        #[Assert\Range(min: 0, max: 1439)]
        public int $at = 540,
        public Style $style = new Style(),
    ) {
    }
}
