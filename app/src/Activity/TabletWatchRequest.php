<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Symfony\Component\Validator\Constraints as Assert;

/** Tablets are to be watches, one a group. */
final readonly class TabletWatchRequest
{
    /**
     * @param int $target  seconds
     * @param int $exactly tenths of a second
     */
    public function __construct(
        #[Assert\Range(min: 1, max: 600)]
        public int $target,
        #[Assert\Range(min: 0, max: 100)]
        public int $exactly,
        #[Assert\Length(max: 60)]
        public string $doing = '',
    ) {
    }
}
