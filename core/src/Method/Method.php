<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Sum;

/** A usual way of working a sum. One class each in this folder, its name ending in "Method". */
interface Method
{
    /** The id used in settings and exports: "number-line". */
    public function id(): string;

    /** What teachers call it. */
    public function title(): string;

    /**
     * How well it suits these numbers, with the reason; null where it does not apply.
     */
    public function suits(Sum $sum, Writer $writer): ?Suit;

    /**
     * The working, step by step.
     *
     * @throws \Rostik\Core\Sum\CannotBeDone where the sum has no answer
     * @throws \LogicException               where the method does not apply
     */
    public function work(Sum $sum, Writer $writer): Working;
}
