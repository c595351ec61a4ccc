<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

use Rostik\Core\Question\Form\Written;

/** All forms of answer: every class in the folder Form, in the order that they state themselves. */
final readonly class AnswerForms
{
    /** @var array<string, AnswerForm> by id */
    private array $forms;

    /** @param iterable<AnswerForm> $forms in the order in which they are listed */
    public function __construct(iterable $forms)
    {
        $byId = [];
        foreach ($forms as $form) {
            $byId[$form->id()] = $form;
        }
        $this->forms = $byId;
    }

    /** @return array<string, AnswerForm> by id */
    public function all(): array
    {
        return $this->forms;
    }

    public function has(string $id): bool
    {
        return isset($this->forms[$id]);
    }

    /** What is not known is answered in writing. */
    public function form(string $id): AnswerForm
    {
        return $this->forms[$id] ?? new Written();
    }
}
