<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Judging\GivenTimes;
use Rostik\Core\Judging\RightAnswer;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\ToldMistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Series;
use Rostik\Core\Sum\Sum;

/**
 * Takes the end of the first gap for the first of several times: as many gaps as there are times. In a story that asks for the
 * fourth it is four gaps on.
 *
 * Common practice, no source.
 */
final readonly class FencePost implements ToldMistake
{
    private const ORDINALS = ['second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'];

    public function __construct(private RightAnswer $right, private string $words = '')
    {
    }

    public function in(string $words): Mistake
    {
        return new self($this->right, $words);
    }

    public function id(): string
    {
        return 'fence-post';
    }

    public function may(): string
    {
        return 'may be counting the gaps and not the times';
    }

    public function look(): string
    {
        return 'Mark the times on the line. How many are there, and how many jumps between them?';
    }

    public function model(): Model
    {
        return Model::Line;
    }

    public function predict(Sum $sum): ?Given
    {
        if ($sum instanceof InTurn) {
            return $this->told($sum);
        }
        if (!$sum instanceof Series || null !== $sum->until) {
            return null;
        }

        return new GivenTimes(array_map(static fn (int $i): GivenTime => GivenTime::stated($sum->start->moved($i * $sum->minutes())), range(1, $sum->count)));
    }

    /** So many gaps as the one that is asked for has in its name, and on from the first. */
    private function told(InTurn $sum): ?Given
    {
        [$gaps, $on] = [$sum->sums[0], $sum->sums[1] ?? null];
        if (2 !== $sum->steps() || !$gaps instanceof Product || !$on instanceof Later) {
            return null;
        }
        $nth = self::ORDINALS[$gaps->times - 1] ?? null;
        if (null === $nth || 1 !== preg_match('/\b'.$nth.'\b/', $this->words)) {
            return null;
        }

        return $this->right->to($sum->step(1, Product::of($gaps->times + 1, $gaps->length)->answer()));
    }
}
