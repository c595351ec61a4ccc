<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Practice;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Evidence\Seen;
use Rostik\Core\Practice\Chooser;
use Rostik\Core\Practice\Path;
use Rostik\Core\Practice\Place;
use Rostik\Core\Practice\Practised;
use Rostik\Core\Practice\Proposal;
use Rostik\Core\Practice\Why;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Tests\Core;

/**
 * Simulated children whose hidden state nobody but the test knows. They are stated here, apart from the model that is
 * tested: each slips and guesses in its own measure, some have a mistake, and some learn from what is shown to them.
 */
final class ChooserTest extends TestCase
{
    private const CHILDREN = 900;
    private const QUESTIONS = 12;
    private const TODAY = '2027-03-11';

    /** What a class of the second year has been taught: 26 rungs of the ladder. */
    private function taught(): Path
    {
        return $this->path(26);
    }

    private function path(int $rungs): Path
    {
        $ladder = Core::get(Ladder::class);
        $ids = array_map(static fn ($rung): string => $rung->id, array_values(array_filter($ladder->rungs(), static fn ($rung): bool => $rung->setting->isOfASum())));

        return Path::of($ladder, \array_slice($ids, 0, $rungs)) ?? self::fail('There are rungs.');
    }

    /**
     * @return array{within: float, rights: list<float>, asked: list<list<Practised>>} how many children are placed right to one
     *                                                                                 rung, and how often each question was right
     */
    private function simulate(Path $path, bool $chosen, int $seed): array
    {
        $ladder = Core::get(Ladder::class);
        $chooser = new Chooser();
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $share = static fn (): float => $chance->getInt(0, 1_000_000) / 1_000_000;
        $within = 0;
        $rights = array_fill(0, self::QUESTIONS, 0);
        $all = [];
        for ($child = 0; $child < self::CHILDREN; ++$child) {
            $stands = $chance->getInt(0, $path->count());
            $slips = 0.03 + 0.12 * $share();
            $guesses = 0.05 + 0.2 * $share();
            // one child in six has one of the mistakes that are looked for somewhere on its way
            $known = array_merge([], ...array_map(static fn (string $id): array => $ladder->rung($id)->mistakes, \array_slice($path->rungs, 0, max(1, $stands))));
            $mistake = $chance->getInt(1, 6) > 1 || [] === $known ? null : $known[$chance->getInt(0, \count($known) - 1)];
            $asked = [];
            for ($i = 0; $i < self::QUESTIONS; ++$i) {
                $proposal = $chosen ? $chooser->next($path, [], $asked, self::TODAY, $child) : new Proposal($path->rungs[$chance->getInt(0, $path->count() - 1)], Level::Core, Why::Learning, 0.5, 0);
                $looked = $ladder->rung($proposal->rung)->mistakes;
                $can = $path->place($proposal->rung) < $stands;
                // the numbers of a question show a mistake in about half of the cases
                $shows = null !== $mistake && \in_array($mistake, $looked, true) && 0 === $chance->getInt(0, 1) && $share() < 0.8;
                $right = !$shows && $share() < ($can ? 1 - $slips : $guesses);
                $fits = match (true) {
                    $right => null,
                    $shows => $mistake,
                    // a wrong answer is that of some mistake now and then, whatever it came from
                    default => $share() < 0.3 && [] !== $looked ? $looked[$chance->getInt(0, \count($looked) - 1)] : null,
                };
                $asked[] = new Practised($proposal->rung, $proposal->level, $right, $proposal->why, true, $fits);
                $rights[$i] += (int) $right;
                // the working was shown: now and then that is what it took
                if (!$right && $path->place($proposal->rung) === $stands && $i >= Chooser::FINDING_OUT && $share() < 0.15) {
                    ++$stands;
                }
            }
            $within += (int) (abs(Place::after($path, [], $asked)->likeliest() - $stands) <= 1);
            $all[] = $asked;
        }

        return ['within' => $within / self::CHILDREN, 'rights' => array_map(static fn (int $right): float => $right / self::CHILDREN, $rights), 'asked' => $all];
    }

