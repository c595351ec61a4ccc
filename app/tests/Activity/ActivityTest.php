<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Activity;

use PHPUnit\Framework\Attributes\DataProvider;
use Rostik\App\Activity\Tally;
use Rostik\App\Activity\TallyTry;
use Rostik\App\Tests\ApiTestCase;
use Rostik\Core\Activity\Activities;
use Rostik\Core\Tests\Core;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\Uid\Uuid;

final class ActivityTest extends ApiTestCase
{
    private const TALLY = '01900000-0000-4000-8000-0000000000aa';

    public function testAllAreThereWithTheMinutesOfThisClass(): void
    {
        $this->signIn();
        $all = $this->ask('GET', '/api/activities');
        self::assertSame(Core::get(Activities::class)->ids(), array_column($all, 'id'));
        foreach ($all as $one) {
            self::assertGreaterThan(0, self::in($one, 'minutes'));
        }
        // fewer children, a shorter chain
        $few = $this->ask('GET', '/api/activities?children=8');
        $minutes = static fn (array $list): mixed => array_column($list, 'minutes', 'id')['chain'];
        self::assertLessThan($minutes($all), $minutes($few));
    }

    public function testWhoNeedsNoonInTwelveMinutesGetsAGame(): void
    {
        $this->signIn();
        $one = array_column($this->ask('GET', '/api/activities?children=24&rung=across-noon'), null, 'id')['last-ferry'];
        self::assertContains('across-noon', (array) self::in($one, 'rungs'));
        self::assertLessThanOrEqual(12, self::in($one, 'minutes'));
        $game = $this->ask('GET', '/api/activities/last-ferry?children=24&rung=across-noon');
        $places = array_column((array) self::in($game, 'numbers', 'places'), 'minutes');
        self::assertSame([600, 840], [$places[0], end($places)]);
        self::assertSame([4, 4, 4, 4, 4, 4], $game['groups']);
        foreach ((array) $game['shorter'] as $shorter) {
            self::assertNotSame('from', self::in($shorter, 'option'), 'noon is still crossed');
        }
    }

