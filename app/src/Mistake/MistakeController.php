<?php

declare(strict_types=1);

namespace Rostik\App\Mistake;

use Rostik\App\Work\WorkRequest;
use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Style;
use Rostik\Core\Skill\Another;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Weighing\Choosing;
use Rostik\Core\Weighing\Diagnostician;
use Rostik\Core\Work\Understanding;
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
        private Understanding $understanding,
        private MistakeBook $book,
        private Diagnostician $diagnostician,
        private Choosing $choosing,
        private Another $another,
        private Ladder $ladder,
    ) {
    }

    /** A sum's text in; the likely wrong answers out. 422 with what was not understood. */
    #[Route('', methods: ['POST'])]
    public function predict(Request $request): Response
    {
        $wanted = WorkRequest::of($request);
        $style = $wanted->style ?? new Style();
        $understood = $this->understanding->of($wanted->sum);
        $predicted = $this->book->predict($style->states($understood->read->sum), false, $understood->told->text ?? '');

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
        $understood = $this->understanding->of($wanted->sum);
        $sum = $understood->read->sum;
        $place = null === $understood->told ? $this->another->place($sum) : [$this->ladder->rung($sum instanceof InTurn ? 'two-step-problem' : 'one-step-problem'), Level::Core];
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
