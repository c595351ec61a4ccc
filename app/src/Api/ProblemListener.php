<?php

declare(strict_types=1);

namespace Rostik\App\Api;

use Doctrine\DBAL\Exception\RetryableException;
use Rostik\Core\Notation\NotUnderstood;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Validator\ConstraintViolation;
use Symfony\Component\Validator\Exception\ValidationFailedException;
use Twig\Environment;

/**
 * Turns every failure of the API into a problem reply that says nothing of the inside. Of what was not as expected it says
 * what the constraint says whose payload is {@see self::SAY}, and {@see CannotBeHad} what its message says: words meant for people.
 */
#[AsEventListener(event: KernelEvents::EXCEPTION, priority: -64)]
final readonly class ProblemListener
{
    /** The payload of a constraint whose message is shown to people. */
    public const SAY = 'say';

    /** @param iterable<ProblemMembers> $members */
    public function __construct(#[AutowireIterator(ProblemMembers::class)] private iterable $members, private Environment $twig)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        $path = $event->getRequest()->getPathInfo();
        $thrown = $event->getThrowable();
        if (!str_starts_with($path, '/api/') && !str_starts_with($path, '/print/')) {
            $this->page($event, $thrown instanceof HttpExceptionInterface ? $thrown->getStatusCode() : 500);

            return;
        }
        if ($thrown instanceof AuthenticationException || $thrown instanceof AccessDeniedException) {
            return;
        }
        $response = $this->response($thrown, $event->getRequest());
        if ($thrown instanceof NotUnderstood && 'handling=lenient' === $event->getRequest()->headers->get('Prefer')) {
            // while a sum is being typed, what is not yet one is no error (RFC 7240, handling=lenient)
            $response->setStatusCode(200);
            $event->allowCustomResponseCode();
        }
        $event->setResponse($response);
    }

    /** Outside the API there are people: they get a page of ours, whatever is missing. */
    private function page(ExceptionEvent $event, int $status): void
    {
        if ($event->getThrowable() instanceof AuthenticationException || $event->getThrowable() instanceof AccessDeniedException) {
            return;
        }
        [$title, $say] = match (true) {
            404 === $status => ['That is not here', 'The address may have been typed wrongly, or what was there is no longer kept.'],
            400 === $status => ['This is not an address of this school', 'Ask who looks after the machine for the right one.'],
            $status < 500 => ['That cannot be done this way', 'Go back and try again.'],
            default => ['Something went wrong on our side', 'Try again in a moment.'],
        };
        $event->setResponse(new Response($this->twig->render('not-here.html.twig', ['title' => $title, 'say' => $say]), $status));
    }

    private function response(\Throwable $thrown, Request $request): Response
    {
        if ($thrown instanceof NotUnderstood) {
            $more = ['at' => $thrown->at, 'example' => $thrown->example, 'misread' => $thrown->misread];
            foreach ($this->members as $members) {
                $more += $members->of($thrown, $request);
            }

            return Problem::response(422, $thrown->reason, $thrown->getMessage(), $more);
        }
        for ($cause = $thrown; null !== $cause; $cause = $cause->getPrevious()) {
            if ($cause instanceof RetryableException) {
                // of two at the same moment the database, or its cluster, has taken the other
                return Problem::response(409, 'at-once', 'Something else was saved at the same moment. Try again: what you typed is still here.');
            }
        }
        $status = $thrown instanceof HttpExceptionInterface ? $thrown->getStatusCode() : 500;

        return match (true) {
            404 === $status => Problem::response(404, 'not-found', 'That is not here.'),
            403 === $status => Problem::response(403, 'not-allowed', 'That is not allowed.'),
            405 === $status => Problem::response(405, 'not-this-way', 'That cannot be done this way.'),
            422 === $status || 400 === $status => Problem::response($status, 'not-as-expected', $this->said($thrown) ?? 'What was sent is not as expected.'),
            $status < 500 => Problem::response($status, 'refused', 'That could not be done.'),
            default => Problem::response(500, 'our-fault', 'Something went wrong on our side. What you typed is still here; try again.'),
        };
    }

    private function said(\Throwable $thrown): ?string
    {
        if ($thrown instanceof CannotBeHad) {
            return $thrown->getMessage();
        }
        $failed = $thrown->getPrevious();
        foreach ($failed instanceof ValidationFailedException ? $failed->getViolations() : [] as $violation) {
            $constraint = $violation instanceof ConstraintViolation ? $violation->getConstraint() : null;
            if (self::SAY === $constraint?->payload) {
                return (string) $violation->getMessage();
            }
        }

        return null;
    }
}
