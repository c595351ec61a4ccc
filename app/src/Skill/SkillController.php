<?php

declare(strict_types=1);

namespace Rostik\App\Skill;

use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Problem\StoryMaker;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Timetable\TableAsking;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The skill ladder, to choose from. */
final readonly class SkillController
{
    public function __construct(private MistakeBook $book, private Ladder $ladder, private StoryMaker $stories, private TableAsking $tables)
    {
    }

    /** The rungs that a sheet can be made for, from the bottom up: those of sums, and those that there are stories or questions about timetables for. */
    #[Route('/api/rungs', methods: ['GET'])]
    public function rungs(): Response
    {
        return new JsonResponse(array_map(
            fn (Rung $r): RungReply => new RungReply($r->id, $r->can, $r->strand, $r->short, array_map(fn (string $id): RungMistakeReply => new RungMistakeReply($id, $this->book->mistake($id)->may()), $r->mistakes), $this->stories->tells($r), \in_array($r->id, $this->tables->rungs(), true)),
            array_values(array_filter($this->ladder->rungs(), fn (Rung $r): bool => $r->setting->isOfASum() || $this->stories->tells($r) || \in_array($r->id, $this->tables->rungs(), true))),
        ));
    }
}
