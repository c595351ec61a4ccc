<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Symfony\Component\Validator\Constraints as Assert;

/** To whom a sheet is given. */
final readonly class GiveRequest
{
    /** @param string $to id of a colleague */
    public function __construct(
        #[Assert\Length(max: 36)]
        public string $to,
    ) {
    }
}
