<?php

declare(strict_types=1);

namespace Rostik\App\School;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Audit;
use Rostik\App\Account\Letter;
use Rostik\App\Account\Letters;
use Rostik\App\Account\Links;
use Rostik\App\Account\OneTimeLink;
use Rostik\App\Account\SecondStep;
use Rostik\App\Account\SessionRows;
use Rostik\App\Account\Teacher;
use Rostik\App\Account\Teachers;
use Rostik\App\Api\CannotBeHad;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\Classrooms;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

/**
 * What an administrator of a school does: invite colleagues, end accounts, hand classes over, say how long things are kept.
 * For everybody else none of it is there. She sees which classes there are and how many children, but no child's name or answers.
 */
#[Route('/api/school')]
#[IsGranted('ROLE_ADMINISTRATOR', statusCode: 404)]
final readonly class SchoolController
{
    public function __construct(private EntityManagerInterface $entities, private Teachers $teachers, private Classrooms $classrooms, private Links $links, private Letters $letters, private SessionRows $sessions, private ClockInterface $clock, private Audit $audit)
    {
    }

    #[Route('', methods: ['GET'])]
    public function school(#[CurrentUser] Teacher $me): Response
    {
        return new JsonResponse($this->reply($me));
    }

    /** The name of the school, and how long it keeps what. */
    #[Route('', methods: ['PUT'])]
    public function change(#[CurrentUser] Teacher $me, #[MapRequestPayload] SchoolRequest $wanted): Response
    {
        $me->school()->rename(trim($wanted->name));
        $me->school()->keep($wanted->keeping);
        $this->entities->flush();

        return new JsonResponse($this->reply($me));
    }

    /** Invites a colleague: the reply holds the link, this once. */
    #[Route('/invitations', methods: ['POST'])]
    public function invite(#[CurrentUser] Teacher $me, #[MapRequestPayload] InviteRequest $wanted, Request $request): Response
    {
        $link = $request->getSchemeAndHttpHost().'/join#'.$this->links->invite($me->school(), $wanted->name, $wanted->email, $wanted->administrator);
        $sent = $this->letters->areSent() && $this->letters->send($me->school(), $wanted->email, 'Your place in Rostik', \sprintf("Dear %s,\n\n%s invites you to Rostik at %s. With this link you choose your password; it works once, for two weeks:\n\n%s\n", trim($wanted->name), $me->name(), $me->school()->name(), $link));

        return new JsonResponse(new LinkMadeReply($link, $sent, $this->reply($me)), Response::HTTP_CREATED);
    }

    #[Route('/invitations/{id}', methods: ['DELETE'])]
    public function takeBack(string $id, #[CurrentUser] Teacher $me): Response
    {
        $link = Uuid::isValid($id) ? $this->entities->find(OneTimeLink::class, Uuid::fromString($id)) : null;
        if (null === $link || $link->school() !== $me->school()) {
            throw new NotFoundHttpException();
        }
        $this->entities->remove($link);
        $this->entities->flush();

        return new JsonResponse($this->reply($me));
    }

    #[Route('/outbox/{id}', methods: ['DELETE'])]
    public function passedOn(string $id, #[CurrentUser] Teacher $me): Response
    {
        $letter = Uuid::isValid($id) ? $this->entities->find(Letter::class, Uuid::fromString($id)) : null;
        if (null === $letter || $letter->school() !== $me->school()) {
            throw new NotFoundHttpException();
        }
        $this->entities->remove($letter);
        $this->entities->flush();

        return new JsonResponse($this->reply($me));
    }

    /** A link by which a colleague gives herself a new password. */
    #[Route('/colleagues/{id}/reset', methods: ['POST'])]
    public function reset(string $id, #[CurrentUser] Teacher $me, Request $request): Response
    {
        $colleague = $this->colleague($me, $id);
        $this->audit->note('link made', $me, ['for' => $id]);
        $link = $request->getSchemeAndHttpHost().'/reset#'.$this->links->reset($colleague);

        return new JsonResponse(new LinkMadeReply($link, false, $this->reply($me)), Response::HTTP_CREATED);
    }

    /** Takes a colleague's second step off, whose app and recovery codes are lost. */
    #[Route('/colleagues/{id}/second-step', methods: ['DELETE'])]
    public function withoutSecondStep(string $id, #[CurrentUser] Teacher $me): Response
    {
        $this->colleague($me, $id)->useSecondStep(new SecondStep());
        $this->audit->note('second step off', $me, ['of' => $id]);
        $this->entities->flush();

        return new JsonResponse($this->reply($me));
    }

    /** Whether a colleague is an administrator, and whether her account is in use. */
    #[Route('/colleagues/{id}', methods: ['PUT'])]
    public function changeColleague(string $id, #[CurrentUser] Teacher $me, #[MapRequestPayload] ColleagueRequest $wanted): Response
    {
        $colleague = $this->colleague($me, $id);
        if ($colleague === $me && (!$wanted->administrator || $wanted->ended)) {
            throw new CannotBeHad('You cannot do that to yourself: a school needs somebody who looks after it. Ask another administrator.');
        }
        $colleague->administers($wanted->administrator);
        $this->audit->note('account changed', $me, ['of' => $id, 'administrator' => $wanted->administrator ? 'yes' : 'no', 'ended' => $wanted->ended ? 'yes' : 'no']);
        if ($colleague->isEnded() !== $wanted->ended) {
            $colleague->end($wanted->ended ? $this->clock->now() : null);
        }
        $this->entities->flush();
        if ($wanted->ended) {
            $this->sessions->endAll($colleague->id());
        }

        return new JsonResponse($this->reply($me));
    }

    /** Who teaches a class from now on. A class that nobody teaches waits for somebody. */
    #[Route('/classes/{id}/teachers', methods: ['PUT'])]
    public function handOver(string $id, #[CurrentUser] Teacher $me, #[MapRequestPayload] TeachersRequest $wanted): Response
    {
        $class = Uuid::isValid($id) ? $this->entities->find(Classroom::class, Uuid::fromString($id)) : null;
        if (null === $class || $class->isDeleted() || $class->school() !== $me->school()) {
            throw new NotFoundHttpException();
        }
        $teachers = [];
        foreach ($wanted->teachers as $teacher) {
            $teachers[] = $this->colleague($me, $teacher);
        }
        $class->isTaughtByThese($teachers);
        $this->audit->note('class handed over', $me, ['class' => $id]);
        $this->entities->flush();

        return new JsonResponse($this->reply($me));
    }

    private function colleague(Teacher $me, string $id): Teacher
    {
        return $this->teachers->colleague($me, $id) ?? throw new NotFoundHttpException();
    }

    private function reply(Teacher $me): SchoolReply
    {
        $school = $me->school();
        $classes = $this->classrooms->ofSchool($school);

        return new SchoolReply(
            $school->name(),
            $school->keeping(),
            array_map(static fn (Teacher $t): ColleagueReply => new ColleagueReply($t->id()->toRfc4122(), $t->name(), $t->email(), $t->isAdministrator(), $t->isEnded(), $t->secondStep()->inUse, $t === $me), $this->teachers->ofSchool($school)),
            array_map(static fn (OneTimeLink $l): InvitationReply => new InvitationReply($l->id()->toRfc4122(), $l->name(), (string) $l->email(), $l->until()->format(\DATE_ATOM)), $this->links->invitations($school)),
            $classes,
            $this->letters->areSent(),
            array_map(static fn (Letter $l): LetterReply => new LetterReply($l->id()->toRfc4122(), $l->recipient(), $l->subject(), $l->text(), $l->writtenAt()->format(\DATE_ATOM)), $this->letters->outbox($school)),
        );
    }
}
