<?php

declare(strict_types=1);

namespace Rostik\App\Problem;

use Rostik\App\Api\Problem;
use Rostik\App\Work\WantedStyle;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Problem\StoryMaker;
use Rostik\Core\Problem\Told;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\NoSuchRung;
use Rostik\Core\Work\Telling;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** Reads problems in words. Stateless: no session, no database. */
final readonly class ProblemController
{
    private const SOME = 5;

    public function __construct(private Telling $telling, private SumReader $reader, private StoryMaker $stories, private Ladder $ladder)
    {
    }

    /** The words of a question in, a {@see \Rostik\Core\Work\ToldProblem} out: what was understood of them, and whether their sum is the one that stands there. */
    #[Route('/api/problem', name: 'api_problem', methods: ['POST'])]
    public function read(Request $request): Response
    {
        $wanted = ReadRequest::of($request);
        try {
            $sum = '' === trim($wanted->sum) ? null : $this->reader->read($wanted->sum)->sum;
        } catch (NotUnderstood) {
            // that is said beside the sum itself
            $sum = null;
        }

        return new JsonResponse($this->telling->text($wanted->text, $wanted->style, $sum));
    }

    /** Problems in words for a rung, drawn from the stories of the island; 404 for a rung that is not told. */
    #[Route('/api/problems', name: 'api_problems', methods: ['GET'])]
    public function some(#[MapQueryParameter] string $rung = 'later-across-hour', #[MapQueryParameter] Level $level = Level::Core, #[MapQueryParameter] int $seed = 1, #[MapQueryParameter] string $style = ''): Response
    {
        try {
            $wanted = $this->ladder->rung($rung);
        } catch (NoSuchRung $none) {
            return Problem::response(404, 'no-such-rung', $none->getMessage());
        }
        if (!$this->stories->tells($wanted)) {
            return Problem::response(404, 'not-told', 'There are no stories for that yet.');
        }

        return new JsonResponse(array_map(fn (Told $told): StoryReply => new StoryReply($told->question()->wording, \sprintf('%s [%s]', $told->question()->wording, $this->stories->written($told))), $this->stories->make($wanted, $level, self::SOME, $seed, WantedStyle::of($style))));
    }
}
