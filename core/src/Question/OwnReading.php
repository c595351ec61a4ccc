<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

/** A form whose answers are read in a way of their own: a letter is a choice, a number under a thing is its rank. */
interface OwnReading extends AnswerForm
{
}