    public function testAfterTwelveQuestionsItIsKnownWhereAChildStandsAndMostOfThemWereRight(): void
    {
        $chosen = $this->simulate($this->taught(), true, 7);
        $random = $this->simulate($this->taught(), false, 7);
        self::assertGreaterThanOrEqual(0.85, $chosen['within'], 'right to one rung');
        self::assertGreaterThan($random['within'] + 0.15, $chosen['within'], 'better than with random questions');

        $later = \array_slice($chosen['rights'], Chooser::FINDING_OUT);
        $rate = array_sum($later) / \count($later);
        self::assertGreaterThanOrEqual(0.7, $rate);
        self::assertLessThanOrEqual(0.9, $rate);
        foreach ($chosen['asked'] as $asked) {
            $this->keepsTheRules($asked);
        }
    }

    public function testOfTheWholeLadderNearlyAsMuchIsKnown(): void
    {
        $whole = $this->simulate($this->path(60), true, 11);
        self::assertGreaterThan(0.77, $whole['within']);
        $later = \array_slice($whole['rights'], Chooser::FINDING_OUT);
        self::assertGreaterThan(0.65, array_sum($later) / \count($later));
    }

    /** @param list<Practised> $asked */
    private function keepsTheRules(array $asked): void
    {
        foreach ($asked as $i => $one) {
            $before = \array_slice($asked, 0, $i);
            $own = array_values(array_filter($before, static fn (Practised $b): bool => $b->rung === $one->rung));
            $last = \array_slice($own, -2);
            $twice = 2 === \count($last) && $last[0]->right && $last[1]->right;
            if (Why::FindOut === $one->why) {
                self::assertLessThan(Chooser::FINDING_OUT, $i);
            }
            if (Why::Again === $one->why) {
                self::assertFalse($asked[$i - 3]->right);
                self::assertSame($one->rung, $asked[$i - 3]->rung);
            }
            // four without two right in a row: change
            self::assertFalse(\count($own) >= 4 && !$twice && [] === array_filter($own, static fn (Practised $b): bool => $b->right) && Why::FindOut !== $one->why, 'a fifth of what never went right');
        }
    }

    public function testWhatIsKnownOfEarlierDaysNeedsNotBeFoundOut(): void
    {
        $path = $this->taught();
        $before = [];
        foreach (\array_slice($path->rungs, 4, 8) as $rung) {
            $before[$rung] = [new Seen(true, '2027-03-01'), new Seen(true, '2027-03-04')];
        }
        foreach (\array_slice($path->rungs, 13, 3) as $rung) {
            $before[$rung] = [new Seen(false, '2027-03-04'), new Seen(false, '2027-03-08')];
        }
        $first = (new Chooser())->next($path, $before, [], self::TODAY, 1);
        self::assertNotSame(Why::FindOut, $first->why);
        self::assertGreaterThan(0.6, $first->chance);
    }

    public function testWhatWasSeenLongAgoComesBeforeWhatWasSeenYesterday(): void
    {
        $path = $this->path(6);
        $long = $path->rungs[1];
        $before = array_fill_keys($path->rungs, [new Seen(true, '2027-03-08'), new Seen(true, '2027-03-09'), new Seen(true, '2027-03-10')]);
        $before[$long] = [new Seen(true, '2027-01-10'), new Seen(true, '2027-01-11'), new Seen(true, '2027-01-12')];
        $next = (new Chooser())->next($path, $before, [], self::TODAY, 3);
        self::assertSame([$long, Why::Older], [$next->rung, $next->why]);
    }

