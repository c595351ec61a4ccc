<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Psr\Clock\ClockInterface;
use Rostik\App\Api\Problem;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The JSON API of the children's tablets. */
#[Route('/api/go')]
final readonly class GoController
{
    public function __construct(private Sitting $sitting, private Guessing $guessing, private ClockInterface $clock)
    {
    }

    /** The words of which codes are made, so that one is complete after a few letters; the same until the next release. */
    #[Route('/words', methods: ['GET'])]
    public function words(): Response
    {
        return new JsonResponse(Code::words(), headers: ['Cache-Control' => 'public, max-age=86400']);
    }

    /** Who may come in under a code; 404 where nothing is open under it, 429 after many wrong ones. */
    #[Route('/class', methods: ['POST'])]
    public function find(Request $request, #[MapRequestPayload] FindPracticeRequest $wanted): Response
    {
        $practice = $this->practice($request, $wanted->code);

        return $practice instanceof Practice ? new JsonResponse($this->sitting->reply($practice)) : $practice;
    }

    /** A child sits down: 201, and from now on the tablet is its own. */
    #[Route('/in', methods: ['POST'])]
    public function comeIn(Request $request, #[MapRequestPayload] ComeInRequest $wanted): Response
    {
        $practice = $this->practice($request, $wanted->code);
        if (!$practice instanceof Practice) {
            return $practice;
        }
        $secret = SeatAtTheTablet::draw();
        try {
            $seat = $this->sitting->comeIn($practice, $wanted, $secret);
        } catch (NotThosePictures $no) {
            return null === $no->wait
                ? Problem::response(422, 'not-those-pictures', $no->getMessage())
                : Problem::response(429, 'not-those-pictures', $no->getMessage(), headers: ['Retry-After' => (string) $no->wait]);
        }
        $reply = new JsonResponse($this->sitting->now($seat, [], null), Response::HTTP_CREATED);
        $reply->headers->setCookie(SeatAtTheTablet::cookie($request, $secret, $practice->endsAt()));
        $reply->headers->setCookie($this->guessing->cookie($request, $practice, $this->clock->now()));

        return $reply;
    }

    /**
     * How it stands: the questions that the tablet does not have yet, and whether it goes on.
     *
     * @param list<string> $have
     */
    #[Route('/now', methods: ['GET'])]
    public function now(#[CurrentUser] Seat $seat, #[MapQueryParameter] array $have = [], #[MapQueryParameter] ?string $on = null): Response
    {
        return new JsonResponse($this->sitting->now($seat, \array_slice(array_values(array_filter($have, is_string(...))), 0, 60), $on));
    }

    /** Answers ({@see AnswersRequest}); 410 where the practice is over. */
    #[Route('/answers', methods: ['POST'])]
    public function answer(#[CurrentUser] Seat $seat, Request $request): Response
    {
        try {
            return new JsonResponse($this->sitting->answer($seat, AnswersRequest::of($request)));
        } catch (PracticeClosed $closed) {
            return Problem::response(410, 'practice-over', $closed->getMessage());
        }
    }

    /** It stops, or was not that child after all. */
    #[Route('/out', methods: ['POST'])]
    public function out(#[CurrentUser] Seat $seat): Response
    {
        $this->sitting->leave($seat);
        $reply = new Response(null, Response::HTTP_NO_CONTENT);
        SeatAtTheTablet::clear($reply);

        return $reply;
    }

    private function practice(Request $request, string $code): Practice|Response
    {
        $wait = $this->guessing->code($request);
        if ($wait > 0) {
            return Problem::response(429, 'wait', \sprintf('Wait %s, then type the code once more.', $wait < 90 ? $wait.' seconds' : (int) ceil($wait / 60).' minutes'), headers: ['Retry-After' => (string) $wait]);
        }
        $practice = $this->sitting->byCode($code);
        if (null === $practice) {
            return Problem::response(404, 'no-such-code', 'That is not the code on the board. It is two words and a number, like: crab lamp 47');
        }
        $this->guessing->rightCode($request);

        return $practice;
    }
}
