<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Activity;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rostik\Core\Activity\Activities;
use Rostik\Core\Activity\Game\LastFerry;
use Rostik\Core\Activity\Game\LighthouseRing;
use Rostik\Core\Activity\Game\MovedOnCards;
use Rostik\Core\Activity\Game\SkimmingStones;
use Rostik\Core\Activity\Game\TimeLotto;
use Rostik\Core\Activity\Minutes;
use Rostik\Core\Activity\Numbers\Lighthouse;
use Rostik\Core\Activity\Numbers\LottoCards;
use Rostik\Core\Activity\Numbers\Pond;
use Rostik\Core\Activity\Numbers\Spinner;
use Rostik\Core\Activity\Pace;
use Rostik\Core\Activity\Turns;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;
use Rostik\Core\Tests\Core;

/** How long games of chance take: against values in closed form, and against games played by their rules alone. */
final class TurnsTest extends TestCase
{
    private static function games(): int
    {
        return '1' === getenv('ROSTIK_EVERY') ? 100_000 : 6000;
    }

    /** Each turn of a geometric game is a success with the same chance, whoever takes it: 1/p turns for any number of players. */
    public function testTheFirstOfManyIsThereAsSoonAsOneWouldBeWhereEachTurnCanEndIt(): void
    {
        foreach ([0.5, 0.2, 0.05] as $p) {
            foreach (range(1, 6) as $players) {
                $first = SkimmingStones::until(1, $p)->first($players);
                self::assertEqualsWithDelta(1 / $p, $first->expected(), 1e-6);
                // variance of the geometric distribution: (1 - p) / p² (W. Feller, An Introduction to Probability Theory and Its Applications I, from memory)
                self::assertEqualsWithDelta(sqrt(1 - $p) / $p, $first->spread(), 1e-4);
            }
        }
    }

    /** Negative binomial distribution: r/p turns, variance r(1 - p)/p² (Feller, as above). */
    public function testUntilThreeHaveRegrouped(): void
    {
        foreach ([0.25, 0.4, 0.6] as $p) {
            $turns = SkimmingStones::until(3, $p);
            self::assertEqualsWithDelta(3 / $p, $turns->expected(), 1e-6);
            self::assertEqualsWithDelta(sqrt(3 * (1 - $p)) / $p, $turns->spread(), 1e-4);
        }
    }

    /** With six faces on a ring of six places each roll leads to each place alike: the coupon collector's 6 (1 + 1/2 + … + 1/6) = 14.7. */
    public function testARingOfSixIsTheCouponCollector(): void
    {
        self::assertEqualsWithDelta(14.7, LighthouseRing::alone(range(0, 5), 6)->expected(), 1e-4);
    }

    /** The last of k called out of M is expected at k (M + 1) / (k + 1) (order statistics; H. A. David and H. N. Nagaraja, from memory). */
    public function testOneCardOfLotto(): void
    {
        self::assertEqualsWithDelta(9 * 25 / 10, TimeLotto::turns([range(0, 8)], 24, false, new Dice(1))->expected(), 1e-9);
        self::assertEqualsWithDelta(9 * 31 / 10, TimeLotto::turns([range(4, 12)], 30, false, new Dice(1))->expected(), 1e-9);
    }

    public function testAFerryThatAlwaysMovesAlike(): void
    {
        foreach ([true, false] as $exactly) {
            $turns = LastFerry::alone([[3, 1]], 12, $exactly);
            self::assertEqualsWithDelta(4, $turns->expected(), 1e-12);
            self::assertFalse($turns->isChance());
        }
        // one place to go, one sector in six that leads there: 6 turns
        self::assertEqualsWithDelta(6, LastFerry::alone([[1, 1], [2, 5]], 1, true)->expected(), 1e-6);
        self::assertEqualsWithDelta(1, LastFerry::alone([[1, 1], [2, 5]], 1, false)->expected(), 1e-12);
    }

    public function testAloneWithAllCardsEachRoundIsPlayed(): void
    {
        self::assertEqualsWithDelta(12, MovedOnCards::turns(1)->expected(), 1e-12);
        // with a card each, the first round ends it
        self::assertEqualsWithDelta(1, MovedOnCards::turns(24)->expected(), 1e-12);
    }

