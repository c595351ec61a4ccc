<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Deleted;

use Rostik\App\Account\Keeping;
use Rostik\App\Account\School;
use Rostik\App\Account\Teacher;
use Rostik\App\Activity\Tally;
use Rostik\App\Activity\TallyTry;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Practice\PictureSign;
use Rostik\App\Practice\Practice;
use Rostik\App\Practice\PracticeOf;
use Rostik\App\Practice\Put;
use Rostik\App\Practice\Seat;
use Rostik\App\Sheet\QuestionText;
use Rostik\App\Tests\ApiTestCase;
use Rostik\App\Tests\SlowClock;
use Rostik\Core\Practice\Proposal;
use Rostik\Core\Practice\Why;
use Rostik\Core\Skill\Level;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\NativeClock;
use Symfony\Component\Uid\Uuid;

/** One of each kind is deleted, the page is left, it is brought back: every table is as it was. */
final class DeletedTest extends ApiTestCase
{
    /** @var array<string, string> */
    private array $made = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->everything();
    }

    /** Something of every kind, of which each hangs together with others. */
    private function everything(): void
    {
        $sheets = $this->ask('POST', '/api/sheets/make', ['title' => 'Tide table', 'aims' => [['rung' => 'add-regroup', 'count' => 3]], 'levels' => ['support', 'core', 'stretch'], 'classId' => $this->classId()]);
        $sheet = self::text((array) self::in($sheets, 'sheets', 1), 'id');
        $children = array_keys($this->children());
        $set = $this->ask('POST', '/api/sheets/'.$sheet.'/sets', ['count' => 3, 'children' => \array_slice($children, 0, 3)]);
        $pile = $this->ask('POST', '/api/piles', ['sheetId' => $sheet]);
        $this->ask('POST', '/api/piles/'.self::text($pile, 'id').'/cells', ['cells' => [
            ['paper' => self::in($pile, 'papers', 0, 'id'), 'question' => 0, 'given' => '=5 h 85 min'],
            ['paper' => self::in($pile, 'papers', 1, 'id'), 'question' => 1, 'sign' => 'right'],
        ]]);
        $this->ask('PUT', '/api/children/'.$children[0].'/rungs/add-regroup', ['standing' => 'secure']);
        $table = $this->ask('POST', '/api/timetables', ['title' => 'Skua', 'vehicle' => 'boat', 'csv' => "Stop,1,2\nOmbrel Quay,07:10,08:25\nLittle Sand,07:32,08:47\n"]);
        $plan = $this->ask('PUT', '/api/classes/'.$this->classId().'/plan', ['wanted' => ['across-noon'], 'had' => [], 'week' => [['weekday' => 1, 'start' => '09:40', 'minutes' => 60]], 'first' => '2093-12-07', 'lessons' => 3, 'off' => [], 'seed' => 4]);
        self::assertSame(200, $this->code());
        $this->ask('PUT', '/api/classes/'.$this->classId().'/groups', ['groups' => [['kind' => 'unsure', 'cause' => null, 'rung' => null, 'reason' => 'Not in a group yet.', 'look' => '', 'children' => [$children[0], $children[1]]]]]);
        $id = $this->classId();
        $class = $this->entities()->find(Classroom::class, Uuid::fromString($id));
        $arden = $this->entities()->getRepository(Teacher::class)->findOneBy(['email' => 'arden@ombrel.example']);
        self::assertNotNull($class);
        self::assertNotNull($arden);
        $opened = new \DateTimeImmutable('2026-03-02 09:40:00');
        [$anouk, $bram] = $class->children();
        $practice = new Practice($class, $arden, 'seven kind boats', PracticeOf::Sheet, ['add-regroup'], [new QuestionText('1 h 50 min + 25 min')], 'Tide table', 4, true, false, $opened, $opened->modify('+20 minutes'));
        $practice->remember([$anouk->id()->toRfc4122() => ['add-regroup' => [[false, '2026-02-26']]], $bram->id()->toRfc4122() => ['add-regroup' => [[true, '2026-02-26']]]]);
        $pair = new Seat($practice, $anouk, $bram, 1, str_repeat('a', 64), $opened->modify('+1 minute'), 5);
        $alone = new Seat($practice, $anouk, null, 1, str_repeat('b', 64), $opened->modify('+2 minutes'), 5);
        $tally = new Tally(Uuid::v7(), $class, 30, 15, $opened->modify('+30 minutes'), 'with eyes shut');
        $rows = [$practice, $pair, $alone, $tally, new TallyTry($tally, 0, 274, $anouk), new TallyTry($tally, 1, 331, $bram), new PictureSign($anouk, str_repeat('c', 64))];
        foreach ([[$pair, 0], [$pair, 1], [$alone, 0]] as [$seat, $place]) {
            $put = new Put($seat, $place, new Proposal('add-regroup', Level::Support, Why::Again, 0.625, 0), new QuestionText('1 h 50 min + 25 min'));
            $put->was([['given' => '2 h 15', 'signal' => 'right', 'read' => '2 h 15 min', 'mistake' => null]], 0, true, $opened->modify('+3 minutes'));
            $rows[] = $put;
        }
        foreach ($rows as $one) {
            $this->entities()->persist($one);
        }
        $this->entities()->flush();
        $this->entities()->clear();
        $this->made = [
            'class' => $id,
            'child' => $children[0],
            'sheet' => $sheet,
            'set' => self::text($set, 'id'),
            'pile' => self::text($pile, 'id'),
            'lesson' => self::text((array) self::in($plan, 'lessons', 1), 'id'),
            'practice' => $practice->id()->toRfc4122(),
            'timetable' => self::text($table, 'id'),
            'tally' => $tally->id()->toRfc4122(),
        ];
    }

    /** @return iterable<string, array{string, string, string}> kind, what is deleted, and what is no longer seen then */
    private static function kinds(): iterable
    {
        yield 'class' => ['class', '/api/classes/{class}', '/api/classes/{class}/follow-up'];
        yield 'sheet' => ['sheet', '/api/sheets/{sheet}', '/api/sheets/{sheet}'];
        yield 'three levels' => ['sheet', '/api/sheets/{sheet}?levels=1', '/api/sheets/{sheet}'];
        yield 'copies' => ['copies', '/api/sheets/{sheet}/sets/{set}', '/print/sheets/{sheet}?part=both&set={set}'];
        yield 'pile' => ['pile', '/api/piles/{pile}', '/api/piles/{pile}'];
        yield 'lesson' => ['lessons', '/api/lessons/{lesson}', '/api/lessons/{lesson}'];
        yield 'practice' => ['practice', '/api/practices/{practice}', '/api/practices/{practice}'];
        yield 'timetable' => ['timetable', '/api/timetables/{timetable}', ''];
        yield 'tries' => ['tally', '/api/classes/{class}/tallies/{tally}', ''];
        yield 'what was seen of a child' => ['record', '/api/children/{child}/seen', ''];
        yield 'what was seen of a class' => ['record', '/api/classes/{class}/seen', ''];
    }

    /** One after the other, each beginning with what the one before has left. */
    public function testItIsAsItWas(): void
    {
        // what is deleted together is one thing, however long it takes
        Clock::set(new SlowClock());
        $before = $this->tables();
        foreach (self::kinds() as $name => [$kind, $what, $seen]) {
            $this->ask('DELETE', $this->address($what));
            self::assertContains($this->code(), [200, 204], $name);
            self::assertNotEquals($before, $this->tables(), $name.': something is away');
            if ('' !== $seen) {
                $this->ask('GET', $this->address($seen));
                self::assertSame(404, $this->code(), $name.': it is not seen any more');
            }
            $this->comesBack($kind);
            self::assertEquals($before, $this->tables(), $name);
        }
    }

    /** And a child that leaves: its paper, its answers, its groups come back with it. */
    public function testAChildIsAsItWas(): void
    {
        $before = $this->tables();
        $class = $this->classRow();
        $this->ask('PUT', '/api/classes/'.$this->made['class'], ['children' => \array_slice((array) $class['children'], 1)] + $class);
        self::assertSame(200, $this->code());
        $this->ask('GET', '/api/children/'.$this->made['child']);
        self::assertSame(404, $this->code());
        self::assertNotContains('Anouk', array_column((array) $this->ask('GET', '/api/piles/'.$this->made['pile'])['papers'], 'name'));
        $this->comesBack('child');
        // those who stayed have been numbered anew meanwhile; the register itself is put back as it stood
        $this->ask('PUT', '/api/classes/'.$this->made['class'], $class);
        self::assertEquals($before, $this->tables());
    }

    public function testWhatIsPlannedAnewGivesWayToThePlanThatComesBack(): void
    {
        $lessons = fn (): array => array_column((array) $this->ask('GET', '/api/classes/'.$this->made['class'].'/plan')['lessons'], 'id');
        $before = $lessons();
        $this->ask('PUT', '/api/classes/'.$this->made['class'].'/plan', ['wanted' => ['add-regroup'], 'had' => [], 'week' => [['weekday' => 1, 'start' => '09:40', 'minutes' => 60]], 'first' => '2093-12-07', 'lessons' => 3, 'off' => [], 'seed' => 5]);
        self::assertSame([], array_filter($lessons(), static fn (mixed $id): bool => \in_array($id, $before, true)));
        $gone = $this->gone('lessons');
        self::assertSame('Lessons of a plan', $gone['name']);
        $this->ask('POST', '/api/deleted/lessons/'.self::text($gone, 'id').'/restore');
        self::assertSame($before, $lessons(), 'no time has two lessons');
    }

    public function testItIsNobodyElsesAndGoesAfterItsTime(): void
    {
        $this->ask('DELETE', '/api/piles/'.$this->made['pile']);
        $this->ask('DELETE', '/api/timetables/'.$this->made['timetable']);
        $this->colleague('corin@ombrel.example', 'Corin Bell')->changePassword('no password');
        $this->entities()->flush();
        $this->signIn('corin@ombrel.example');
        self::assertSame([], $this->ask('GET', '/api/deleted'));
        foreach (['POST' => '/restore', 'DELETE' => ''] as $method => $way) {
            $this->ask($method, '/api/deleted/pile/'.$this->made['pile'].$way);
            self::assertSame(404, $this->code());
        }
        $this->signIn();
        $this->ask('POST', '/api/deleted/boat/'.$this->made['pile'].'/restore');
        self::assertSame(404, $this->code(), 'there is no such kind');
        self::assertCount(2, $this->ask('GET', '/api/deleted'));
        $school = $this->entities()->getRepository(School::class)->findOneBy([]);
        $school?->keep(new Keeping(deletedDays: 2));
        $this->entities()->flush();
        foreach (['pile', 'timetable'] as $table) {
            $this->entities()->getConnection()->executeStatement('UPDATE '.$table.' SET deleted_at = NOW() - INTERVAL 3 DAY WHERE deleted_at IS NOT NULL');
        }
        $this->entities()->clear();
        self::assertSame([], $this->ask('GET', '/api/deleted'), 'it is gone, whether the night has been or not');
        $this->ask('POST', '/api/deleted/pile/'.$this->made['pile'].'/restore');
        self::assertSame(404, $this->code());
    }

    /** A class that is deleted is nowhere: its tablets end, its calendar is none, its sheets are of no class. */
    public function testADeletedClassIsNowhere(): void
    {
        $class = $this->made['class'];
        $practice = $this->ask('POST', '/api/classes/'.$class.'/practices', ['of' => 'rungs', 'rungs' => ['add-regroup']]);
        $feed = $this->ask('POST', '/api/classes/'.$class.'/plan/feed');
        $this->ask('DELETE', '/api/classes/'.$class);
        self::assertSame(204, $this->code());
        self::assertSame([], $this->ask('GET', '/api/classes'));
        self::assertNull($this->ask('GET', '/api/sheets/'.$this->made['sheet'])['classId']);
        $this->ask('POST', '/api/go/class', ['code' => self::text($practice, 'code')]);
        self::assertSame(404, $this->code());
        $this->browser->request('GET', self::text($feed, 'path'));
        self::assertSame(404, $this->code());
        foreach ([['PUT', '/teachers', ['teachers' => []]], ['PUT', '', ['name' => 'Terns', 'children' => []]], ['GET', '/data', null]] as [$method, $way, $body]) {
            $this->ask($method, '/api/classes/'.$class.$way, $body);
            self::assertSame(404, $this->code(), $method.$way);
        }
        $this->ask('PUT', '/api/school/classes/'.$class.'/teachers', ['teachers' => []]);
        self::assertSame(404, $this->code());
        self::assertSame([], (array) $this->ask('GET', '/api/school')['classes']);
        $this->comesBack('class');
        $this->browser->request('GET', self::text($feed, 'path'));
        self::assertSame(200, $this->code());
        self::assertSame($class, $this->ask('GET', '/api/sheets/'.$this->made['sheet'])['classId']);
    }

    protected function tearDown(): void
    {
        Clock::set(new NativeClock());
        parent::tearDown();
    }

    /** The page has been left: all that is known is what the list of deleted things says. */
    private function comesBack(string $kind): void
    {
        $this->entities()->clear();
        $gone = $this->gone($kind);
        $this->ask('POST', '/api/deleted/'.$kind.'/'.self::text($gone, 'id').'/restore');
        self::assertSame(204, $this->code());
        self::assertSame([], $this->ask('GET', '/api/deleted'), 'nothing of it is left there');
        $this->ask('POST', '/api/deleted/'.$kind.'/'.self::text($gone, 'id').'/restore');
        self::assertSame(404, $this->code(), 'once is enough');
        $this->entities()->clear();
    }

    /** @return array<mixed> */
    private function gone(string $kind): array
    {
        $all = $this->ask('GET', '/api/deleted');
        self::assertSame([$kind], array_column($all, 'kind'), 'as one thing');
        self::assertIsArray($all[0]);

        return $all[0];
    }

    private function address(string $path): string
    {
        return (string) preg_replace_callback('/\{(\w+)\}/', fn (array $name): string => $this->made[$name[1]] ?? self::fail($name[1]), $path);
    }

    /** @return array<string, mixed> of the class, as it is sent */
    private function classRow(): array
    {
        $class = array_column($this->ask('GET', '/api/classes'), null, 'id')[$this->made['class']] ?? [];
        self::assertIsArray($class);

        return array_intersect_key($class, ['name' => 1, 'children' => 1, 'taught' => 1, 'style' => 1, 'weekend' => 1, 'weekBegins' => 1]);
    }

    /**
     * What a practice keeps of earlier days is by child, in whatever order.
     *
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    private static function inOrder(array $row): array
    {
        $earlier = \is_string($row['earlier'] ?? null) ? json_decode($row['earlier'], true) : null;
        if (\is_array($earlier)) {
            ksort($earlier);
            $row['earlier'] = json_encode($earlier);
        }

        return $row;
    }

    /**
     * Every row of every table but what says when somebody was here, and what is worked out of the others.
     *
     * @return array<string, list<string>> by table, in whatever order they stand
     */
    private function tables(): array
    {
        $database = $this->entities()->getConnection();
        $all = [];
        foreach ($database->createSchemaManager()->introspectTables() as $table) {
            $name = $table->getObjectName()->toSQL($database->getDatabasePlatform());
            if (1 === preg_match('/sign_in|tries|migration|teaching|kept_seen/', $name)) {
                continue;
            }
            $rows = array_map(static fn (array $row): string => json_encode(array_map(static fn (mixed $value): mixed => \is_string($value) && !mb_check_encoding($value, 'UTF-8') ? bin2hex($value) : $value, array_diff_key(self::inOrder($row), ['changed_at' => 1, 'version' => 1])), \JSON_THROW_ON_ERROR), $database->fetchAllAssociative('SELECT * FROM '.$name));
            sort($rows);
            $all[$name] = $rows;
        }

        return $all;
    }
}
