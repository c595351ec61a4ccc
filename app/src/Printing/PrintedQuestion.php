<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

use Rostik\Core\Question\PosedQuestion;

/** One question as it is printed. */
final readonly class PrintedQuestion
{
    /**
     * @param int             $number  on the paper, from 1
     * @param PosedQuestion   $posed   what is asked and how it is answered
     * @param ?PrintedWorking $working null where the key shows none
     * @param bool            $reads   whether it is asked about the timetable of the sheet
     */
    public function __construct(public int $number, public PosedQuestion $posed, public ?PrintedWorking $working = null, public bool $reads = false)
    {
    }
}
