<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Rostik\App\Account\Teacher;
use Rostik\App\Api\Problem;
use Rostik\App\Classroom\Classrooms;
use Rostik\App\Printing\PdfReplies;
use Rostik\Core\Activity\NoSuchActivity;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The JSON API of activities, and their paper. */
final readonly class ActivityController
{
    public function __construct(private Planning $planning, private Classrooms $classrooms, private ActivityPages $pages, private PdfReplies $pdf)
    {
    }

    #[Route('/api/activities', methods: ['GET'])]
    public function all(#[CurrentUser] Teacher $teacher, #[MapQueryString(validationFailedStatusCode: 422)] AskActivityRequest $wanted = new AskActivityRequest()): Response
    {
        return new JsonResponse($this->planning->all($teacher, $wanted));
    }

    /** 404 for one that is not there, or cannot be had in that way. */
    #[Route('/api/activities/{activity}', methods: ['GET'])]
    public function show(string $activity, #[CurrentUser] Teacher $teacher, #[MapQueryString(validationFailedStatusCode: 422)] AskActivityRequest $wanted = new AskActivityRequest()): Response
    {
        return $this->tried(fn (): Response => new JsonResponse($this->planning->reply($teacher, $activity, $wanted)));
    }

    #[Route('/api/classes/{id}/games', methods: ['POST'])]
    public function played(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] PlayedRequest $played): Response
    {
        $class = $this->classrooms->get($teacher, $id);

        return $this->tried(function () use ($class, $played): Response {
            $this->planning->played($class, $played);

            return new Response(null, Response::HTTP_NO_CONTENT);
        });
    }

    #[Route('/print/activities/{activity}', methods: ['GET'])]
    public function page(string $activity, #[CurrentUser] Teacher $teacher, #[MapQueryString(validationFailedStatusCode: 422)] AskActivityRequest $wanted = new AskActivityRequest()): Response
    {
        return $this->tried(fn (): Response => new Response($this->pages->html($this->planning->plan($teacher, $activity, $wanted), $wanted->paper, '/')));
    }

    #[Route('/print/activities/{activity}.pdf', methods: ['GET'], priority: 1)]
    public function pdf(string $activity, #[CurrentUser] Teacher $teacher, #[MapQueryString(validationFailedStatusCode: 422)] AskActivityRequest $wanted = new AskActivityRequest()): Response
    {
        return $this->tried(fn (): Response => $this->pdf->whole([$this->pages->html($this->planning->plan($teacher, $activity, $wanted), $wanted->paper, '')], $teacher, $activity.'.pdf'));
    }

    #[Route('/print/activities/{activity}.pdf/progress', methods: ['GET'], priority: 1)]
    public function progress(string $activity, #[CurrentUser] Teacher $teacher, #[MapQueryString(validationFailedStatusCode: 422)] AskActivityRequest $wanted = new AskActivityRequest()): Response
    {
        return $this->tried(fn (): Response => $this->pdf->byPage([$this->pages->html($this->planning->plan($teacher, $activity, $wanted), $wanted->paper, '')], $teacher, $activity.'.pdf'));
    }

    /** @param \Closure(): Response $act */
    private function tried(\Closure $act): Response
    {
        try {
            return $act();
        } catch (NoSuchActivity $no) {
            return Problem::response(404, 'no-such-activity', $no->getMessage());
        }
    }
}