    public function testAGameIsPlayedWithTheNumbersOfASheet(): void
    {
        $this->signIn();
        $sums = ['10:20 a.m. + 1 h 50 min', '7:05 a.m. to 1:40 p.m.', 'what is this', '8:15 p.m. + 35 min'];
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'The seal count', 'questions' => array_map(static fn (string $sum): array => ['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => $sum]], $sums)]);
        self::assertSame(201, $this->code(), (string) json_encode($sheet));
        $with = 'sheet='.(\is_string($sheet['id']) ? $sheet['id'] : self::fail('A sheet has an id.'));
        $borrows = array_column($this->ask('GET', '/api/activities?'.$with), 'borrows', 'id');
        self::assertSame([true, true, true, false, false], array_map(static fn (string $id): mixed => $borrows[$id], ['lotto', 'lighthouse-ring', 'skimming-stones', 'missing-digits', 'chain']));
        self::assertNotContains(true, array_column($this->ask('GET', '/api/activities'), 'borrows'));
        $lotto = $this->ask('GET', '/api/activities/lotto?'.$with);
        // 10:20 and 12:10, 7:05 and 1:40, 8:15 and 8:50, on faces
        $times = array_column((array) self::in($lotto, 'numbers', 'times'), 'minutes');
        self::assertSame([], array_filter([620, 10, 425, 100, 495, 530], static fn (int $time): bool => !\in_array($time, $times, true)));
        self::assertSame(['6 of the 27 faces show times of the sheet.'], $lotto['notes']);
        $this->ask('GET', '/print/activities/lotto?'.$with);
        self::assertSame(200, $this->code());
        $this->colleague('beryl@ombrel.example', 'Beryl Quay')->changePassword('x');
        $this->entities()->flush();
        $this->signIn('beryl@ombrel.example');
        $this->ask('GET', '/api/activities/lotto?'.$with);
        self::assertSame(404, $this->code());
    }

    public function testWhatIsChosenIsInTheNumbersAndTheSameSeedGivesTheSame(): void
    {
        $this->signIn();
        $address = '/api/activities/moved-on-cards?level=stretch&seed=7&group=3&options%5Bby%5D=20';
        $one = $this->ask('GET', $address);
        self::assertSame(20, self::in($one, 'numbers', 'by', 'minutes'));
        self::assertSame(3, $one['group']);
        self::assertSame($one, $this->ask('GET', $address));
        self::assertNotSame($one['numbers'], $this->ask('GET', str_replace('seed=7', 'seed=8', $address))['numbers']);
    }

    /** @return iterable<string, array{string, int, string}> */
    public static function impossible(): iterable
    {
        yield 'no such activity' => ['/api/activities/ferris-wheel', 404, 'There is no activity “ferris-wheel”'];
        yield 'no such choice' => ['/api/activities/last-ferry?options%5Brule%5D=never', 404, '“never” is no choice'];
        yield 'too many' => ['/api/activities/lotto?children=4000', 422, ''];
        yield 'no such level' => ['/api/activities/lotto?level=hard', 422, ''];
        yield 'a list for a choice' => ['/api/activities/last-ferry?options%5Brule%5D%5B%5D=pass', 422, ''];
        yield 'no such paper' => ['/print/activities/lotto?paper=a0', 422, ''];
        yield 'nothing to print' => ['/print/activities/ferris-wheel', 404, 'There is no activity'];
    }

    #[DataProvider('impossible')]
    public function testWhatCannotBeIsRefusedKindly(string $address, int $code, string $detail): void
    {
        $this->signIn();
        $problem = $this->ask('GET', $address);
        self::assertSame($code, $this->code(), (string) json_encode($problem));
        self::assertStringContainsString($detail, self::text($problem, 'detail'));
    }

    public function testTheClassesOwnPaceMakesTheNextEstimateBetter(): void
    {
        $this->signIn();
        $class = self::text((array) self::in($this->ask('GET', '/api/classes'), 0), 'id');
        $before = $this->ask('GET', '/api/activities/lotto');
        self::assertSame(0, $before['seen']);
        for ($i = 0; $i < 3; ++$i) {
            $this->ask('POST', '/api/classes/'.$class.'/games', ['activity' => 'lotto', 'turns' => 10, 'seconds' => 300]);
            self::assertSame(204, $this->code());
        }
        $after = $this->ask('GET', '/api/activities/lotto');
        self::assertSame(3, $after['seen']);
        // three games at 30 s weigh as much as what is usual, 14 s
        self::assertEqualsWithDelta(22, $after['seconds'], 0.01);
        self::assertGreaterThan($before['minutes'], $after['minutes']);
        $this->ask('POST', '/api/classes/'.$class.'/games', ['activity' => 'ferris-wheel', 'turns' => 10, 'seconds' => 300]);
        self::assertSame(404, $this->code());
    }

    public function testEachHasItsPaperForEveryGroupOnBothSizes(): void
    {
        $this->signIn();
        foreach (Core::get(Activities::class)->ids() as $i => $id) {
            foreach (['support', 'core', 'stretch'] as $level) {
                $this->browser->request('GET', '/print/activities/'.$id.'?children=7&group=3&level='.$level.'&paper='.(0 === $i % 2 ? 'letter' : 'a4'));
                self::assertSame(200, $this->code(), $id);
                $page = (string) $this->browser->getResponse()->getContent();
                self::assertStringContainsString('How it goes', $page, $id);
                // marks of the screen are none of the paper
                self::assertDoesNotMatchRegularExpression('/\{[hmsdx]:|style=/', $page, $id);
                // a card, a wall, a face: no two pieces share an id, and no page is empty
                self::assertDoesNotMatchRegularExpression('/<section[^>]*>\s*<\/section>/', $page, $id);
            }
        }
    }

    public function testTheChainIsPrintedForExactlyThisClass(): void
    {
        $this->signIn();
        $this->browser->request('GET', '/print/activities/chain?children=17');
        self::assertSame(17, substr_count((string) $this->browser->getResponse()->getContent(), 'Mine is <strong>'));
        $this->browser->request('GET', '/print/activities/lotto?children=5');
        self::assertSame(5, substr_count((string) $this->browser->getResponse()->getContent(), '<div class="nine">'));
    }

    public function testTriesAreTalliedAndBesideTheLastTime(): void
    {
        $this->signIn();
        $class = (array) self::in($this->ask('GET', '/api/classes'), 0);
        $at = '/api/classes/'.self::text($class, 'id').'/tallies';
        $child = self::in($class, 'children', 3, 'id');
        $tally = ['target' => 30, 'exactly' => 10, 'doing' => 'with eyes shut', 'tries' => [['tenths' => 290], ['tenths' => 289], ['tenths' => 310], ['tenths' => 311, 'child' => $child], ['tenths' => 250]]];
        $first = $this->ask('PUT', $at.'/'.self::TALLY, $tally);
        self::assertSame(200, $this->code(), (string) json_encode($first));
        self::assertSame([2, 2, 1], [$first['under'], $first['right'], $first['over']]);
        self::assertSame(['exactly', 'under', 'exactly', 'over', 'under'], array_column((array) $first['tries'], 'is'));
        self::assertSame(5, array_sum(array_column((array) $first['bars'], 'count')));
        self::assertContains('In order of length, the one in the middle is 29.0 s.', (array) $first['said']);
        self::assertNull($first['since']);
        // the same put once more changes nothing
        self::assertSame($first, $this->ask('PUT', $at.'/'.self::TALLY, $tally));
        self::assertCount(5, $this->entities()->getRepository(TallyTry::class)->findAll());
        $second = $this->ask('PUT', $at.'/01900000-0000-4000-8000-0000000000ab', ['target' => 30, 'exactly' => 10, 'tries' => [['tenths' => 301], ['tenths' => 299]]]);
        self::assertStringStartsWith('Nearer than on ', self::text($second, 'since'));
        self::assertSame(2, \count($this->ask('GET', $at)));
        $csv = $this->streamed($at.'.csv');
        self::assertSame(8, substr_count($csv, "\n"));
        self::assertStringContainsString(',30,with eyes shut,4,31.1,'.self::text((array) self::in($class, 'children', 3), 'name').',over', $csv);
        // a child that is not in the class
        $this->ask('PUT', $at.'/'.self::TALLY, ['tries' => [['tenths' => 1, 'child' => self::TALLY]]] + $tally);
        self::assertSame(422, $this->code());
        $this->ask('DELETE', $at.'/'.self::TALLY);
        self::assertSame(204, $this->code());
        $this->ask('DELETE', $at.'/'.self::TALLY);
        self::assertSame(404, $this->code());
        self::assertCount(1, $this->entities()->getRepository(Tally::class)->findBy(['deletedAt' => null]));
    }

    public function testAChildIsForgottenAtItsTriesAndComesOutWithThem(): void
    {
        $this->signIn();
        $class = (array) self::in($this->ask('GET', '/api/classes'), 0);
        $child = self::text((array) self::in($class, 'children', 3), 'id');
        $at = '/api/classes/'.self::text($class, 'id').'/tallies';
        $this->ask('PUT', $at.'/'.self::TALLY, ['target' => 30, 'exactly' => 10, 'tries' => [['tenths' => 271, 'child' => $child]]]);
        self::assertSame($child, self::in($this->ask('GET', $at), 0, 'tries', 0, 'child'));
        $this->ask('DELETE', '/api/children/'.$child.'/seen');
        self::assertSame(204, $this->code());
        self::assertNull(self::in($this->ask('GET', $at), 0, 'tries', 0, 'child'));
        self::assertSame(271, self::in($this->ask('GET', $at), 0, 'tries', 0, 'tenths'));
    }

    public function testATallyOfAnotherClassIsNotThere(): void
    {
        $this->signIn();
        $class = self::text((array) self::in($this->ask('GET', '/api/classes'), 0), 'id');
        $this->ask('PUT', '/api/classes/'.$class.'/tallies/'.self::TALLY, ['target' => 30, 'exactly' => 10]);
        $other = '01900000-0000-7000-8000-00000000c0de';
        $this->ask('PUT', '/api/classes/'.$other, ['name' => 'Sanderlings', 'children' => [], 'taught' => []]);
        foreach (['PUT', 'DELETE'] as $method) {
            $this->ask($method, '/api/classes/'.$other.'/tallies/'.self::TALLY, 'PUT' === $method ? ['target' => 10, 'exactly' => 10] : null);
            self::assertSame(404, $this->code());
        }
    }

    public function testOnTheCommandLine(): void
    {
        $command = new CommandTester((new Application(self::$kernel ?? throw new \LogicException()))->find('activity'));
        $command->execute(['id' => 'chain', '--json' => true, '--class' => '11', '--level' => 'support', '--seed' => '3']);
        $object = json_decode($command->getDisplay(), true);
        self::assertIsArray($object);
        self::assertSame(['id', 'rungs', 'turns', 'minutes', 'materials', 'numbers'], array_keys($object));
        self::assertCount(11, (array) self::in($object, 'numbers', 'cards'));
        self::assertSame(11, self::in($object, 'turns', 'p90'));
        self::assertMatchesRegularExpression('/^\d\d:\d\d$/', self::text((array) self::in($object, 'numbers', 'cards', 0), 'mine'));
        foreach ([['id' => 'ferris-wheel'], ['id' => 'lotto', '--class' => 'many'], ['id' => 'lotto', '--level' => 'hard'], ['id' => 'lotto', '--group' => '0'], ['id' => 'last-ferry', '--with' => ['rule=never']]] as $wrong) {
            self::assertSame(1, $command->execute($wrong + ['--json' => true]));
            self::assertNotSame('', self::text((array) self::in((array) json_decode($command->getDisplay(), true), 'error'), 'message'));
        }
        $command->execute(['id' => 'last-ferry']);
        self::assertStringContainsString('Scissors and paper fasteners', $command->getDisplay());
        self::assertMatchesRegularExpression('/About \d+ minutes/', $command->getDisplay());
    }
}
