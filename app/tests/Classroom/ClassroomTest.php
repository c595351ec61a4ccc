<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Classroom;

use PHPUnit\Framework\Attributes\DataProvider;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\InventedNames;
use Rostik\App\Tests\ApiTestCase;
use Symfony\Component\Uid\Uuid;

final class ClassroomTest extends ApiTestCase
{
    private const PLAIN = ['name' => 'Terns', 'children' => [['id' => '0b9d1f3e-6c0a-4c55-9a57-1c9c0de0c001', 'name' => 'Noor'], ['id' => '0b9d1f3e-6c0a-4c55-9a57-1c9c0de0c002', 'name' => 'Otis']], 'taught' => ['add-plain']];

    private const USUAL = ['halves' => 'a.m.', 'separator' => ':', 'past' => 'past', 'nameTwelve' => true, 'always24' => false, 'leadingNought' => true, 'minutesFirst' => false, 'converts' => false, 'monthFirst' => false, 'weekBegins' => 'monday', 'weekend' => 'saturday-sunday', 'totalsFirst' => false, 'timesFive' => false];

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    private function otherTeacher(): void
    {
        $other = $this->colleague('beryl@ombrel.example', 'Beryl Quay');
        $this->entities()->persist($other);
        $this->entities()->flush();
        $this->browser->loginUser($other);
    }

    public function testTheDemonstrationClassHasItsChildrenAndWhatTheyWereTaught(): void
    {
        $all = $this->ask('GET', '/api/classes');
        self::assertCount(1, $all);
        self::assertIsArray($all[0]);
        self::assertSame('Kittiwakes', $all[0]['name']);
        self::assertIsArray($all[0]['children']);
        self::assertCount(24, $all[0]['children']);
        self::assertContains('Saoirse', array_column($all[0]['children'], 'name'));
        self::assertTrue($all[0]['inHand']);
        self::assertIsArray($all[0]['taught']);
        self::assertContains('across-noon', $all[0]['taught']);
        self::assertNotContains('missing-part', $all[0]['taught']);
    }

    public function testAClassIsBegunChangedAndDeleted(): void
    {
        $id = Uuid::v4()->toRfc4122();
        [$noor, $otis] = self::PLAIN['children'];
        $made = $this->ask('PUT', '/api/classes/'.$id, ['name' => ' Terns ', 'children' => [['id' => strtoupper($noor['id']), 'name' => ' Noor'], $otis], 'taught' => ['add-regroup', 'juggling', 'add-plain']]);
        self::assertSame(200, $this->code());
        self::assertSame(['id' => $id, 'name' => 'Terns', 'children' => [$noor, $otis], 'taught' => ['add-plain', 'add-regroup'], 'methods' => [], 'style' => self::USUAL, 'weekend' => 'saturday-sunday', 'weekBegins' => 'monday', 'clockTimes' => '', 'clocks' => [], 'inHand' => false], $made, 'trimmed, and in the order of the ladder');
        self::assertSame($made, $this->ask('PUT', '/api/classes/'.$id, ['name' => 'Terns', 'children' => [$noor, $otis], 'taught' => ['add-plain', 'add-regroup']]), 'sent twice, it is there once');
        $turned = $this->ask('PUT', '/api/classes/'.$id, ['name' => 'Terns', 'children' => [$otis, ['name' => 'Noor B.'] + $noor], 'weekend' => 'friday-saturday', 'weekBegins' => 'sunday']);
        self::assertSame([[$otis, ['id' => $noor['id'], 'name' => 'Noor B.']], 'friday-saturday', 'sunday'], [$turned['children'], $turned['weekend'], $turned['weekBegins']], 'another order, another name, the same children');
        self::assertSame(['Kittiwakes', 'Terns'], array_column($this->ask('GET', '/api/classes'), 'name'));
        $this->ask('DELETE', '/api/classes/'.$id);
        self::assertSame(204, $this->code());
        self::assertSame(['Kittiwakes'], array_column($this->ask('GET', '/api/classes'), 'name'));
        $this->ask('DELETE', '/api/classes/'.$id);
        self::assertSame(404, $this->code());
        $this->ask('PUT', '/api/classes/'.$id, self::PLAIN);
        self::assertSame(404, $this->code(), 'it is brought back, and not written over');
    }

