<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake;

use Rostik\Core\Judging\Given;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Sum;

/**
 * A belief or habit that leads to wrong answers, with one exact rule for each kind of sum in which it shows. One class
 * each in the folder Catalogue. What it suggests is a hint for a conversation with the child, never a verdict on it.
 */
interface Mistake
{
    /** The id used in exports: "leaves-over-sixty". */
    public function id(): string;

    /** For the teacher, beginning with "may": "may be treating an hour as 100 minutes". */
    public function may(): string;

    /** What to look at with the child, in a sentence. */
    public function look(): string;

    /** The model that helps. */
    public function model(): Model;

    /**
     * What a child with it would write; null where it does not show. It may happen to be the right answer: whoever asks
     * checks ({@see MistakeBook::predict()}).
     */
    public function predict(Sum $sum): ?Given;
}
