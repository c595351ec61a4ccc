<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenOrder;
use Rostik\Core\Judging\GivenSign;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Comparison;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;

/**
 * Compares the numbers and not the units.
 *
 * Common practice, no source.
 */
final class NumberOnly implements Mistake
{
    public function id(): string
    {
        return 'number-only';
    }

    public function may(): string
    {
        return 'may be comparing the numbers and not the units';
    }

    public function look(): string
    {
        return 'Which unit is longer? Change one of them into the other first.';
    }

    public function model(): Model
    {
        return Model::Table;
    }

    public function predict(Sum $sum): ?Given
    {
        if ($sum instanceof Comparison) {
            return new GivenSign(['<', '=', '>'][($this->number($sum->left) <=> $this->number($sum->right)) + 1]);
        }
        if (!$sum instanceof Order || [] === $sum->lengths) {
            return null;
        }
        $keys = array_map($this->number(...), $sum->lengths);

        return new GivenOrder($sum->arranged($keys), $sum->lengths, $keys);
    }

    /** The number that stands first. */
    private function number(Amount $amount): float
    {
        return $amount->parts[0]->numerator / $amount->parts[0]->denominator;
    }
}