    /** @param array<string, mixed> $wrong */
    #[DataProvider('wrong')]
    public function testWhatIsWrongIsSaidKindly(array $wrong, string $words): void
    {
        $reply = $this->ask('PUT', '/api/classes/'.Uuid::v4()->toRfc4122(), $wrong + self::PLAIN);
        self::assertSame(422, $this->code());
        self::assertStringContainsString($words, (string) json_encode($reply, \JSON_UNESCAPED_UNICODE));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'no name' => [['name' => ''], 'A class needs a name: Kittiwakes'];
        yield 'a long name of a child' => [['children' => [['id' => '0b9d1f3e-6c0a-4c55-9a57-1c9c0de0c001', 'name' => str_repeat('Anouk ', 8)]]], 'A name has no more than 40 letters.'];
        yield 'too many children' => [['children' => array_map(static fn (int $i): array => ['id' => Uuid::v4()->toRfc4122(), 'name' => 'Wren '.$i], range(1, 61))], 'A class has no more than 60 children.'];
    }

    public function testNobodyElseSeesOrTakesAClass(): void
    {
        $id = Uuid::v4()->toRfc4122();
        $this->ask('PUT', '/api/classes/'.$id, self::PLAIN);
        $this->otherTeacher();
        self::assertSame([], $this->ask('GET', '/api/classes'));
        foreach ([['PUT', '', self::PLAIN], ['DELETE', '', null], ['PUT', '/in-hand', null], ['PUT', '/method', ['kind' => 'total', 'method' => 'column']], ['PUT', '/clock-times', ['times' => 'noon']]] as [$method, $path, $body]) {
            $this->ask($method, '/api/classes/'.$id.$path, $body);
            self::assertSame(404, $this->code(), $method.$path);
        }
        // nor a child of it
        $this->ask('PUT', '/api/classes/'.Uuid::v4()->toRfc4122(), self::PLAIN);
        self::assertSame(404, $this->code());
        $this->ask('PUT', '/api/classes/none', self::PLAIN);
        self::assertSame(404, $this->code());
    }

    public function testTheClassInHandIsTheOneTakenUpLast(): void
    {
        $inHand = fn (): array => array_column(array_filter($this->ask('GET', '/api/classes'), static fn (mixed $class): bool => \is_array($class) && true === $class['inHand']), 'name');
        self::assertSame(['Kittiwakes'], $inHand());
        $kittiwakes = $this->classId();
        $id = Uuid::v4()->toRfc4122();
        $this->ask('PUT', '/api/classes/'.$id, self::PLAIN);
        self::assertSame(['Kittiwakes'], $inHand(), 'to begin another is not to take it up');
        self::assertTrue($this->ask('PUT', '/api/classes/'.$id.'/in-hand')['inHand']);
        self::assertSame(['Terns'], $inHand());
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Ferry']);
        self::assertSame($id, $sheet['classId'], 'a sheet is for the class in hand');
        $this->ask('PUT', '/api/classes/'.$kittiwakes, ['name' => 'Kittiwakes']);
        self::assertSame(['Terns'], $inHand(), 'to write in the other is not to take it up');
        self::assertTrue($this->ask('PUT', '/api/classes/'.$kittiwakes.'/in-hand')['inHand']);
        self::assertSame(['Kittiwakes'], $inHand());
        self::assertSame($kittiwakes, $this->ask('POST', '/api/sheets', ['title' => 'Ferry'])['classId']);
    }

    public function testAClassHasTimesOfItsOwnForTheClock(): void
    {
        $class = $this->classId();
        $now = $this->ask('PUT', '/api/classes/'.$class.'/clock-times', ['times' => "3:50\nten to four\nhalf past 8"]);
        self::assertSame([[230, 230, 510], "3:50\nten to four\nhalf past 8"], [$now['clocks'], $now['clockTimes']]);
        $refused = $this->ask('PUT', '/api/classes/'.$class.'/clock-times', ['times' => "3:50\nlunch"]);
        self::assertSame(422, $this->code());
        self::assertStringContainsString('lunch', \is_string($refused['detail']) ? $refused['detail'] : '');
        // what was there stays, and to change the class does not touch it
        self::assertSame([230, 230, 510], self::in($this->ask('GET', '/api/classes'), 0, 'clocks'));
        $this->ask('PUT', '/api/classes/'.$class, ['name' => 'Kittiwakes']);
        self::assertSame([230, 230, 510], self::in($this->ask('GET', '/api/classes'), 0, 'clocks'));
        self::assertSame([], $this->ask('PUT', '/api/classes/'.$class.'/clock-times', ['times' => ''])['clocks']);
    }

