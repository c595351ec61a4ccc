<?php

declare(strict_types=1);

namespace Rostik\App\Mistake;

use Rostik\App\Work\WorkRequest;
use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Skill\Another;
use Rostik\Core\Weighing\Choosing;
use Rostik\Core\Weighing\Diagnostician;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** What might go wrong with a sum, and what a wrong answer may come from. Stateless: no session, no database. */
#[Route('/api/mistakes')]
final readonly class MistakeController
{
    public function __construct(
        private SumReader $reader,
        private MistakeBook $book,
        private Diagnostician $diagnostician,
        private Choosing $choosing,
        private Another $another,
    ) {
    }

    /** A sum's text in; the likely wrong answers out. 422 with what was not understood. */
    #[Route('', methods: ['POST'])]
    public function predict(Request $request): Response
    {
        $wanted = WorkRequest::of($request);
        $style = $wanted->style ?? new Style();
        $predicted = $this->book->predict($style->states($this->reader->read($wanted->sum)->sum), false);

        return new JsonResponse(new MistakesReply($this->likely($predicted, $style)));
    }

    /** A sum and what a child wrote in; what is to be said of it out. */
    #[Route('/answer', methods: ['POST'])]
    public function answer(#[MapRequestPayload] AnswerRequest $given): Response
    {
        $judged = $this->diagnostician->judge($given->sum, $given->given);

        return new JsonResponse(new AnswerReply(
            $judged->verdict,
            $judged->given?->shown($given->style),
            $judged->expected?->shown($given->style),
            $this->likely(array_intersect_key($judged->predicted, array_flip($judged->fits)), $given->style),
            $judged->slip,
        ));
    }

    /** Sums of the same rung and level that tell its usual mistakes apart; none for a sum that is on no rung. */
    #[Route('/choose', methods: ['POST'])]
    public function choose(#[MapRequestPayload] ChooseRequest $wanted): Response
    {
        $place = $this->another->place($this->reader->read($wanted->sum)->sum);
        if (null === $place) {
            return new JsonResponse(new ChosenReply([], 0, 0));
        }
        $chosen = $this->choosing->choose($place[0], $place[1], $wanted->count, $wanted->seed);

        return new JsonResponse(new ChosenReply($chosen->sums, $chosen->separates, $chosen->separable));
    }

    /**
     * @param array<string, Given> $predicted
     *
     * @return list<LikelyReply>
     */
    private function likely(array $predicted, Style $style): array
    {
        $likely = [];
        foreach ($predicted as $id => $given) {
            $mistake = $this->book->mistake($id);
            $likely[] = new LikelyReply($id, $given->shown($style), $style->signs($mistake->may()), $style->signs($mistake->look()), $mistake->model());
        }

        return $likely;
    }
}
