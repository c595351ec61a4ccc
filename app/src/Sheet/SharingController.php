<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Account\Teachers;
use Rostik\App\Api\CannotBeHad;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\Classrooms;
use Rostik\App\Classroom\InventedNames;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Uuid;

/** Sheets from hand to hand: given to a colleague as a copy, or put on the shelf of the school for all to take copies of. */
final readonly class SharingController
{
    public function __construct(private Sheets $sheets, private SheetRepository $repository, private Teachers $teachers, private Quota $quota, private Classrooms $classrooms, private EntityManagerInterface $entities, private ClockInterface $clock, private Security $security)
    {
    }

    /** A copy of the sheet, with those that were made together with it, for a colleague. */
    #[Route('/api/sheets/{id}/give', methods: ['POST'])]
    public function give(string $id, #[CurrentUser] Teacher $teacher, #[MapRequestPayload] GiveRequest $wanted): Response
    {
        $sheet = $this->sheets->get($id);
        $colleague = $this->teachers->colleague($teacher, $wanted->to);
        if (null === $colleague || $colleague->isEnded()) {
            throw new CannotBeHad('That colleague is not at this school any more.');
        }
        $this->handOut($sheet, $colleague);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** Puts the sheet, with those that were made together with it, on the shelf of the school. */
    #[Route('/api/sheets/{id}/shared', methods: ['PUT'])]
    public function share(string $id): Response
    {
        return $this->put($id, $this->clock->now());
    }

    #[Route('/api/sheets/{id}/shared', methods: ['DELETE'])]
    public function unshare(string $id): Response
    {
        return $this->put($id, null);
    }

    /** The shelf of the school. */
    #[Route('/api/school-shelf', methods: ['GET'])]
    public function shelf(#[CurrentUser] Teacher $teacher): Response
    {
        return new JsonResponse($this->repository->shared($teacher->school()));
    }

    /** Takes a copy from the shelf of the school. */
    #[Route('/api/sheets/{id}/take', methods: ['POST'])]
    public function take(string $id, #[CurrentUser] Teacher $teacher): Response
    {
        $sheet = Uuid::isValid($id) ? $this->repository->find(Uuid::fromString($id)) : null;
        if (null === $sheet || !$this->security->isGranted(SheetVoter::TAKE, $sheet)) {
            throw new NotFoundHttpException();
        }

        return new JsonResponse($this->sheets->reply($this->handOut($sheet, $teacher, sharedAlone: !$sheet->belongsTo($teacher))), Response::HTTP_CREATED);
    }

    /** @return Sheet the copy of this very sheet */
    private function handOut(Sheet $sheet, Teacher $to, bool $sharedAlone = false): Sheet
    {
        $family = array_filter($this->repository->family($sheet), static fn (Sheet $one): bool => !$sharedAlone || $one->isShared());
        $family = [] === $family ? [$sheet] : $family;
        $this->quota->sheets($to, \count($family));
        $together = Uuid::v7();
        $copy = null;
        $owner = $sheet->owner();
        $names = InventedNames::for(...array_merge(...array_map(static fn (Classroom $class): array => $class->children(), [...$this->classrooms->of($owner), ...array_filter([$sheet->classroom()])])));
        foreach ($family as $one) {
            $given = $one->givenTo($to, $names, $this->clock->now());
            if (\count($family) > 1) {
                $given->join($together);
            }
            $this->entities->persist($given);
            $copy = null === $copy || $one === $sheet ? $given : $copy;
        }
        $this->entities->flush();

        return $copy;
    }

    private function put(string $id, ?\DateTimeImmutable $at): Response
    {
        $sheet = $this->sheets->get($id);
        $family = $this->repository->family($sheet);
        foreach ([] === $family ? [$sheet] : $family as $one) {
            $one->share($at);
        }
        $this->entities->flush();

        return new Response(null, Response::HTTP_NO_CONTENT);
    }
}
