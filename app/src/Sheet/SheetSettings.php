<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Sheet\AnswerForm;
use Rostik\Core\Sheet\Scaffold;
use Rostik\Core\Skill\Level;
use Symfony\Component\Validator\Constraints as Assert;

/** How a sheet is set out, beside its questions. */
final readonly class SheetSettings
{
    /**
     * @param ?Level     $level       null where the sheet was not made for one
     * @param string     $instruction a line under the title; may be empty
     * @param Scaffold   $scaffold    how much of the working is drawn
     * @param AnswerForm $answers     how the questions are answered
     * @param bool       $example     whether the first lines show one worked, in the class's own method
     * @param bool       $chart       whether a reference chart of units stands at the end
     */
    public function __construct(
        public ?Level $level = null,
        #[Assert\Length(max: 200)]
        public string $instruction = '',
        public Scaffold $scaffold = Scaffold::Outline,
        public AnswerForm $answers = AnswerForm::Write,
        public bool $example = false,
        public bool $chart = false,
    ) {
    }

    public static function forLevel(Level $level): self
    {
        return new self($level, '', Scaffold::forLevel($level), AnswerForm::Write, Level::Support === $level, Level::Support === $level);
    }

    public function withoutScaffold(): self
    {
        return new self($this->level, $this->instruction, Scaffold::None, $this->answers, $this->example, $this->chart);
    }

    /** @return array<string, string|bool|null> as it is kept */
    public function kept(): array
    {
        return [
            'level' => $this->level?->value,
            'instruction' => $this->instruction,
            'scaffold' => $this->scaffold->value,
            'answers' => $this->answers->value,
            'example' => $this->example,
            'chart' => $this->chart,
        ];
    }

    /** @param array<mixed> $kept what is missing or of another time is as usual */
    public static function from(array $kept): self
    {
        $text = static fn (string $name): string => \is_string($kept[$name] ?? null) ? $kept[$name] : '';

        return new self(
            Level::tryFrom($text('level')),
            $text('instruction'),
            Scaffold::tryFrom($text('scaffold')) ?? Scaffold::Outline,
            AnswerForm::tryFrom($text('answers')) ?? AnswerForm::Write,
            true === ($kept['example'] ?? false),
            true === ($kept['chart'] ?? false),
        );
    }
}
