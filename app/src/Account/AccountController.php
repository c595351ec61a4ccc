<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Api\CannotBeHad;
use Rostik\App\Api\Problem;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** A teacher's own account. Signing in and out are done by the firewall. */
final readonly class AccountController
{
    public function __construct(private EntityManagerInterface $entities, private SessionRows $sessions, private SecondSteps $secondSteps, private Passwords $passwords, private Certainty $certainty, private Audit $audit, private Teachers $teachers)
    {
    }

    /** The teacher who is signed in, or 204 where nobody is. */
    #[Route('/api/me', name: 'api_me', methods: ['GET'])]
    public function me(#[CurrentUser] ?Teacher $teacher): Response
    {
        return null === $teacher ? new Response(null, Response::HTTP_NO_CONTENT) : new JsonResponse(MeReply::of($teacher));
    }

    /** The firewall answers whatever is sent as JSON; what is not comes here. */
    #[Route('/api/sign-in', name: 'api_sign_in', methods: ['POST'])]
    public function signIn(): Response
    {
        return Problem::response(Response::HTTP_UNSUPPORTED_MEDIA_TYPE, 'not-this-way', 'Address and password have to be sent as JSON.');
    }

    #[Route('/api/sign-out', name: 'api_sign_out', methods: ['POST'])]
    public function signOut(): Response
    {
        throw new \LogicException('The firewall answers this.');
    }

    /** The colleagues at the school, by name: those who can be given something. */
    #[Route('/api/colleagues', methods: ['GET'])]
    public function colleagues(#[CurrentUser] Teacher $teacher): Response
    {
        $others = array_filter($this->teachers->ofSchool($teacher->school()), static fn (Teacher $one): bool => $one !== $teacher && !$one->isEnded());

        return new JsonResponse(array_values(array_map(static fn (Teacher $one): ColleagueNameReply => new ColleagueNameReply($one->id()->toRfc4122(), $one->name()), $others)));
    }

    /** All of the account that its teacher sees. */
    #[Route('/api/account', methods: ['GET'])]
    public function account(#[CurrentUser] Teacher $teacher, Request $request): Response
    {
        return new JsonResponse($this->reply($teacher, $request));
    }

    /** Another name. */
    #[Route('/api/account', methods: ['PUT'])]
    public function rename(#[CurrentUser] Teacher $teacher, #[MapRequestPayload] AccountRequest $wanted, Request $request): Response
    {
        $teacher->rename(trim($wanted->name));
        $this->entities->flush();

        return new JsonResponse($this->reply($teacher, $request));
    }

    #[Route('/api/account/letter-keys', methods: ['PUT'])]
    public function letterKeys(#[CurrentUser] Teacher $teacher, #[MapRequestPayload] LetterKeysRequest $wanted): Response
    {
        $teacher->useLetterKeys($wanted->on);
        $this->entities->flush();

        return new JsonResponse(MeReply::of($teacher));
    }

    /** Another password; whoever is signed in elsewhere with the old one is signed out. */
    #[Route('/api/account/password', methods: ['PUT'])]
    public function password(#[CurrentUser] Teacher $teacher, #[MapRequestPayload] PasswordRequest $wanted, Request $request): Response
    {
        $refused = $this->certainty->refused($teacher, $wanted->now);
        if (null !== $refused) {
            return $refused;
        }
        $this->passwords->set($teacher, $wanted->next);
        $this->audit->note('password changed', $teacher);
        $this->entities->flush();
        $this->sessions->endAll($teacher->id(), $request->getSession()->getId());

        return new JsonResponse($this->reply($teacher, $request));
    }

    /** Signs out everywhere but here. */
    #[Route('/api/account/sign-ins', methods: ['DELETE'])]
    public function signOutElsewhere(#[CurrentUser] Teacher $teacher, Request $request): Response
    {
        $this->sessions->endAll($teacher->id(), $request->getSession()->getId());

        return new JsonResponse($this->reply($teacher, $request));
    }

    /** A new key for a second step, which is not in use before its first code is sent. The password is asked for. */
    #[Route('/api/account/second-step', methods: ['POST'])]
    public function beginSecondStep(#[CurrentUser] Teacher $teacher, #[MapRequestPayload] CertainRequest $wanted): Response
    {
        $refused = $this->certainty->refused($teacher, $wanted->password);
        if (null !== $refused) {
            return $refused;
        }
        if ($this->secondSteps->isInUse($teacher)) {
            throw new CannotBeHad('Two-step sign-in is on already. Turn it off first to begin with another app.');
        }
        $key = $this->secondSteps->begin($teacher);
        $this->entities->flush();

        return new JsonResponse(new SecondStepReply($key->typed(), $key->uri('Rostik', $teacher->email())));
    }

    /** Takes the key into use; with that its recovery codes are shown, this once. */
    #[Route('/api/account/second-step', methods: ['PUT'])]
    public function confirmSecondStep(#[CurrentUser] Teacher $teacher, #[MapRequestPayload] CodeRequest $wanted): Response
    {
        $codes = $this->secondSteps->isInUse($teacher) ? null : $this->secondSteps->confirm($teacher, $wanted->code);
        if (null === $codes) {
            throw new CannotBeHad('That code does not fit. Wait for the next one in your app and type it: 123 456');
        }
        $this->entities->flush();
        $this->audit->note('second step on', $teacher);

        return new JsonResponse(new RecoveryReply($codes));
    }

    /** New recovery codes; the earlier ones are void. */
    #[Route('/api/account/recovery', methods: ['POST'])]
    public function recovery(#[CurrentUser] Teacher $teacher, #[MapRequestPayload] CertainRequest $wanted): Response
    {
        $refused = $this->certainty->refused($teacher, $wanted->password);
        if (null !== $refused) {
            return $refused;
        }
        if (!$this->secondSteps->isInUse($teacher)) {
            throw new CannotBeHad('Two-step sign-in is off, so there is nothing to recover.');
        }
        $codes = $this->secondSteps->newRecovery($teacher);
        $this->entities->flush();

        return new JsonResponse(new RecoveryReply($codes));
    }

    /** Signing in takes the password alone again. */
    #[Route('/api/account/second-step', methods: ['DELETE'])]
    public function endSecondStep(#[CurrentUser] Teacher $teacher, #[MapRequestPayload] CertainRequest $wanted, Request $request): Response
    {
        $refused = $this->certainty->refused($teacher, $wanted->password);
        if (null !== $refused) {
            return $refused;
        }
        $teacher->useSecondStep(new SecondStep());
        $this->audit->note('second step off', $teacher);
        $this->entities->flush();

        return new JsonResponse($this->reply($teacher, $request));
    }

    private function reply(Teacher $teacher, Request $request): AccountReply
    {
        $step = $teacher->secondStep();

        return new AccountReply($teacher->name(), $teacher->email(), $teacher->school()->name(), $teacher->isAdministrator(), $step->inUse, \count($step->recovery), $this->sessions->of($teacher->id(), $request->getSession()->getId()));
    }
}
