<?php

declare(strict_types=1);

namespace Rostik\App\School;

/** Somebody who is not at the machine, and does not have its word. */
final class NotAllowedHere extends \RuntimeException
{
}
