<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

use Rostik\App\Account\Teacher;
use Rostik\App\Api\CsvReply;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\String\Slugger\AsciiSlugger;

/** The JSON API of piles of papers: laid out, marked cell by cell, put away. */
#[Route('/api/piles')]
final readonly class PileController
{
    public function __construct(private Piles $piles, private PileJudging $judging)
    {
    }

    #[Route('', methods: ['GET'])]
    public function all(#[CurrentUser] Teacher $teacher): Response
    {
        return new JsonResponse($this->piles->all($teacher));
    }

    #[Route('', methods: ['POST'])]
    public function begin(#[CurrentUser] Teacher $teacher, #[MapRequestPayload] BeginPileRequest $wanted): Response
    {
        return new JsonResponse($this->judging->reply($this->piles->begin($teacher, $wanted)), Response::HTTP_CREATED);
    }

    #[Route('/{id}', methods: ['GET'])]
    public function show(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        return new JsonResponse($this->judging->reply($this->piles->get($teacher, $id)));
    }

    /** Marks in, all of them or none; what was marked since the sender's revision out. */
    #[Route('/{id}/cells', methods: ['POST'])]
    public function mark(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] CellsRequest $wanted): Response
    {
        return new JsonResponse($this->piles->mark($teacher, $id, $wanted));
    }

    /** What is to be said of an answer while it is typed; nothing is kept. */
    #[Route('/{id}/judge', methods: ['POST'])]
    public function judge(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] CellsRequest $wanted): Response
    {
        return new JsonResponse(new CellsReply(0, $this->judging->said($this->piles->get($teacher, $id), $wanted->cells)));
    }

    #[Route('/{id}', methods: ['PATCH'])]
    public function change(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] PileRequest $wanted): Response
    {
        $pile = $this->piles->get($teacher, $id);
        $this->piles->change($pile, $wanted);

        return new JsonResponse($this->judging->reply($pile));
    }

    #[Route('/{id}/papers/{paper}', methods: ['PATCH'])]
    public function changePaper(#[CurrentUser] Teacher $teacher, string $id, string $paper, #[MapRequestPayload] PaperRequest $wanted): Response
    {
        $pile = $this->piles->get($teacher, $id);
        $this->piles->changePaper($pile, $paper, $wanted);

        return new JsonResponse($this->judging->reply($pile));
    }

    #[Route('/{id}', methods: ['DELETE'])]
    public function delete(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        $this->piles->delete($this->piles->get($teacher, $id), true);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    #[Route('/{id}/restore', methods: ['POST'])]
    public function restore(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        $this->piles->delete($this->piles->get($teacher, $id, evenDeleted: true), false);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    #[Route('/{id}.csv', methods: ['GET'], priority: 1)]
    public function csv(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        $pile = $this->piles->get($teacher, $id);
        $name = (new AsciiSlugger('en'))->slug($pile->title())->lower()->toString();

        return new CsvReply(PileCsv::rows($pile), ('' === $name ? 'marks' : $name).'.csv');
    }

    /** Answers as CSV in; 422 with what cannot be read of it, and nothing is taken. */
    #[Route('/{id}/csv', methods: ['POST'])]
    public function bring(#[CurrentUser] Teacher $teacher, string $id, Request $request): Response
    {
        $this->piles->mark($teacher, $id, new CellsRequest(PileCsv::read($request->getContent(), $this->piles->get($teacher, $id))));

        return new JsonResponse($this->judging->reply($this->piles->get($teacher, $id)));
    }
}
