<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Symfony\Component\Validator\Constraint;

/** The id of a form of answer that there is. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class AnswerFormId extends Constraint
{
    public string $message = 'There is no such form of answer.';
}
