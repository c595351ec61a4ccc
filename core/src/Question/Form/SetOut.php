<?php

declare(strict_types=1);

namespace Rostik\Core\Question\Form;

use Rostik\Core\Question\AnswerForm;
use Rostik\Core\Question\LayingOut;
use Rostik\Core\Question\Scaffold;
use Rostik\Core\Question\UsualForm;

/** A problem in words, set out in five lines: given, find, operation, working, answer. Common practice, no source. */
final readonly class SetOut implements AnswerForm
{
    use UsualForm;

    public const TYPE = 'set-out';

    public string $type;

    /**
     * @param Scaffold     $scaffold how much of it stands there: all that is not to be found out, the heads of the lines, or room alone
     * @param list<string> $given    names of what is given
     * @param int          $sums     how many sums it takes
     * @param string       $before   the sentence of the answer, up to the answer
     * @param string       $after    the same behind the answer
     */
    public function __construct(public Scaffold $scaffold = Scaffold::Outline, public array $given = [], public int $sums = 1, public string $before = '', public string $after = '')
    {
        $this->type = self::TYPE;
    }

    public static function precedence(): int
    {
        return 65;
    }

    public function said(): string
    {
        return 'set problems out in five lines';
    }

    public function layOut(LayingOut $question): ?self
    {
        $problem = $question->problem;

        // where there is no room to work there is a line for the answer
        return null === $problem || $question->tight ? null : new self($question->scaffold, $problem->given, \count($problem->operations), $problem->before, $problem->after);
    }

    public function isDrawn(): bool
    {
        return true;
    }
}
