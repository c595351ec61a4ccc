<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Game;

use Rostik\Core\Activity\Activity;
use Rostik\Core\Activity\AtHand;
use Rostik\Core\Activity\Cautions;
use Rostik\Core\Activity\CuttingOut;
use Rostik\Core\Activity\Intro;
use Rostik\Core\Activity\Made;
use Rostik\Core\Activity\Material;
use Rostik\Core\Activity\Numbers\DayCard;
use Rostik\Core\Activity\Numbers\DayOrder;
use Rostik\Core\Activity\Sizes;
use Rostik\Core\Activity\Sort;
use Rostik\Core\Activity\Turns;
use Rostik\Core\Activity\Wanted;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Level;
use Rostik\Core\Timetable\ActivityMaker;
use Rostik\Core\Timetable\ActivityRow;
use Rostik\Core\Timetable\DayTale;
use Rostik\Core\Timetable\DayTeller;

/** What happens on one day, told in mixed order: first, next, before, after. Common practice, no source. */
final readonly class OrderOfTheDay implements Activity
{
    public function __construct(private DayTeller $teller, private ActivityMaker $days)
    {
    }

    public static function precedence(): int
    {
        return 10;
    }

    public function intro(): Intro
    {
        return new Intro(
            'order-of-the-day',
            'Order of the day',
            'First, next, before and after; and that 9 in the morning comes before 1 in the afternoon.',
            ['am-pm', 'order-times', 'across-noon'],
            Sort::Sorting,
            Sizes::groups(1, 6, 3),
            [AtHand::Board, AtHand::Printer, AtHand::Scissors],
            [CuttingOut::option()],
            [Cautions::CUTTING],
            'things',
        );
    }

    public function make(Wanted $wanted): Made
    {
        [$rows, $tale] = $this->day($wanted);
        $when = [];
        foreach ($rows as $row) {
            $when[$row->what] = $wanted->saying->time($row->start);
        }
        $cards = array_map(static fn (string $what): DayCard => new DayCard($what, $when[$what] ?? throw new \LogicException('What is told is on that day.')), $tale->things);

        return new Made(
            new DayOrder($tale->title, $cards, $tale->sentences, $tale->order),
            static fn (): Turns => Turns::fixed(\count($cards) + \count($tale->sentences)),
            Level::Support === $wanted->level ? 25.0 : 30.0,
            2.5 + CuttingOut::minutes($wanted, \count($cards)),
            [new Material('sheets with cards and sentences', $wanted->groupCount()), ...CuttingOut::materials($wanted, \count($cards))],
            [
                ...CuttingOut::steps($wanted),
                'Read the sentences one by one.',
                'Which comes first? Put the cards in their order.',
                'Turn the cards over, or look at the times: does the order agree? Mind what is before noon and what is after.',
            ],
            ['first', 'next', 'before', 'after', 'last'],
        );
    }

    /**
     * A day on which neighbours differ by their half of the day, told in another order than its own.
     *
     * @return array{list<ActivityRow>, DayTale}
     */
    private function day(Wanted $wanted): array
    {
        $count = match ($wanted->level) {
            Level::Support => 4,
            Level::Core => 5,
            Level::Stretch => 6,
        };
        for ($seed = $wanted->dice('day')->number(0, 1_000_000_000);; ++$seed) {
            $rows = $this->days->make($wanted->level, $count, $seed)->rows;
            $before = array_filter($rows, static fn (ActivityRow $row): bool => $row->start < 720);
            if (\count($rows) !== $count || [] === $before || \count($before) === $count) {
                continue;
            }
            $tale = $this->teller->tell($wanted->level, $seed, null, Writer::marked($wanted->saying->style));
            if ($tale->order !== range(0, $count - 1)) {
                return [$rows, $tale];
            }
        }
    }
}
