<?php

declare(strict_types=1);

namespace Rostik\App\School;

/** Somebody who does not have the word that the terminal showed. */
final class WordWanted extends \RuntimeException
{
}
