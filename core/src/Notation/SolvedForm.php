<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Sum;

/** A form whose solved sum is not simply written as "sum = answer": the answer goes into the place of the question. */
interface SolvedForm extends Form
{
    /** @param Sum $sum of this kind; others give an empty text */
    public function writeSolved(Sum $sum, Answer $answer, Writer $writer): string;
}