    public function testEachWindowHasAClassInHandOfItsOwn(): void
    {
        $kittiwakes = $this->classId();
        $terns = Uuid::v4()->toRfc4122();
        $this->ask('PUT', '/api/classes/'.$terns, self::PLAIN);
        /** @return array<string, string> */
        $window = static fn (string $class): array => ['HTTP_ORIGIN' => 'http://localhost', 'HTTP_ROSTIK_CLASS' => $class];
        // one window takes up the Terns; the other goes on with its own
        $this->ask('PUT', '/api/classes/'.$terns.'/in-hand', null, $window($terns));
        self::assertSame([$terns], $this->inHandIn($window($terns)));
        self::assertSame([$kittiwakes], $this->inHandIn($window($kittiwakes)));
        self::assertSame($kittiwakes, $this->ask('POST', '/api/sheets', ['title' => 'Ferry'], $window($kittiwakes))['classId']);
        self::assertSame($terns, $this->ask('POST', '/api/sheets', ['title' => 'Ferry'], $window($terns))['classId']);
        // a new window has not said yet; one that says what there is not, or what is another's, has said nothing
        foreach ([$window(''), $window('none'), $window(Uuid::v4()->toRfc4122())] as $server) {
            self::assertSame([$terns], $this->inHandIn($server));
        }
    }

    /**
     * @param array<string, string> $server as a window sends it
     *
     * @return list<mixed> ids of the class in hand
     */
    private function inHandIn(array $server): array
    {
        return array_column(array_filter($this->ask('GET', '/api/classes', null, $server), static fn (mixed $class): bool => \is_array($class) && true === $class['inHand']), 'id');
    }

