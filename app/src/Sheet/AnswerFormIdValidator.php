<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Question\AnswerForms;
use Symfony\Component\Validator\Constraint;
use Symfony\Component\Validator\ConstraintValidator;

final class AnswerFormIdValidator extends ConstraintValidator
{
    public function __construct(private readonly AnswerForms $forms)
    {
    }

    public function validate(mixed $value, Constraint $constraint): void
    {
        if ($constraint instanceof AnswerFormId && null !== $value && !(\is_string($value) && $this->forms->has($value))) {
            $this->context->addViolation($constraint->message);
        }
    }
}