    /** @return iterable<string, array{string, array<string, string>}> */
    public static function rules(): iterable
    {
        yield 'last ferry, passing' => ['last-ferry', ['rule' => 'pass', 'from' => '18']];
        yield 'last ferry, exactly' => ['last-ferry', ['rule' => 'exactly', 'from' => '18']];
        yield 'moved-on cards' => ['moved-on-cards', []];
        yield 'skimming stones, five each' => ['skimming-stones', ['rule' => 'sends']];
        yield 'skimming stones, three that regroup' => ['skimming-stones', ['rule' => 'regrouped']];
        yield 'lighthouse ring, together' => ['lighthouse-ring', ['rule' => 'together']];
        yield 'lighthouse ring, each' => ['lighthouse-ring', ['rule' => 'each']];
        yield 'lotto, a row' => ['lotto', ['wins' => 'row']];
        yield 'lotto, a card' => ['lotto', ['wins' => 'card']];
    }

    /** @param array<string, string> $options */
    #[DataProvider('rules')]
    public function testExpectedTurnsAreThoseOfGamesThatWerePlayed(string $id, array $options): void
    {
        foreach (range(1, 6) as $players) {
            $planned = Core::get(Activities::class)->plan($id, $players, $players, Level::cases()[$players % 3], $players, $options, shorter: false);
            $chance = new Randomizer(new Mt19937(1000 + $players));
            $sum = $squares = 0.0;
            $within = 0;
            $p90 = $planned->turns->within(0.9);
            $games = self::games();
            for ($game = 0; $game < $games; ++$game) {
                $turns = match (true) {
                    $planned->made->numbers instanceof Spinner => self::ferry($planned->made->numbers, $players, $chance),
                    $planned->made->numbers instanceof Pond => 'sends' === $options['rule'] ? 5 * $players : self::stones($planned->made->numbers, $players, $chance),
                    $planned->made->numbers instanceof Lighthouse => self::lighthouse($planned->made->numbers, 'each' === $options['rule'] ? $players : 1, $chance),
                    $planned->made->numbers instanceof LottoCards => self::lotto($planned->made->numbers, $chance),
                    default => self::cards($players, $chance),
                };
                $sum += $turns;
                $squares += $turns ** 2;
                $within += $turns <= $p90 ? 1 : 0;
            }
            $mean = $sum / $games;
            $sd = sqrt(max(0, $squares / $games - $mean ** 2));
            $said = \sprintf('%s with %d', $id, $players);
            // within 1 %, or what chance allows where fewer games are played
            self::assertEqualsWithDelta($mean, $planned->turns->expected(), max(0.01 * $mean, 4 * $sd / sqrt($games)), $said);
            self::assertEqualsWithDelta($sd, $planned->turns->spread(), 0.03 * $sd + 1e-9, $said);
            self::assertGreaterThan(0.89, $within / $games, $said);
        }
    }

    private static function ferry(Spinner $spinner, int $players, Randomizer $chance): int
    {
        $wheel = [];
        foreach ($spinner->sectors as $sector) {
            array_push($wheel, ...array_fill(0, $sector->weight, $sector->length->minutes));
        }
        $at = array_fill(0, $players, $spinner->places[0]->minutes);
        for ($turn = 1;; ++$turn) {
            $who = ($turn - 1) % $players;
            $to = $at[$who] + $wheel[$chance->getInt(0, \count($wheel) - 1)];
            if (1440 === $to || (!$spinner->exactly && $to > 1440)) {
                return $turn;
            }
            $at[$who] = $to > 1440 ? $at[$who] : $to;
        }
    }

    private static function stones(Pond $pond, int $players, Randomizer $chance): int
    {
        $have = array_fill(0, $players, 0);
        $last = \count($pond->stones) - 1;
        for ($turn = 1;; ++$turn) {
            $a = $pond->stones[$chance->getInt(0, $last)]->minutes;
            $b = $pond->stones[$chance->getInt(0, $last)]->minutes;
            if ($a % 60 + $b % 60 > 59 && 3 === ++$have[($turn - 1) % $players]) {
                return $turn;
            }
        }
    }

