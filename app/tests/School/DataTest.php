<?php

declare(strict_types=1);

namespace Rostik\App\Tests\School;

use Rostik\App\Account\Teacher;
use Rostik\App\Activity\PlayedGame;
use Rostik\App\Activity\Tally;
use Rostik\App\Activity\TallyTry;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Demo\DemoCommand;
use Rostik\App\Practice\Practice;
use Rostik\App\Practice\PracticeOf;
use Rostik\App\Practice\Put;
use Rostik\App\Practice\Seat;
use Rostik\App\Sheet\QuestionText;
use Rostik\App\Tests\ApiTestCase;
use Rostik\Core\Practice\Proposal;
use Rostik\Core\Practice\Why;
use Rostik\Core\Skill\Level;
use Symfony\Component\Uid\Uuid;

/** Everything out, in again, and erased. */
final class DataTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    /** @return array<string, string> the files of the zip that was answered */
    private function files(): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        file_put_contents($path, (string) $this->browser->getResponse()->getContent());
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($path));
        $files = [];
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $files[(string) $zip->getNameIndex($i)] = (string) $zip->getFromIndex($i);
        }
        unlink($path);

        return $files;
    }

    /** @return array<mixed> */
    private function data(string $path = '/api/account/data'): array
    {
        $this->ask('GET', $path);
        self::assertSame(200, $this->code(), $path);
        $data = json_decode($this->files()['data.json'] ?? '', true);

        return \is_array($data) ? $data : self::fail('There is no data.json.');
    }

    /** @return array<mixed> */
    private function bring(string $bytes): array
    {
        $this->browser->request('POST', '/api/account/data', server: ['HTTP_ORIGIN' => 'http://localhost', 'CONTENT_TYPE' => 'application/zip'], content: $bytes);
        $reply = json_decode((string) $this->browser->getResponse()->getContent(), true);

        return \is_array($reply) ? $reply : [];
    }

    /** Something of everything. */
    private function work(): void
    {
        $made = $this->ask('POST', '/api/sheets/make', ['title' => 'Tide table', 'aims' => [['rung' => 'add-regroup', 'count' => 3]], 'levels' => ['support', 'core'], 'classId' => $this->classId()]);
        $sheet = self::text((array) self::in($made, 'sheets', 1), 'id');
        $children = array_keys($this->children());
        $this->ask('POST', '/api/sheets/'.$sheet.'/sets', ['count' => 3, 'children' => \array_slice($children, 0, 3)]);
        $pile = $this->ask('POST', '/api/piles', ['sheetId' => $sheet]);
        $this->ask('POST', '/api/piles/'.self::text($pile, 'id').'/cells', ['cells' => [
            ['paper' => self::in($pile, 'papers', 0, 'id'), 'question' => 0, 'given' => '=5 h 85 min'],
            ['paper' => self::in($pile, 'papers', 1, 'id'), 'question' => 1, 'sign' => 'right'],
        ]]);
        $this->ask('PUT', '/api/children/'.$children[0].'/rungs/add-regroup', ['standing' => 'secure']);
        $this->ask('POST', '/api/timetables', ['title' => 'Pintail', 'vehicle' => 'boat', 'csv' => "Stop,1,2\nOmbrel Quay,07:10,08:25\nLittle Sand,07:32,08:47\n"]);
    }

    /** What a class does on its days: answers at tablets, a length that was felt, a game, and lessons. */
    private function days(): void
    {
        $id = $this->classId();
        $class = $this->entities()->find(Classroom::class, Uuid::fromString($id));
        $arden = $this->entities()->getRepository(Teacher::class)->findOneBy(['email' => 'arden@ombrel.example']);
        self::assertNotNull($class);
        self::assertNotNull($arden);
        $opened = new \DateTimeImmutable('2026-03-02 09:40:00');
        [$anouk, $bram] = $class->children();
        $practice = new Practice($class, $arden, 'seven kind boats', PracticeOf::Sheet, ['add-regroup'], [new QuestionText('1 h 50 min + 25 min')], 'Tide table', 4, true, false, $opened, $opened->modify('+20 minutes'));
        $practice->close($opened->modify('+18 minutes'), 'Well worked.');
        $practice->remember([$anouk->id()->toRfc4122() => ['add-regroup' => [[false, '2026-02-26']]]]);
        $seat = new Seat($practice, $anouk, $bram, 1, str_repeat('a', 64), $opened->modify('+1 minute'), 5);
        $seat->finish();
        $put = new Put($seat, 0, new Proposal('add-regroup', Level::Support, Why::Again, 0.625, 0), new QuestionText('1 h 50 min + 25 min', 'The walk and the ferry: how long in all?'));
        $put->was([['given' => '1 h 75', 'signal' => 'look', 'read' => '1 h 75 min', 'mistake' => 'drops-the-carry'], ['given' => '2 h 15', 'signal' => 'right', 'read' => '2 h 15 min', 'mistake' => null]], 1, false, $opened->modify('+3 minutes'));
        $tally = new Tally(Uuid::v7(), $class, 30, 15, $opened->modify('+30 minutes'), 'with eyes shut');
        // on no rung, wrong at first, and not gone back to
        $left = new Put($seat, 2, new Proposal('', Level::Core, Why::Sheet, 0.5, 0), new QuestionText('2 h + 1 h'));
        $left->was([['given' => '21', 'signal' => 'look', 'read' => '21', 'mistake' => null]], 0, false, null);
        foreach ([$practice, $seat, $put, $left, $tally, new TallyTry($tally, 0, 274, $bram), new TallyTry($tally, 1, 331, null), new PlayedGame($class, 'lotto', 14, 512, $opened->modify('+40 minutes'))] as $one) {
            $this->entities()->persist($one);
        }
        $this->entities()->flush();
        $this->ask('PUT', '/api/classes/'.$id.'/clock-times', ['times' => '3:50, ten to four']);
        $plan = $this->ask('PUT', '/api/classes/'.$id.'/plan', ['wanted' => ['across-noon'], 'had' => ['later-within-hour', 'am-pm', 'read-clock-five'], 'week' => [['weekday' => 1, 'start' => '09:40', 'minutes' => 60]], 'first' => '2093-12-07', 'lessons' => 2, 'off' => [['from' => '2093-12-14', 'to' => '2093-12-20']], 'seed' => 4]);
        self::assertSame(200, $this->code(), (string) json_encode($plan));
        $lesson = '/api/lessons/'.self::text((array) self::in($plan, 'lessons', 0), 'id');
        $this->ask('POST', $lesson.'/sheets');
        self::assertSame(201, $this->code());
        $before = $this->ask('GET', $lesson);
        $this->ask('PUT', $lesson, ['revision' => $before['revision'], 'parts' => array_column((array) $before['parts'], 'text'), 'note' => 'Begin at the harbour clock.', 'ready' => ['squared-paper']]);
        self::assertSame(200, $this->code());
        $this->ask('POST', $lesson.'/after', ['state' => 'partly', 'took' => [self::text((array) self::in($before, 'parts', 0, 'text'), 'id') => 9]]);
        self::assertSame(200, $this->code(), (string) $this->browser->getResponse()->getContent());
    }

    public function testEverythingOfATeacherComesOutAsFilesThatPeopleCanRead(): void
    {
        $this->work();
        $this->ask('GET', '/api/account/data');
        self::assertSame('application/zip', $this->browser->getResponse()->headers->get('Content-Type'));
        $files = $this->files();
        foreach (['README.txt', 'data.json', 'timetables/01-pintail.csv', 'classes/01-kittiwakes/children.csv', 'classes/01-kittiwakes/what-they-can-do.csv', 'classes/01-kittiwakes/marks/01-tide-table.csv'] as $name) {
            self::assertArrayHasKey($name, $files, implode(', ', array_keys($files)));
        }
        self::assertStringContainsString("Anouk,'=5 h 85 min,", $files['classes/01-kittiwakes/marks/01-tide-table.csv'], 'no cell is a formula');
        self::assertStringNotContainsString(DemoCommand::PASSWORD, implode('', $files));
        self::assertStringNotContainsString('argon2', implode('', $files));
    }

    /** Out, in again for a colleague, and out once more: all of it is the same but for the identities. */
    public function testWhatWasTakenOutIsBroughtInWhole(): void
    {
        $this->work();
        $this->days();
        $this->ask('GET', '/api/account/data');
        $zip = (string) $this->browser->getResponse()->getContent();
        $before = $this->data();
        $corin = $this->colleague('corin@ombrel.example', 'Corin Bell');
        $this->entities()->flush();
        $this->browser->loginUser($corin);
        $reply = $this->bring($zip);
        self::assertSame(201, $this->code(), (string) $this->browser->getResponse()->getContent());
        self::assertSame([1, 24, 1, 1, 1, 2], [$reply['classes'], $reply['children'], $reply['piles'], $reply['timetables'], $reply['practices'], $reply['lessons']]);
        self::assertSame([1, 1, 1, 1, 2], array_map(static fn (string $what): int => \count((array) $before[$what]), ['practices', 'tallies', 'games', 'courses', 'lessons']));
        self::assertSame(self::without($before), self::without($this->data()));
        // and it works there
        $shelf = $this->ask('GET', '/api/sheets');
        $sheet = self::text((array) $shelf[0], 'id');
        $sets = $this->ask('GET', '/api/sheets/'.$sheet.'/sets');
        self::assertLessThanOrEqual(1, \count($sets));
        $this->ask('GET', '/print/sheets/'.$sheet);
        self::assertSame(200, $this->code());
        $this->ask('GET', '/api/classes/'.$this->classId().'/follow-up');
        self::assertSame(200, $this->code());
        $anouk = $this->ask('GET', '/api/children/'.array_search('Anouk', $this->children(), true));
        self::assertContains('practice', array_map(static fn (mixed $one): mixed => self::in($one, 'from'), (array) $anouk['answers']), 'what was answered at a tablet is in her record');
        $plan = $this->ask('GET', '/api/classes/'.$this->classId().'/plan');
        $lesson = $this->ask('GET', '/api/lessons/'.self::text((array) self::in($plan, 'lessons', 0), 'id'));
        self::assertSame(['Begin at the harbour clock.', 'partly'], [$lesson['note'], $lesson['state']]);
        self::assertNotSame([], $lesson['sheets']);
    }

    /**
     * The same without what is new each time.
     *
     * @param array<mixed> $data
     *
     * @return array<mixed>
     */
    private static function without(array $data): array
    {
        unset($data['teacher'], $data['made']);
        array_walk_recursive($data, static function (mixed &$value): void {
            if (\is_string($value) && 1 === preg_match('/^[0-9a-f]{8}-[0-9a-f-]{27}$/', $value)) {
                $value = 'id';
            }
        });

        return $data;
    }

    public function testAClassAndAChildComeOutByThemselves(): void
    {
        $this->work();
        self::assertSame(['Kittiwakes'], self::column('name', $this->data('/api/classes/'.$this->classId().'/data'), 'classes'));
        $child = (string) array_key_first($this->children());
        $this->ask('GET', '/api/children/'.$child.'/data');
        $files = $this->files();
        self::assertStringContainsString("'=5 h 85 min", $files['answers.csv']);
        self::assertStringNotContainsString('Bram', implode('', $files), 'nothing of other children');
    }

    public function testWhatIsNoSuchFileBringsNothingIn(): void
    {
        $classes = \count($this->ask('GET', '/api/classes'));
        $bad = [
            'nothing' => '',
            'no zip' => 'bananas',
            'a broken zip' => "PK\x03\x04 bananas",
            'of a newer one' => '{"rostik": 99}',
            'a strange class' => json_encode(['rostik' => 1, 'classes' => [['id' => 'a', 'name' => str_repeat('x', 200)]]]),
            'a class, and then a strange sheet' => json_encode(['rostik' => 1, 'classes' => [['id' => 'a', 'name' => 'Terns', 'children' => [['id' => '1', 'name' => 'Wren']]]], 'sheets' => [['title' => 'x', 'questions' => [['text' => ['sum' => str_repeat('1', 999)]]]]]]),
            'a strange question' => json_encode(['rostik' => 1, 'sheets' => [['title' => 'x', 'questions' => [['text' => ['sum' => ['x']]]]]]]),
            'a strange part of a lesson' => json_encode(['rostik' => 1, 'classes' => [['id' => 'a', 'name' => 'Terns', 'children' => []]], 'lessons' => [['classId' => 'a', 'onDay' => '2093-12-07', 'rung' => 'add-regroup', 'parts' => [['id' => 'Part One!']]]]]),
            'a strange question at a tablet' => json_encode(['rostik' => 1, 'classes' => [['id' => 'a', 'name' => 'Terns', 'children' => []]], 'practices' => [['classId' => 'a', 'openedAt' => '2026-03-02', 'tablets' => [['questions' => [['rung' => 'add-regroup', 'right' => true, 'text' => ['sum' => 7]]]]]]]]),
            'more sheets than anybody keeps' => json_encode(['rostik' => 1, 'sheets' => array_fill(0, 2001, ['title' => 'x', 'questions' => []])]),
            'more classes' => json_encode(['rostik' => 1, 'classes' => array_fill(0, 61, ['id' => 'a', 'name' => 'Terns', 'children' => []])]),
            'a strange timetable' => json_encode(['rostik' => 1, 'timetables' => [['title' => 'x', 'csv' => 'bananas']]]),
        ];
        foreach ($bad as $what => $bytes) {
            $no = $this->bring((string) $bytes);
            self::assertSame(422, $this->code(), $what);
            self::assertNotSame('', $no['detail'] ?? '', $what);
            $this->entities()->clear();
        }
        self::assertCount($classes, $this->ask('GET', '/api/classes'), 'all or nothing');
    }

    /** What an older file, or another hand, has left out or got wrong is left out, and the rest is brought in. */
    public function testWhatIsNotKnownHereIsLeftOut(): void
    {
        $class = ['id' => 'a', 'name' => 'Terns', 'children' => [['id' => '1', 'name' => 'Wren']]];
        $put = ['rung' => 'add-regroup', 'right' => true, 'text' => ['sum' => '1 h + 2 h', 'wording' => '', 'challenge' => false], 'answers' => [['given' => '3 h', 'signal' => 'right', 'read' => '3 h', 'mistake' => 'no-such-mistake'], 'x']];
        $reply = $this->bring((string) json_encode(['rostik' => 1, 'classes' => [$class],
            'practices' => [
                ['classId' => 'a', 'onDay' => '2026-03-02', 'tablets' => [['child' => '1', 'questions' => [$put, ['rung' => 'no-such-rung'] + $put, ['right' => null] + $put, 7]], 'x']],
                ['classId' => 'of another file', 'onDay' => '2026-03-02'],
                ['classId' => 'a', 'onDay' => 'bananas'],
            ],
            'tallies' => [['classId' => 'a', 'onDay' => '2026-03-02', 'target' => 30, 'tries' => [['tenths' => 291, 'child' => 'nobody'], ['tenths' => -4]]]],
            'games' => [['classId' => 'a', 'activity' => 'lotto', 'turns' => 'ten', 'seconds' => 90]],
            'courses' => [['classId' => 'a', 'wanted' => ['wanted' => ['no-such-rung']]], ['classId' => 'a', 'wanted' => 'x']],
            'lessons' => [['classId' => 'a', 'onDay' => '2093-12-07', 'rung' => 'no-such-rung'], ['classId' => 'a', 'onDay' => '2093-12-07', 'rung' => 'add-regroup', 'start' => 99_999, 'took' => ['warm-up' => 9, 3], 'parts' => [['id' => 'warm-up', 'kind' => 'board']]]],
        ]));
        self::assertSame([201, 1, 1], [$this->code(), $reply['practices'] ?? null, $reply['lessons'] ?? null], (string) json_encode($reply));
        $data = array_filter($this->data(), is_array(...));
        $of = static fn (string $what): array => array_values(array_filter((array) $data[$what], static fn (mixed $one): bool => 'Terns' === (array_column((array) $data['classes'], 'name', 'id')[self::text((array) $one, 'classId')] ?? null)));
        self::assertSame([1, 1, 0, 0, 1], array_map(static fn (string $what): int => \count($of($what)), ['practices', 'tallies', 'games', 'courses', 'lessons']));
        self::assertCount(1, (array) self::in($of('practices'), 0, 'tablets', 0, 'questions'));
        self::assertSame([[['given' => '3 h', 'signal' => 'right', 'read' => '3 h', 'mistake' => null]], '3 h'], [self::in($of('practices'), 0, 'tablets', 0, 'questions', 0, 'answers'), self::in($of('practices'), 0, 'tablets', 0, 'questions', 0, 'answers', 0, 'given')]);
        self::assertSame([[291, null], [0, null]], array_map(static fn (mixed $one): array => [self::in($one, 'tenths'), self::in($one, 'child')], (array) self::in($of('tallies'), 0, 'tries')));
        self::assertSame([['warm-up' => 9], 1439], [self::in($of('lessons'), 0, 'took'), self::in($of('lessons'), 0, 'start')]);
    }

    public function testLeavingSaysFirstWhatGoesAndLeavesWhatIsShared(): void
    {
        $this->work();
        $class = $this->classId();
        $me = self::text($this->ask('GET', '/api/me'), 'id');
        self::assertSame('{"sheets":4,"copies":3,"timetables":1,"piles":1,"classes":["Kittiwakes"],"shared":[],"last":true,"can":true}', json_encode($this->ask('GET', '/api/account/erasing')));
        $corin = $this->colleague('corin@ombrel.example', 'Corin Bell');
        $this->entities()->flush();
        $this->ask('PUT', '/api/classes/'.$class.'/teachers', ['teachers' => [$me, $corin->id()->toRfc4122()]]);
        self::assertSame('{"sheets":4,"copies":3,"timetables":1,"piles":0,"classes":[],"shared":["Kittiwakes"],"last":false,"can":false}', json_encode($this->ask('GET', '/api/account/erasing')));
        $no = $this->ask('DELETE', '/api/account', ['password' => DemoCommand::PASSWORD]);
        self::assertSame(422, $this->code());
        self::assertStringContainsString('only administrator', self::text($no, 'detail'));
        $this->ask('PUT', '/api/school/colleagues/'.$corin->id()->toRfc4122(), ['administrator' => true]);
        $this->ask('DELETE', '/api/account', ['password' => 'a guess']);
        self::assertSame(422, $this->code());
        $this->ask('DELETE', '/api/account', ['password' => DemoCommand::PASSWORD]);
        self::assertSame(204, $this->code());
        $this->ask('GET', '/api/sheets');
        self::assertSame(401, $this->code());
        $this->entities()->clear();
        $again = $this->entities()->find($corin::class, $corin->id());
        self::assertNotNull($again);
        $this->browser->loginUser($again);
        $follow = $this->ask('GET', '/api/classes/'.$class.'/follow-up');
        self::assertSame(200, $this->code());
        self::assertCount(24, (array) ($follow['children'] ?? []), 'the record stays with the class');
        self::assertCount(1, $this->ask('GET', '/api/piles'));
    }

    public function testAnAdministratorErasesAnAccountThatHasEnded(): void
    {
        $corin = $this->colleague('corin@ombrel.example', 'Corin Bell');
        $this->entities()->flush();
        $path = '/api/school/colleagues/'.$corin->id()->toRfc4122();
        $this->ask('DELETE', $path);
        self::assertSame(422, $this->code(), 'ended first');
        $this->ask('PUT', $path, ['administrator' => false, 'ended' => true]);
        self::assertSame(0, $this->ask('GET', $path.'/erasing')['sheets'] ?? null);
        $this->ask('DELETE', $path);
        self::assertSame(204, $this->code());
        $this->ask('GET', $path.'/erasing');
        self::assertSame(404, $this->code());
    }
}
