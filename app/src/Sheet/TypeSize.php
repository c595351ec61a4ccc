<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

/** Size of the type on paper, in points: 11, 13, 16. Common practice, no source. */
enum TypeSize: string
{
    case Small = 'small';
    case Usual = 'usual';
    case Large = 'large';
}
