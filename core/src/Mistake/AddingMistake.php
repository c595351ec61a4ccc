<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake;

use Rostik\Core\Judging\Given;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Sum;

/** What mistakes in regrouping share: they show where the smaller unit, added up or multiplied, reaches its limit. */
abstract class AddingMistake implements Mistake
{
    final public function model(): Model
    {
        return Model::Columns;
    }

    final public function predict(Sum $sum): ?Given
    {
        $c = TwoColumns::of($sum);

        return null === $c || '-' === $c->operation || $c->smallSum() < $c->limit ? null : $this->written($c, $sum);
    }

    /** What is written below the line. */
    abstract protected function written(TwoColumns $c, Sum $sum): ?Given;
}
