<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Doctrine\DBAL\Exception\RetryableException;
use Doctrine\ORM\OptimisticLockException;
use Doctrine\Persistence\ManagerRegistry;
use Rostik\App\Account\Teacher;
use Rostik\App\Api\Problem;
use Rostik\Core\Skill\NoSuchRung;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The JSON API of a teacher's sheets. */
#[Route('/api/sheets')]
final readonly class SheetController
{
    public function __construct(private Sheets $sheets, private SheetMaking $making, private SheetSeparating $separating)
    {
    }

    #[Route('', methods: ['GET'])]
    public function shelf(#[CurrentUser] Teacher $teacher): Response
    {
        return new JsonResponse($this->sheets->shelf($teacher));
    }

    #[Route('', methods: ['POST'])]
    public function begin(#[CurrentUser] Teacher $teacher, #[MapRequestPayload] NewSheetRequest $wanted): Response
    {
        return new JsonResponse($this->sheets->reply($this->sheets->begin($teacher, $wanted)), Response::HTTP_CREATED);
    }

    /** Sheets made for their aims, one for each level; 422 for a rung that there is not. */
    #[Route('/make', methods: ['POST'], priority: 1)]
    public function make(#[CurrentUser] Teacher $teacher, #[MapRequestPayload] MakeSheetsRequest $wanted): Response
    {
        try {
            return new JsonResponse($this->making->make($teacher, $wanted), Response::HTTP_CREATED);
        } catch (NoSuchRung $none) {
            return Problem::response(422, 'no-such-rung', $none->getMessage());
        }
    }

    /** Sheets about a timetable, one for each level; 422 where the table is too wide for paper. */
    #[Route('/timetable', methods: ['POST'], priority: 1)]
    public function aboutATable(#[CurrentUser] Teacher $teacher, #[MapRequestPayload] TableSheetRequest $wanted): Response
    {
        return new JsonResponse($this->making->aboutATable($teacher, $wanted), Response::HTTP_CREATED);
    }

    /** Another question like each of those given. */
    #[Route('/others', methods: ['POST'], priority: 1)]
    public function others(#[CurrentUser] Teacher $teacher, #[MapRequestPayload] OthersRequest $wanted): Response
    {
        return new JsonResponse($this->making->others($teacher, $wanted));
    }

    #[Route('/{id}', methods: ['GET'])]
    public function show(string $id): Response
    {
        return new JsonResponse($this->sheets->reply($this->sheets->get($id)));
    }

    /** Saves the whole sheet; 409 with the sheet as it now is, where someone else changed it in the meantime. */
    #[Route('/{id}', methods: ['PUT'])]
    public function change(string $id, #[MapRequestPayload] SheetRequest $wanted, ManagerRegistry $doctrine): Response
    {
        $sheet = $this->sheets->get($id);
        try {
            $this->sheets->change($sheet, $wanted);
        } catch (OptimisticLockException|RetryableException) {
            // of two at the same moment the database has chosen the other; a failed save closes the entity manager; start again with what is stored
            $doctrine->resetManager();

            return Problem::response(409, 'changed-elsewhere', 'This sheet was changed in another window.', [
                'sheet' => $this->sheets->reply($this->sheets->get($id)),
            ]);
        }

        return new JsonResponse($this->sheets->reply($sheet));
    }

    /** The timetable of the sheet, with its questions about it and where to look; 404 where it has none. */
    #[Route('/{id}/timetable', methods: ['GET'])]
    public function timetable(string $id): Response
    {
        return new JsonResponse($this->sheets->timetable($this->sheets->get($id)));
    }

    /** Which usual mistakes the sheet brings to light and tells apart, and what would tell more. */
    #[Route('/{id}/separating', methods: ['GET'])]
    public function separating(string $id): Response
    {
        return new JsonResponse($this->separating->of($this->sheets->get($id)));
    }

    /** A duplicate; with `?levels=1` of all the sheets that were made together. */
    #[Route('/{id}/duplicate', methods: ['POST'])]
    public function duplicate(string $id, #[MapQueryParameter] bool $levels = false): Response
    {
        return new JsonResponse($this->sheets->reply($this->sheets->duplicate($this->sheets->get($id), $levels)), Response::HTTP_CREATED);
    }

    /** Takes the sheet off the shelf into the archive; with `?levels=1` all the sheets that were made together. */
    #[Route('/{id}/archive', methods: ['PUT'])]
    public function archive(string $id, #[MapQueryParameter] bool $levels = false): Response
    {
        return $this->away($id, true, $levels);
    }

    /** Puts the sheet, or all of them, back on the shelf. */
    #[Route('/{id}/archive', methods: ['DELETE'])]
    public function unarchive(string $id, #[MapQueryParameter] bool $levels = false): Response
    {
        return $this->away($id, false, $levels);
    }

    private function away(string $id, bool $away, bool $levels): Response
    {
        $sheet = $this->sheets->get($id);
        $this->sheets->archive($sheet, $away, $levels);

        return new JsonResponse($this->sheets->reply($sheet));
    }

    /** Deletes it; with `?levels=1` all the sheets that were made together. */
    #[Route('/{id}', methods: ['DELETE'])]
    public function delete(string $id, #[MapQueryParameter] bool $levels = false): Response
    {
        $this->sheets->delete($this->sheets->get($id), $levels);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** Brings back a deleted sheet, and the levels that were deleted with it. */
    #[Route('/{id}/restore', methods: ['POST'])]
    public function restore(string $id): Response
    {
        $sheet = $this->sheets->get($id, evenDeleted: true);
        $this->sheets->restore($sheet);

        return new JsonResponse($this->sheets->reply($sheet));
    }
}