    /** What the class writes stands on its sheets, on their paper and in their key; what is worked is asked for in it. */
    public function testEachClassHasItsWayOfWriting(): void
    {
        $style = ['halves' => 'am', 'separator' => '.'] + self::USUAL;
        $class = $this->classId();
        $kept = $this->ask('GET', '/api/classes')[0] ?? null;
        self::assertIsArray($kept);
        self::assertSame($style, $this->ask('PUT', '/api/classes/'.$class, ['style' => $style] + array_filter($kept, is_string(...), \ARRAY_FILTER_USE_KEY))['style']);
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Ferry', 'questions' => [['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => '1:50 pm + 3 h 30 min']]]]);
        self::assertIsArray($sheet['questions']);
        self::assertSame(['{h:5}.{m:20} {x:pm}'], array_column($sheet['questions'], 'answer'));
        self::assertSame(['1:50 pm + 3 h 30 min'], self::texts($sheet, 'sum'), 'what was typed stays');
        self::assertIsString($sheet['id']);
        $this->browser->request('GET', '/print/sheets/'.$sheet['id'].'?part=worked');
        $paper = $this->printed();
        self::assertStringContainsString('1.50 pm + 3 h 30 min', $paper);
        self::assertStringContainsString('5.20 pm', $paper);
        self::assertDoesNotMatchRegularExpression('/[1-9]:\d\d|[ap]\.m\./', strip_tags($paper));
        $worked = $this->ask('POST', '/api/work', ['sum' => '1:50 pm + 3 h 30 min', 'style' => ['always24' => true, 'leadingNought' => 'yes']]);
        self::assertIsArray($worked['answer']);
        self::assertSame(['1:50 p.m. + 3 h 30 min', '{h:13}:{m:50} + {h:3 h} {m:30 min}', '17:20'], [$worked['sum'], $worked['shown'], $worked['answer']['text']]);
        $board = $this->ask('POST', '/api/board', ['sum' => '1:50 pm + 3 h 30 min', 'style' => $style]);
        self::assertIsArray($board['worked']);
        self::assertSame('{h:1}.{m:50} {x:pm} + {h:3 h} {m:30 min}', $board['worked']['shown']);
        $day = $this->ask('GET', '/api/board/day?style='.urlencode((string) json_encode(['halves' => 'AM'])));
        self::assertIsArray($day['table']);
        self::assertIsArray($day['table']['halves']);
        self::assertSame(['{x:AM}', '{x:PM}'], [$day['table']['halves'][0], $day['table']['halves'][1439]]);
        $likely = $this->ask('POST', '/api/mistakes', ['sum' => '1:50 pm + 3 h 30 min', 'style' => $style])['likely'];
        self::assertIsArray($likely);
        self::assertContains('5.20 am', array_column($likely, 'answer'));
        // what is sent in some other way is as usual
        foreach (['', 'x', '[]', '{"halves":7}'] as $odd) {
            $this->ask('GET', '/api/board/day?style='.urlencode($odd));
            self::assertSame(200, $this->code(), $odd);
        }
        $this->ask('PUT', '/api/classes/'.$class, ['name' => 'Kittiwakes', 'style' => ['halves' => 'forenoon']]);
        self::assertSame(422, $this->code());
    }

    public function testEachClassHasMethodsOfItsOwn(): void
    {
        $path = '/api/classes/'.$this->classId().'/method';
        $class = $this->ask('PUT', $path, ['kind' => 'elapsed', 'method' => 'column']);
        self::assertSame(200, $this->code());
        self::assertSame([['kind' => 'elapsed', 'method' => 'column']], $class['methods']);
        self::assertSame([$class], $this->ask('GET', '/api/classes'));
        foreach ([['kind' => 'elapsed', 'method' => 'juggling'], ['kind' => 'juggling', 'method' => 'column']] as $wrong) {
            $this->ask('PUT', $path, $wrong);
            self::assertSame(422, $this->code());
        }
        self::assertSame([], $this->ask('PUT', $path, ['kind' => 'elapsed', 'method' => null])['methods']);
        $this->browser->restart();
        $this->ask('PUT', $path, ['kind' => 'elapsed', 'method' => 'column']);
        self::assertSame(401, $this->code());
    }

    /** Not in the register, not on copies, nowhere in any table. */
    public function testAnErasedClassOrChildLeavesItsNameNowhere(): void
    {
        $id = Uuid::v4()->toRfc4122();
        $children = [['id' => Uuid::v4()->toRfc4122(), 'name' => 'Zebulonia'], ['id' => Uuid::v4()->toRfc4122(), 'name' => 'Quillarius']];
        $this->ask('PUT', '/api/classes/'.$id, ['name' => 'Oystercatcherissima', 'children' => $children]);
        $this->ask('PUT', '/api/classes/'.$id.'/in-hand');
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Ferry', 'questions' => [['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => '9:20 am to 1:05 pm']]]]);
        self::assertIsString($sheet['id']);
        $set = $this->ask('POST', '/api/sheets/'.$sheet['id'].'/sets', ['count' => 2, 'children' => array_column($children, 'id')]);
        self::assertIsArray($set['copies']);
        self::assertSame(['Zebulonia', 'Quillarius'], array_column($set['copies'], 'name'));
        self::assertSame([1, 1, 1], [$this->timesKept('Zebulonia'), $this->timesKept('Quillarius'), $this->timesKept('Oystercatcherissima')]);

        $this->ask('PUT', '/api/classes/'.$id, ['name' => 'Oystercatcherissima', 'children' => [$children[1]]]);
        $this->ask('DELETE', '/api/deleted/child/'.$children[0]['id']);
        self::assertSame([0, 1], [$this->timesKept('Zebulonia'), $this->timesKept('Quillarius')]);
        $this->ask('DELETE', '/api/classes/'.$id);
        self::assertSame(204, $this->code());
        $this->ask('DELETE', '/api/deleted/class/'.$id);
        self::assertSame(204, $this->code());
        self::assertSame([0, 0], [$this->timesKept('Quillarius'), $this->timesKept('Oystercatcherissima')]);

        // the sheet and its copies are there, for no class and nobody
        $sheet = $this->ask('GET', '/api/sheets/'.$sheet['id']);
        self::assertNull($sheet['classId']);
        self::assertIsString($sheet['id']);
        $sets = $this->ask('GET', '/api/sheets/'.$sheet['id'].'/sets');
        self::assertIsArray($sets[0]);
        self::assertIsArray($sets[0]['copies']);
        self::assertSame(['', ''], array_column($sets[0]['copies'], 'name'));
        $this->browser->request('GET', '/print/sheets/'.$sheet['id'].'?part=both&set='.(\is_string($set['id']) ? $set['id'] : ''));
        self::assertSame(200, $this->code());
    }

    /** In questions told with its name, in titles and notes, on copies, papers and at tablets: by other letters than ASCII's, too. */
    #[DataProvider('erasings')]
    public function testTheNameOfAnErasedChildGoesOutOfEveryText(string $how): void
    {
        [$id, $gone, $stays] = [Uuid::v4()->toRfc4122(), Uuid::v4()->toRfc4122(), Uuid::v4()->toRfc4122()];
        $this->ask('PUT', '/api/classes/'.$id, ['name' => 'Terns', 'children' => [['id' => $gone, 'name' => 'Zéphyrette'], ['id' => $stays, 'name' => 'Zéphyr']]]);
        $this->ask('PUT', '/api/classes/'.$id.'/in-hand');
        $words = 'Zéphyrette leaves at 1:50 p.m. and walks for 25 minutes with Zéphyr. When is Zéphyrette’s walk over?';
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'For Zéphyrette', 'questions' => [['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => '1:50 pm + 25 min', 'wording' => $words]]]]);
        $at = '/api/sheets/'.self::text($sheet, 'id');
        $this->ask('POST', $at.'/sets', ['count' => 2, 'children' => [$gone, $stays]]);
        $pile = $this->ask('POST', '/api/piles', ['sheetId' => self::text($sheet, 'id')]);
        $this->ask('POST', '/api/piles/'.self::text($pile, 'id').'/cells', ['cells' => [['paper' => self::in($pile, 'papers', 0, 'id'), 'question' => 0, 'sign' => 'right']]]);
        $practice = $this->ask('POST', '/api/classes/'.$id.'/practices', ['of' => 'sheet', 'sheet' => self::text($sheet, 'id')]);
        $this->ask('POST', '/api/go/in', ['code' => self::text($practice, 'code'), 'child' => $stays]);
        self::assertSame(201, $this->code());
        $this->signIn();
        $plan = $this->ask('PUT', '/api/classes/'.$id.'/plan', ['wanted' => ['across-noon'], 'had' => [], 'week' => [['weekday' => 1, 'start' => '09:40', 'minutes' => 60]], 'first' => '2093-12-07', 'lessons' => 1, 'off' => [], 'seed' => 4]);
        $lesson = '/api/lessons/'.self::text((array) self::in($plan, 'lessons', 0), 'id');
        $before = $this->ask('GET', $lesson);
        $this->ask('PUT', $lesson, ['revision' => $before['revision'], 'parts' => array_column((array) $before['parts'], 'text'), 'note' => 'Ask Zéphyrette first.', 'ready' => []]);
        self::assertSame(200, $this->code());
        $this->entities()->clear();
        self::assertGreaterThan(8, $this->timesKept('Zéphyrette'));

        if ('child' === $how) {
            // what was seen of another one is put away, with a question that tells of this one
            $this->ask('DELETE', '/api/children/'.$stays.'/seen');
            self::assertSame(204, $this->code());
        }
        match ($how) {
            'child' => $this->ask('PUT', '/api/classes/'.$id, ['name' => 'Terns', 'children' => [['id' => $stays, 'name' => 'Zéphyr']]]),
            'class' => $this->ask('DELETE', '/api/classes/'.$id),
            default => $this->ask('DELETE', '/api/children/'.$gone.'/seen'),
        };
        self::assertGreaterThan(8, $this->timesKept('Zéphyrette'), 'it can be brought back');
        $deleted = array_values(array_filter($this->ask('GET', '/api/deleted'), static fn (mixed $one): bool => self::in($one, 'kind') === $how))[0] ?? null;
        $this->ask('DELETE', '/api/deleted/'.$how.'/'.self::text((array) $deleted, 'id'));
        self::assertSame(204, $this->code());
        $this->entities()->clear();
        self::assertSame('record' === $how ? 1 : 0, $this->timesKept('Zéphyrette'), 'but for the register, where the child stays');
        $wording = self::in($this->ask('GET', $at), 'questions', 0, 'text', 'wording');
        self::assertIsString($wording);
        self::assertMatchesRegularExpression('/^([A-Z]\w+) leaves at 1:50 p\.m\. and walks for 25 minutes with '.('class' === $how ? '[A-Z]\w+' : 'Zéphyr').'\. When is \1’s walk over\?$/u', $wording);
    }

    /** @return iterable<string, array{string}> */
    public static function erasings(): iterable
    {
        yield 'a child' => ['child'];
        yield 'a class' => ['class'];
        yield 'what was seen' => ['record'];
    }

    public function testTwoAlikeAreToldApartHoweverTheyAreWritten(): void
    {
        $id = Uuid::v4()->toRfc4122();
        $class = $this->ask('PUT', '/api/classes/'.$id, ['name' => 'Terns', 'children' => array_map(static fn (string $name): array => ['id' => Uuid::v4()->toRfc4122(), 'name' => $name], ['Noor', 'noor', 'Noor 2', "Noe\u{301}", "No\u{e9}", 'Ann  Lee', 'Ann Lee', str_repeat('a', 40), str_repeat('a', 40)])]);
        self::assertSame(200, $this->code());
        $names = array_column((array) $class['children'], 'name');
        self::assertSame(['Noor', 'noor 3', 'Noor 2', "Noe\u{301}", "No\u{e9} 2", 'Ann  Lee', 'Ann Lee 2', str_repeat('a', 40), str_repeat('a', 37).' 2'], $names);
    }

    public function testNamesThatAreWordsStayWordsInTextsOfTheTeachersOwn(): void
    {
        $id = Uuid::v4()->toRfc4122();
        $this->ask('PUT', '/api/classes/'.$id, ['name' => 'Terns', 'children' => array_map(static fn (string $name): array => ['id' => Uuid::v4()->toRfc4122(), 'name' => $name], ['Will', 'Ann', 'Noor B.', 'Noor', 'K.', '7'])]);
        $class = $this->entities()->find(Classroom::class, Uuid::fromString($id));
        self::assertNotNull($class);
        $names = InventedNames::for(...$class->children());
        self::assertSame('Will it be 7 o’clock? Ann-Marie and Annabel say so, K. does not.', $names->in('Will it be 7 o’clock? Ann-Marie and Annabel say so, K. does not.'));
        self::assertMatchesRegularExpression('/^([A-Z][a-z]+) rows for 7 minutes\.$/', $names->in('Will rows for 7 minutes.', true));
        self::assertStringNotContainsString('B.', $names->in('Noor B. leaves.'));
        self::assertStringNotContainsString('Ann', $names->in('Ann, and Ann’s ferry.'));
        self::assertSame($names->in('Ann'), $names->in('Ann'), 'always the same one');
    }

    /** In how many fields of all the tables a word stands. */
    private function timesKept(string $word): int
    {
        $database = $this->entities()->getConnection();
        $found = 0;
        foreach ($database->createSchemaManager()->introspectTables() as $table) {
            foreach ($database->fetchAllAssociative('SELECT * FROM '.$table->getObjectName()->toSQL($database->getDatabasePlatform())) as $row) {
                $found += \count(array_filter($row, static fn (mixed $field): bool => \is_string($field) && (str_contains($field, $word) || str_contains($field, trim((string) json_encode($word), '"')))));
            }
        }

        return $found;
    }

    public function testWhatHasNotBeenTaughtStandsBesideTheQuestion(): void
    {
        $id = Uuid::v4()->toRfc4122();
        $this->ask('PUT', '/api/classes/'.$id, ['taught' => ['how-long-across-hours']] + self::PLAIN);
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Ferry', 'questions' => [['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => '9:20 am to 1:05 pm']], ['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => '9:20 am to 10:15 am']]]]);
        self::assertIsString($sheet['id']);
        $codes = function (array $settings, ?string $class) use (&$sheet): array {
            $sheet = $this->ask('PUT', '/api/sheets/'.(\is_string($sheet['id']) ? $sheet['id'] : ''), ['version' => $sheet['version'], 'title' => 'Ferry', 'questions' => $sheet['questions'], 'settings' => $settings, 'classId' => $class]);
            self::assertIsArray($sheet['questions']);

            return array_map(static fn ($q): array => \is_array($q) && \is_array($q['warnings']) ? array_column($q['warnings'], 'text') : [], $sheet['questions']);
        };
        self::assertSame([['Not yet taught: “I can go across noon.”'], []], $codes([], $id));
        self::assertSame([[], []], $codes(['aims' => ['across-noon']], $id), 'it is what the sheet is to teach');
        self::assertSame([[], []], $codes([], null));
        self::assertSame([['It crosses noon, though it should not.'], []], $codes(['limits' => ['noon' => false]], null));
    }
}
