<?php

declare(strict_types=1);

namespace Rostik\App\Skill;

use Rostik\Core\Skill\Strand;

/** A rung of the ladder, to choose from. */
final readonly class RungReply
{
    /**
     * @param string                 $can      what a child can do: "I can …"
     * @param Strand                 $strand   under which it is found
     * @param string                 $short    the same in a few words
     * @param list<RungMistakeReply> $mistakes that are looked for on it
     * @param bool                   $told     whether its questions are told in words
     * @param bool                   $read     whether they are about a timetable
     */
    public function __construct(public string $id, public string $can, public Strand $strand, public string $short, public array $mistakes, public bool $told, public bool $read)
    {
    }
}
