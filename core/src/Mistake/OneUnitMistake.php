<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake;

use Rostik\Core\Judging\Given;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;

/** What mistakes share in which only one of two units is taken several times, or shared, and the other left as it stands. */
abstract class OneUnitMistake implements Mistake
{
    final public function model(): Model
    {
        return Model::Columns;
    }

    final public function predict(Sum $sum): ?Given
    {
        $c = $sum instanceof Product || $sum instanceof Share ? TwoColumns::alone($sum->length) : null;
        if (null === $c || $c->large() < 1 || $c->small() < 1) {
            return null;
        }

        return $sum instanceof Share ? $this->shared($c, $sum->between) : ($sum instanceof Product ? $this->taken($c, $sum->times) : null);
    }

    abstract protected function taken(TwoColumns $c, int $times): ?Given;

    abstract protected function shared(TwoColumns $c, int $between): ?Given;
}
