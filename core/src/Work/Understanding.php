<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\ReadSum;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Problem\ProblemNotRead;
use Rostik\Core\Problem\ProblemReader;
use Rostik\Core\Problem\ReadProblem;

/**
 * Understands a typed line: a sum in any of the usual forms, a problem in words, or a problem with its sum behind it in square
 * brackets, as it is settled where the words alone do not say which sum it is.
 */
final readonly class Understanding
{
    /** A line of so many words is no sum in signs. */
    private const MANY = 12;

    /** As many in several sentences are told, even where nothing is asked. */
    private const SOME = 8;

    public function __construct(private SumReader $sums, private ProblemReader $problems)
    {
    }

    /**
     * @throws NotUnderstood  when it cannot be read
     * @throws ProblemNotRead when it is a problem in words, and it is not sure which sum answers it
     */
    public function of(string $typed): Understood
    {
        if (1 === preg_match('/^(.*[a-z].*\S)\s*\[([^\[\]]+)\]\s*$/is', $typed, $apart)) {
            return new Understood($this->sums->read($apart[2]), $this->problems->read($apart[1]));
        }

        return $this->isTold($typed) ? $this->problem($typed) : $this->sum($typed);
    }

    /** Several sentences of which one asks, or more words than a sum has. */
    private function isTold(string $typed): bool
    {
        if (\strlen($typed) < 25) {
            return false;
        }

        return (mb_strlen($typed, 'UTF-8') > SumReader::LONGEST && preg_match_all('/[a-z]{3,}/i', $typed) > self::MANY)
            || (1 === preg_match('/[.?!]["”’]?\s+["“‘(]?[A-Z0-9]/u', $typed) && (str_contains($typed, '?') || 1 === preg_match('/\b(?:find|calculate|work out)\b/i', $typed)))
            || (1 === preg_match('/[.?!]["”’]?\s+["“‘(]?[A-Z]/u', $typed) && preg_match_all('/[a-z]{2,}/i', $typed) >= self::SOME)
            || preg_match_all('/[a-z]{2,}/i', $typed) > self::MANY;
    }

    private function problem(string $typed): Understood
    {
        $read = $this->problems->read($typed);
        if ($read->sure) {
            return $this->understood($read);
        }
        try {
            return new Understood($this->sums->read($typed), null);
        } catch (NotUnderstood) {
            throw new ProblemNotRead($read);
        }
    }

    private function sum(string $typed): Understood
    {
        try {
            return new Understood($this->sums->read($typed), null);
        } catch (NotUnderstood $no) {
            $read = preg_match_all('/[a-z]{3,}/i', $typed) > 3 ? $this->problems->read($typed) : null;

            return true === $read?->sure ? $this->understood($read) : throw $no;
        }
    }

    private function understood(ReadProblem $read): Understood
    {
        return new Understood(new ReadSum($read->questions[0]->sum() ?? throw new \LogicException('What is sure has a sum.'), []), $read);
    }
}
