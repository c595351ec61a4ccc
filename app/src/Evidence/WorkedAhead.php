<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Rostik\App\Api\Afterwards;
use Rostik\App\Classroom\Child;
use Rostik\App\Marking\WhenMarked;

/** What a child's answers show is worked out as soon as they are marked, when the reply has gone: nobody waits for it later. */
final readonly class WorkedAhead implements WhenMarked
{
    public function __construct(private Afterwards $afterwards, private ClassAnswers $answers)
    {
    }

    public function marked(Child ...$children): void
    {
        $this->afterwards->do(function () use ($children): void {
            array_map($this->answers->ofChild(...), $children);
        });
    }
}
