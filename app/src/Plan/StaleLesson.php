<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

/** A lesson was changed since it was read. */
final class StaleLesson extends \RuntimeException
{
}