    private static function lighthouse(Lighthouse $lighthouse, int $players, Randomizer $chance): int
    {
        $places = \count($lighthouse->ring);
        $at = array_fill(0, $players, 0);
        $shaded = array_fill(0, $players, []);
        for ($turn = 1;; ++$turn) {
            $who = ($turn - 1) % $players;
            $at[$who] = ($at[$who] + $chance->getInt(1, 6)) % $places;
            $shaded[$who][$lighthouse->meets[$at[$who]]] = true;
            if (\count($shaded[$who]) === \count($lighthouse->faces)) {
                return $turn;
            }
        }
    }

    private static function lotto(LottoCards $lotto, Randomizer $chance): int
    {
        $called = [];
        foreach ($chance->shuffleArray(array_keys($lotto->times)) as $call => $time) {
            $called[$time] = true;
            foreach ($lotto->cards as $card) {
                foreach ($lotto->row ? array_chunk($card, 3) : [$card] as $line) {
                    foreach ($line as $one) {
                        if (!isset($called[$one])) {
                            continue 2;
                        }
                    }

                    return $call + 1;
                }
            }
        }
        self::fail('Somebody wins.');
    }

    private static function cards(int $players, Randomizer $chance): int
    {
        $left = array_fill(0, $players, 0);
        $holder = [];
        foreach ($chance->shuffleArray(range(0, 23)) as $i => $card) {
            $holder[$card] = $i % $players;
            ++$left[$i % $players];
        }
        $hours = $chance->shuffleArray(range(0, 11));
        $minutes = $chance->shuffleArray(range(12, 23));
        foreach ($hours as $round => $hour) {
            foreach ([$hour, $minutes[$round]] as $card) {
                --$left[$holder[$card] ?? 0];
            }
            if (\in_array(0, $left, true)) {
                return $round + 1;
            }
        }
        self::fail('Somebody is without cards.');
    }

    public function testWhereGamesWerePlayedToFindItTheErrorIsStated(): void
    {
        $many = Core::get(Activities::class)->plan('lotto', 24, null, Level::Core, 3)->turns;
        self::assertNotNull($many->error);
        self::assertLessThan(0.01 * $many->expected(), $many->error);
        self::assertNull(Core::get(Activities::class)->plan('lotto', 3, null, Level::Core, 3)->turns->error);
    }

    public function testTheLastOfManyGamesEndsLaterThanOne(): void
    {
        $one = MovedOnCards::turns(4);
        self::assertSame($one->expected(), $one->last(1)->expected());
        self::assertGreaterThan($one->expected(), $one->last(6)->expected());
        self::assertEqualsWithDelta(7, Turns::fixed(7)->last(6)->expected(), 1e-12);
    }

    public function testMinutesAreSaid(): void
    {
        self::assertSame('about 10 minutes', Minutes::of(Turns::fixed(24), 6, 20, 2)->said());
        self::assertSame('about 1 minute', Minutes::of(Turns::fixed(2), 1, 20, 0)->said());
        // half of the games have 30 turns, the others 36
        self::assertSame('about 11 minutes, usually under 13', Minutes::of(Turns::played([30 => 50, 36 => 50]), 1, 20, 0)->said());
    }

    public function testTheClassesOwnPaceComesInLittleByLittle(): void
    {
        self::assertSame(20.0, Pace::of(20, []));
        self::assertSame(22.5, Pace::of(20, [['turns' => 10, 'seconds' => 300.0]]));
        // what cannot be is left out, or brought to what can
        self::assertSame(20.0, Pace::of(20, [['turns' => 0, 'seconds' => 300.0], ['turns' => 5, 'seconds' => 0.0]]));
        self::assertEqualsWithDelta((3 * 20 + 10 * 30) / 13, Pace::of(20, array_fill(0, 40, ['turns' => 1, 'seconds' => 30.0])), 1e-9);
    }
}