    public function testWhatWentWrongComesAgainAfterTwoOthersAndEasier(): void
    {
        $path = $this->taught();
        $rung = $path->rungs[8];
        $other = $path->rungs[2];
        $wrong = new Practised($rung, Level::Core, false, Why::Learning);
        $right = new Practised($other, Level::Core, true, Why::Older);
        $chooser = new Chooser();
        self::assertNotSame(Why::Again, $chooser->next($path, [], [$wrong, $right], self::TODAY, 1)->why);
        $again = $chooser->next($path, [], [$wrong, $right, $right], self::TODAY, 1);
        self::assertSame([Why::Again, $rung, Level::Support], [$again->why, $again->rung, $again->level]);
        // once, and not for ever
        $after = new Practised($rung, Level::Support, false, Why::Again);
        self::assertNotSame(Why::Again, $chooser->next($path, [], [$wrong, $right, $right, $after, $right, $right], self::TODAY, 1)->why);
    }

    public function testTwoRightInARowOnSomethingNewAreEnough(): void
    {
        $path = $this->taught();
        $known = array_fill_keys(\array_slice($path->rungs, 0, 8), [new Seen(true, '2027-03-09'), new Seen(true, '2027-03-10')]);
        $new = $path->rungs[8];
        $asked = [new Practised($new, Level::Support, true), new Practised($new, Level::Core, true)];
        self::assertNotSame($new, (new Chooser())->next($path, $known, $asked, self::TODAY, 1)->rung);
    }

    public function testTheFormChangesEvenAmongTheQuestionsThatWait(): void
    {
        $path = Path::of(Core::get(Ladder::class), ['across-noon']) ?? self::fail('There is one.');
        $waiting = array_fill(0, 3, new Practised('across-noon', Level::Core, false, answered: false));
        self::assertSame(3, (new Chooser())->next($path, [], $waiting, self::TODAY, 1)->turn);
    }

    public function testTheSameSeedGivesTheSameChoiceAndEveryChoiceHasAReason(): void
    {
        $path = $this->taught();
        $chooser = new Chooser();
        self::assertEquals($chooser->next($path, [], [], self::TODAY, 5), $chooser->next($path, [], [], self::TODAY, 5));
        foreach (Why::cases() as $why) {
            self::assertNotSame('', $why->said());
        }
    }

    public function testAPathOfOneRungAsksForNothingElse(): void
    {
        $ladder = Core::get(Ladder::class);
        $path = Path::of($ladder, ['add-regroup', 'there-is-no-such-rung']) ?? self::fail('There is one.');
        self::assertSame(['add-regroup'], $path->rungs);
        $asked = [];
        for ($i = 0; $i < 20; ++$i) {
            $asked[] = new Practised((new Chooser())->next($path, [], $asked, self::TODAY, 1)->rung, Level::Core, 0 === $i % 2);
        }
        self::assertSame(['add-regroup'], array_values(array_unique(array_map(static fn (Practised $one): string => $one->rung, $asked))));
        self::assertNull(Path::of($ladder, ['there-is-no-such-rung']));
    }

    public function testAPathGoesFromWhatIsNeededToWhatNeedsIt(): void
    {
        $ladder = Core::get(Ladder::class);
        $path = $this->path(60);
        foreach ($path->rungs as $rung) {
            foreach (array_filter($ladder->rung($rung)->needs, $path->has(...)) as $needed) {
                self::assertLessThan($path->place($rung), $path->place($needed));
            }
        }
    }

    public function testAMistakeSaysLessOfWhereAChildStandsThanAnyOtherWrongAnswer(): void
    {
        $path = $this->taught();
        $rung = $path->rungs[9];
        $plain = Place::after($path, [], [new Practised($rung, Level::Core, false), new Practised($rung, Level::Core, false)]);
        $habit = Place::after($path, [], [new Practised($rung, Level::Core, false, mistake: 'hundred-minutes'), new Practised($rung, Level::Core, false, mistake: 'hundred-minutes')]);
        self::assertGreaterThan($plain->can($path->rungs[7]) + 0.1, $habit->can($path->rungs[7]));
    }
}
