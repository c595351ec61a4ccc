<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Rostik\App\Account\Teacher;
use Rostik\App\Api\CsvReply;
use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\Classrooms;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\NoSuchRung;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Twig\Environment;

/** The JSON API of what was seen of children, and of the groups for tomorrow. */
final readonly class EvidenceController
{
    public function __construct(private ClassEvidence $evidence, private Records $records, private RungWords $words, private Classrooms $classrooms, private GroupSheets $sheets, private Ladder $ladder, private Environment $twig)
    {
    }

    #[Route('/api/classes/{id}/follow-up', methods: ['GET'])]
    public function followUp(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        return new JsonResponse($this->evidence->followUp($this->classrooms->get($teacher, $id)));
    }

    /** Keeps the groups as they are sent. */
    #[Route('/api/classes/{id}/groups', methods: ['PUT'])]
    public function keep(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] GroupsRequest $wanted): Response
    {
        $this->evidence->keep($this->classrooms->get($teacher, $id), $wanted);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** Goes back to those that the answers say. */
    #[Route('/api/classes/{id}/groups', methods: ['DELETE'])]
    public function forget(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        $this->evidence->keep($this->classrooms->get($teacher, $id), null);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** A sheet for each of the groups that are sent. */
    #[Route('/api/classes/{id}/groups/sheets', methods: ['POST'])]
    public function sheets(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] GroupsRequest $wanted): Response
    {
        return new JsonResponse($this->sheets->make($teacher, $this->classrooms->get($teacher, $id), $wanted->groups), Response::HTTP_CREATED);
    }

    /** Sums for the board, for what a group works on. */
    #[Route('/api/rungs/{rung}/board', methods: ['GET'])]
    public function board(string $rung, #[MapQueryParameter] ?string $cause = null): Response
    {
        return new JsonResponse($this->evidence->board($this->known($rung), $cause));
    }

    #[Route('/api/children/{id}', methods: ['GET'])]
    public function child(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        return new JsonResponse($this->evidence->child($this->classrooms->child($teacher, $id)));
    }

    /** Deletes what was seen of the child: marks, answers at tablets, the teacher's own word. It can be brought back. */
    #[Route('/api/children/{id}/seen', methods: ['DELETE'])]
    public function erase(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        $this->records->deleteOf($this->classrooms->child($teacher, $id));

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** The same of all of them, and their groups. */
    #[Route('/api/classes/{id}/seen', methods: ['DELETE'])]
    public function eraseClass(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        $this->records->deleteOfClass($this->classrooms->get($teacher, $id));

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** How the class stands, as CSV: children down, rungs across. */
    #[Route('/api/classes/{id}/evidence.csv', methods: ['GET'])]
    public function csv(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        return new CsvReply($this->evidence->rows($this->classrooms->get($teacher, $id)), 'what-they-can-do.csv');
    }

    /** A child's page for the talk with its parents: what it can do, and what comes next; nothing of causes. */
    #[Route('/print/children/{id}', methods: ['GET'])]
    public function page(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        $child = $this->classrooms->child($teacher, $id);

        return new Response($this->twig->render('print/child.html.twig', ['child' => $this->evidence->child($child), 'className' => $child->classroom()->name(), 'root' => '/']));
    }

    /** The teacher's own word on a rung. */
    #[Route('/api/children/{id}/rungs/{rung}', methods: ['PUT'])]
    public function say(#[CurrentUser] Teacher $teacher, string $id, string $rung, #[MapRequestPayload] StandingRequest $wanted): Response
    {
        $child = $this->classrooms->child($teacher, $id);
        $this->words->say($child, $this->known($rung), $wanted->standing);

        return new JsonResponse($this->evidence->child($child));
    }

    /** Takes it back. */
    #[Route('/api/children/{id}/rungs/{rung}', methods: ['DELETE'])]
    public function takeBack(#[CurrentUser] Teacher $teacher, string $id, string $rung): Response
    {
        $child = $this->classrooms->child($teacher, $id);
        $this->words->say($child, $this->known($rung), null);

        return new JsonResponse($this->evidence->child($child));
    }

    /** @throws NotFoundHttpException */
    private function known(string $rung): string
    {
        try {
            return $this->ladder->rung($rung)->id;
        } catch (NoSuchRung) {
            throw new NotFoundHttpException();
        }
    }
}
