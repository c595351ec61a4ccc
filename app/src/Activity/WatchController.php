<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Api\Problem;
use Rostik\App\Classroom\Classrooms;
use Rostik\App\Practice\OpenPracticeRequest;
use Rostik\App\Practice\Practice;
use Rostik\App\Practice\PracticeOf;
use Rostik\App\Practice\Practices;
use Rostik\App\Practice\Seat;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The JSON API of tablets that are watches. */
final readonly class WatchController
{
    public function __construct(private Tallies $tallies, private Practices $practices, private Classrooms $classrooms, private EntityManagerInterface $entities, private ClockInterface $clock)
    {
    }

    /** Opens the practice and its tally together, so that no try comes between. 422 where a practice of the class is open already. */
    #[Route('/api/classes/{id}/watches', methods: ['POST'])]
    public function open(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] TabletWatchRequest $wanted): Response
    {
        $class = $this->classrooms->get($teacher, $id);
        $practice = $this->entities->wrapInTransaction(function () use ($teacher, $class, $wanted): Practice {
            $practice = $this->practices->open($teacher, $class, new OpenPracticeRequest(PracticeOf::Watch, target: $wanted->target));
            $this->tallies->put($class, $practice->id()->toRfc4122(), new TallyRequest($wanted->target, $wanted->exactly, [], $wanted->doing));

            return $practice;
        });

        return new JsonResponse($this->practices->reply($practice), Response::HTTP_CREATED);
    }

    /** 410 where it is over, or something else is practised. */
    #[Route('/api/go/tries', methods: ['POST'])]
    public function tried(#[CurrentUser] Seat $seat, #[MapRequestPayload] TabletTryRequest $try): Response
    {
        $practice = $seat->practice();
        if (null === $practice->target() || $seat->hasLeft() || !$practice->isOpen($this->clock->now())) {
            return Problem::response(410, 'practice-over', $practice->lastWord());
        }

        return new JsonResponse($this->tallies->fromTablet($seat, $try->n, $try->tenths));
    }
}
