<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake;

use Rostik\Core\Judging\Given;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Sum;

/**
 * What mistakes in exchanging share: they show where more of the smaller unit is to be taken than there is. They follow
 * the "bugs" of written subtraction in J. S. Brown and R. R. Burton, "Diagnostic models for procedural bugs in basic
 * mathematical skills", Cognitive Science 2, 1978 (from memory).
 */
abstract class TakingMistake implements Mistake
{
    final public function model(): Model
    {
        return Model::Columns;
    }

    final public function predict(Sum $sum): ?Given
    {
        $c = TwoColumns::of($sum);

        return null === $c || !$c->isStuck() ? null : $this->written($c, $c->rows[0][1], $c->rows[1][1], $sum);
    }

    /**
     * What is written below the line.
     *
     * @param int $has   of the smaller unit, on top
     * @param int $takes of the smaller unit, below; more than there is
     */
    abstract protected function written(TwoColumns $c, int $has, int $takes, Sum $sum): ?Given;
}
