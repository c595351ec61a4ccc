<?php

declare(strict_types=1);

namespace Rostik\App\Board;

use Psr\Clock\ClockInterface;
use Rostik\App\Work\WantedStyle;
use Rostik\App\Work\WorkRequest;
use Rostik\Core\Board\Board;
use Rostik\Core\Board\Clocks;
use Rostik\Core\Board\ClockSettingReader;
use Rostik\Core\Board\DayActivity;
use Rostik\Core\Board\DayTable;
use Rostik\Core\Board\Fineness;
use Rostik\Core\Board\HandsCheck;
use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Problem\StoryMaker;
use Rostik\Core\Skill\Another;
use Rostik\Core\Skill\AnotherSum;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Time\ClockHands;
use Rostik\Core\Time\TimeOfDay;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** What the board shows. Stateless: no session, no database. */
#[Route('/api/board')]
final readonly class BoardController
{
    /** How many sums like one are got ready at once. */
    private const ALIKE = 8;

    /** How many clocks make a round of practice. */
    private const CLOCKS = 20;

    public function __construct(private Board $board, private Another $another, private SumReader $reader, private MistakeBook $book, private Ladder $ladder, private StoryMaker $stories, private ClockSettingReader $setting, private ClockInterface $clock)
    {
    }

    /** A sum's text in, a {@see \Rostik\Core\Board\BoardSum} out; 422 with what was not understood. */
    #[Route('', methods: ['POST'])]
    public function show(Request $request): Response
    {
        $wanted = WorkRequest::of($request);

        return new JsonResponse($this->board->show($wanted->sum, $wanted->style ?? new Style(), $wanted->methods));
    }

    /** Other sums to go with one; 422 where it is not understood. */
    #[Route('/another', methods: ['POST'])]
    public function another(#[MapRequestPayload] AnotherRequest $wanted): Response
    {
        $sum = $this->reader->read($wanted->sum)->sum;
        if ($wanted->told) {
            $story = fn (Level $level, int $n, bool $several): AnotherSum => $this->story($several ? 'two-step-problem' : 'one-step-problem', $level, $wanted->seed + $n);

            return new JsonResponse(new AnotherReply(
                array_map(static fn (int $n): AnotherSum => $story(Level::Core, $n, $sum instanceof InTurn), range(1, self::ALIKE)),
                $story(Level::Support, 0, false),
                $story($sum instanceof InTurn ? Level::Stretch : Level::Core, 0, true),
            ));
        }
        $alike = $this->another->like($sum, self::ALIKE, $wanted->seed);
        // those in which more mistakes lead to answers of their own come first
        $tells = [];
        foreach ($alike as $other) {
            $tells[$other->sum] = \count(array_unique(array_map(static fn (Given $g): string => $g->text(), $this->book->predict($this->reader->read($other->sum)->sum))));
        }
        usort($alike, static fn (AnotherSum $a, AnotherSum $b): int => $tells[$b->sum] <=> $tells[$a->sum]);

        return new JsonResponse(new AnotherReply(
            $alike,
            $this->another->easier($sum, $wanted->seed),
            $this->another->harder($sum, $wanted->seed),
        ));
    }

    /** A problem in words from one of the stories. */
    private function story(string $rung, Level $level, int $seed): AnotherSum
    {
        $told = $this->stories->draw($rung, $level, new Dice($seed));

        return new AnotherSum($told->text.' '.$told->ask, $rung, $this->ladder->rung($rung)->can, $level);
    }

    /** How every minute and every length of the day is written, and what happens on a day. The same until the next release. */
    #[Route('/day', methods: ['GET'])]
    public function day(#[MapQueryParameter] string $style = ''): Response
    {
        return new JsonResponse(new DayReply(DayTable::in(WantedStyle::of($style)), DayActivity::all()), headers: ['Cache-Control' => 'private, max-age=3600']);
    }

    /** What is to stand on the open clock; null where what is typed is no time, length or page of the calendar. */
    #[Route('/setting', methods: ['POST'])]
    public function setting(#[MapRequestPayload] ClockSettingRequest $wanted): Response
    {
        $setting = $this->setting->read($wanted->text, $wanted->at, (int) $this->clock->now()->format('Y'), $wanted->style);

        return null === $setting ? JsonResponse::fromJsonString('null') : new JsonResponse($setting);
    }

    /** What is to be said of hands that were set. */
    #[Route('/hands', methods: ['POST'])]
    public function hands(#[MapRequestPayload] HandsRequest $set): Response
    {
        return new JsonResponse(HandsCheck::of(TimeOfDay::ofMinutes($set->wanted), ClockHands::set($set->hour, $set->minute), $set->style, $set->inWords));
    }

    /** Clocks to be read or set, in minutes since 12. */
    #[Route('/clocks', methods: ['GET'])]
    public function clocks(#[MapQueryParameter] Fineness $fineness = Fineness::OClock, #[MapQueryParameter] int $seed = 1): Response
    {
        return new JsonResponse(new ClocksReply(Clocks::draw($fineness, self::CLOCKS, $seed)));
    }
}
