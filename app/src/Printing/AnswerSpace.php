<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

/** Where a child answers: what is drawn to work on, what is to be chosen from, a row of a table, a line. */
final readonly class AnswerSpace
{
    /**
     * @param string       $figure    as SVG; may be empty
     * @param list<string> $choices   answers to circle one of
     * @param ?string      $statement to be called true or false
     * @param ?bool        $isTrue    whether it is; null where nothing is claimed
     * @param ?TableRow    $row       where a table is to be completed
     * @param string       $rule      what the line for the answer is headed by; empty where there is no line
     * @param string       $hint      what is to be done, where the question alone does not say it
     */
    private function __construct(
        public string $figure = '',
        public array $choices = [],
        public ?string $statement = null,
        public ?bool $isTrue = null,
        public ?TableRow $row = null,
        public string $rule = '',
        public string $hint = '',
    ) {
    }

    public static function line(string $figure = ''): self
    {
        return new self($figure, rule: 'Answer');
    }

    /**
     * Hands are drawn, so nothing is written but the half of the day.
     *
     * @param bool $half whether it is asked for
     * @param bool $said whether the question itself says that hands are to be drawn
     */
    public static function hands(string $figure, bool $half, bool $said): self
    {
        return new self($figure, rule: $half ? 'a.m. or p.m.?' : '', hint: $said ? '' : 'Draw the hands.');
    }

    /** @param list<string> $choices */
    public static function oneOf(array $choices, string $figure): self
    {
        return new self($figure, $choices, hint: 'Circle one.');
    }

    public static function trueOrFalse(string $statement, bool $isTrue): self
    {
        return new self(statement: $statement, isTrue: $isTrue, rule: 'Answer', hint: 'True or false? How do you know?');
    }

    public static function row(TableRow $row): self
    {
        return new self(row: $row);
    }

    /** The answer has its place within the question. */
    public static function within(): self
    {
        return new self();
    }
}
