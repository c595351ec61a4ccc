<?php

declare(strict_types=1);

namespace Rostik\Core\Question\Form;

use Rostik\Core\Judging\Judge;
use Rostik\Core\Judging\Judgement;
use Rostik\Core\Question\Choice;
use Rostik\Core\Question\LayingOut;
use Rostik\Core\Question\OwnReading;
use Rostik\Core\Question\UsualForm;
use Rostik\Core\Sum\Answered;
use Rostik\Core\Sum\Sum;

/** One of four answers is chosen: the right one and those that real mistakes lead to. */
final readonly class OneOfFour implements OwnReading
{
    use UsualForm;

    public const TYPE = 'choice';

    /** How many there are at the most, the right one among them. */
    private const MOST = 4;

    public string $type;

    /** @param list<Choice> $choices in the order in which they stand */
    public function __construct(public array $choices = [])
    {
        $this->type = self::TYPE;
    }

    public static function precedence(): int
    {
        return 20;
    }

    public function said(): string
    {
        return 'circle one of four';
    }

    public function layOut(LayingOut $question): ?self
    {
        // to write <, > or = is to choose already
        $choices = Answered::Sign === $question->sum->answered() ? [] : $question->choices(self::MOST);

        return [] === $choices ? null : new self($choices);
    }

    public function hint(): string
    {
        return 'Circle one.';
    }

    /** "b" is the second of them. */
    public function judge(Sum $sum, string $written, Judge $judge): Judgement
    {
        $letter = 1 === preg_match('/^\s*\(?([a-z])[).]?\s*$/i', $written, $found) ? \ord(strtolower($found[1])) - \ord('a') : -1;

        return $judge->judge($sum, isset($this->choices[$letter]) ? $this->choices[$letter]->text : $written);
    }
}
