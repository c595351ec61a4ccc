<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

use Rostik\Core\Question\Question;
use Rostik\Core\Skill\Level;

/** The questions of a sheet that was made for its aims. */
final readonly class MadeSheet
{
    /**
     * @param list<Question> $questions no two alike, each as it is usually put on its rung
     * @param list<Shortage> $shortages aims for which there were not as many different questions as asked for
     * @param ?Question      $challenge something harder for the end; null where none was wanted or there is none
     */
    public function __construct(public Level $level, public array $questions, public array $shortages, public ?Question $challenge = null)
    {
    }
}
