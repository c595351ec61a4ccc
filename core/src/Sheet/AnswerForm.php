<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

/** How a question is to be answered on paper. Where a form does not suit a sum, it is answered in writing. */
enum AnswerForm: string
{
    case Write = 'write';
    case Columns = 'columns';
    case Line = 'line';
    /** Draw the hands on a clock face. */
    case Hands = 'hands';
    /** Circle one of four: the right answer and those of real mistakes. */
    case Choice = 'choice';
    /** Fill the gap in a table of start, length and end, or of two units. */
    case Table = 'table';
    /** True or false, with a reason. */
    case TrueFalse = 'true-false';
}
