<?php

declare(strict_types=1);

namespace Rostik\Core\Question\Edition;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Comparison;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;

/** A mistake in those kinds of sum alone in which it showed in the first edition of the catalogue. */
final readonly class AsAtFirst implements Mistake
{
    /** Those that have learnt to show in more kinds since. */
    public const CHANGED = ['adds-twelve-always', 'decimal-as-minutes', 'hundred-minutes', 'number-only', 'week-as-five'];

    public function __construct(private Mistake $now)
    {
    }

    public function id(): string
    {
        return $this->now->id();
    }

    public function may(): string
    {
        return $this->now->may();
    }

    public function look(): string
    {
        return $this->now->look();
    }

    public function model(): Model
    {
        return $this->now->model();
    }

    public function predict(Sum $sum): ?Given
    {
        $isNew = match ($this->now->id()) {
            'hundred-minutes' => $sum instanceof Product || $sum instanceof Share || $sum instanceof Rewrite,
            'week-as-five' => $sum instanceof Conversion,
            'decimal-as-minutes' => $sum instanceof Comparison,
            'adds-twelve-always' => $sum instanceof Rewrite && ($sum->time->minutes < 60 || $sum->time->minutes >= 720),
            'number-only' => [] !== array_filter($sum instanceof Comparison ? [$sum->left, $sum->right] : ($sum instanceof Order ? $sum->lengths : []), static fn (Amount $one): bool => isset($one->parts[1])),
            default => false,
        };

        return $isNew ? null : $this->now->predict($sum);
    }
}
