<?php

declare(strict_types=1);

namespace Rostik\Core\Question\Form;

use Rostik\Core\Judging\Judge;
use Rostik\Core\Judging\Judgement;
use Rostik\Core\Judging\Verdict;
use Rostik\Core\Question\LayingOut;
use Rostik\Core\Question\OwnReading;
use Rostik\Core\Question\UsualForm;
use Rostik\Core\Sum\Sum;

/** What is claimed is called true or false, with a reason. */
final readonly class TrueOrFalse implements OwnReading
{
    use UsualForm;

    public const TYPE = 'true-false';

    public string $type;

    /** @param string $statement plain */
    public function __construct(public string $statement = '', public bool $isTrue = true)
    {
        $this->type = self::TYPE;
    }

    public static function precedence(): int
    {
        return 10;
    }

    public function said(): string
    {
        return 'true or false';
    }

    public function layOut(LayingOut $question): ?self
    {
        $choice = $question->choices(4)[0] ?? null;

        return null === $choice ? null : new self($question->asking->claim($question->sum, $choice->text), null === $choice->mistake);
    }

    public function hint(): string
    {
        return 'True or false? How do you know?';
    }

    public function rule(): string
    {
        return 'Answer';
    }

    public function asks(string $asked, string $wording): string
    {
        return trim($wording.' '.$this->statement);
    }

    /** The statement says its own times. */
    public function shows(array $clocks): array
    {
        return [];
    }

    public function key(string $answer): string
    {
        return $this->isTrue ? 'true' : 'false: '.$answer;
    }

    /** "true", "f", "false: 5:20 p.m.": said of the statement; what begins with no such word is judged as an answer to the sum. */
    public function judge(Sum $sum, string $written, Judge $judge): Judgement
    {
        $word = strtolower(trim(explode(':', $written)[0], " .!\t"));
        $says = match (true) {
            \in_array($word, ['true', 't', 'yes', 'y', 'right'], true) => true,
            \in_array($word, ['false', 'f', 'no', 'n', 'wrong'], true) => false,
            default => null,
        };
        $judged = $judge->judge($sum, $written);

        return null === $says ? $judged : new Judgement($says === $this->isTrue ? Verdict::Right : Verdict::Wrong, null, $judged->expected, [], false, $judged->predicted);
    }
}
