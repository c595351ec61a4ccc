<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Judging\RightAnswer;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\FractionalProduct;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Sum;

/**
 * Multiplies by the whole number and leaves out the fraction beside it.
 *
 * Common practice, no source.
 */
final readonly class LeavesOutThePart implements Mistake
{
    public function __construct(private RightAnswer $right)
    {
    }

    public function id(): string
    {
        return 'leaves-out-the-part';
    }

    public function may(): string
    {
        return 'may be leaving out the fraction beside the whole number';
    }

    public function look(): string
    {
        return 'What does the fraction stand for? Find that part of the length by itself.';
    }

    public function model(): Model
    {
        return Model::Line;
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof FractionalProduct || 0 === $sum->times->whole()) {
            return null;
        }

        return 1 === $sum->times->whole() ? GivenLength::amount($sum->length) : $this->right->to(Product::of($sum->times->whole(), $sum->length));
    }
}
