<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

use Rostik\Core\Question\Question;

/** A sheet as files hold it. */
final readonly class PlainSheet
{
    /** @param list<Question> $questions */
    public function __construct(public string $title, public array $questions)
    {
    }
}
