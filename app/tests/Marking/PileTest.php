<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Marking;

use Rostik\App\Account\Teacher;
use Rostik\App\Data\Tidying;
use Rostik\App\Tests\ApiTestCase;
use Symfony\Component\Uid\Uuid;

/** Piles of papers by way of the API: laid out, marked, merged, put away, taken out and in as CSV. */
final class PileTest extends ApiTestCase
{
    private const SUMS = ['3 h 40 min + 2 h 45 min', '6 h 10 min - 3 h 45 min', '1:50 p.m. + 3 h 30 min'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    /** @param list<array<string, mixed>> $texts */
    private function sheet(array $texts = []): string
    {
        $texts = [] === $texts ? array_map(static fn (string $sum): array => ['sum' => $sum], self::SUMS) : $texts;

        return self::text($this->ask('POST', '/api/sheets', ['title' => 'Tide', 'questions' => array_map(static fn (array $text): array => ['id' => Uuid::v4()->toRfc4122(), 'text' => $text], $texts)]), 'id');
    }

    /**
     * @param array<string, mixed> $wanted
     *
     * @return array<mixed>
     */
    private function pile(array $wanted): array
    {
        $pile = $this->ask('POST', '/api/piles', $wanted);
        self::assertSame(201, $this->code(), (string) json_encode($pile));

        return $pile;
    }

    /** @param array<mixed> $pile */
    private static function paper(array $pile, int $place): string
    {
        $id = self::in($pile, 'papers', $place, 'id');

        return \is_string($id) ? $id : self::fail('no paper');
    }

    /**
     * @param array<mixed>               $pile
     * @param list<array<string, mixed>> $cells
     *
     * @return array<mixed>
     */
    private function mark(array $pile, array $cells, int $since = 0): array
    {
        $marked = $this->ask('POST', '/api/piles/'.self::text($pile, 'id').'/cells', ['cells' => $cells, 'since' => $since]);
        self::assertSame(200, $this->code(), (string) json_encode($marked));

        return $marked;
    }

    public function testAClassIsMarkedAndEachAnswerIsJudged(): void
    {
        $pile = $this->pile(['sheetId' => $this->sheet(), 'on' => '2027-03-11']);
        self::assertSame(['Tide', '2027-03-11', 'Kittiwakes', 24], [$pile['title'], $pile['on'], $pile['className'], \count((array) $pile['papers'])]);
        self::assertSame('Anouk', self::in($pile, 'papers', 0, 'name'));
        self::assertSame('6 h 25 min', self::in($pile, 'parts', 0, 'questions', 0, 'answer'));
        // the usual wrong answers come with the question, each with its causes
        self::assertContains('5 h 85 min', self::column('text', $pile, 'parts', 0, 'questions', 0, 'usual'));
        self::assertContains('leaves-over-sixty', self::column('id', $pile, 'causes'));
        $anouk = self::paper($pile, 0);
        $marked = $this->mark($pile, [
            ['paper' => $anouk, 'question' => 0, 'given' => '5h85'],
            ['paper' => $anouk, 'question' => 1, 'sign' => 'right'],
            ['paper' => $anouk, 'question' => 2, 'given' => '5:20'],
            ['paper' => self::paper($pile, 1), 'question' => 0, 'sign' => 'blank'],
            ['paper' => self::paper($pile, 1), 'question' => 1, 'given' => '2 h 25 min', 'over' => false],
        ]);
        $cells = (array) $marked['cells'];
        self::assertSame(['wrong', 'right', 'right', 'blank', 'wrong'], self::column('counts', $cells));
        self::assertSame(['5 h 85 min', ['hundred-minutes', 'leaves-over-sixty']], [self::in($cells, 0, 'read'), self::in($cells, 0, 'fits')]);
        self::assertSame('incomplete', self::in($cells, 2, 'verdict'));
        // what is right but for the half of the day counts as the teacher says
        $strict = $this->ask('PATCH', '/api/piles/'.self::text($pile, 'id'), ['nearlyCounts' => false]);
        self::assertSame(['wrong', 'right', 'nearly', 'blank', 'wrong'], self::column('counts', $strict, 'cells'));
        // taken back
        $back = $this->mark($pile, [['paper' => $anouk, 'question' => 0]], (int) (\is_int($marked['revision']) ? $marked['revision'] : 0));
        self::assertSame([null], self::column('counts', (array) $back['cells']));
        self::assertSame(['right', 'nearly', 'blank', 'wrong'], self::column('counts', $this->ask('GET', '/api/piles/'.self::text($pile, 'id')), 'cells'));
        self::assertSame([24, 2], [self::in($this->ask('GET', '/api/piles'), 0, 'papers'), self::in($this->ask('GET', '/api/piles'), 0, 'marked')]);
    }

    /** Two windows, or two teachers, on one pile: each gets what the other did, and nothing is lost. */
    public function testWhatAnotherWindowMarkedComesBack(): void
    {
        $pile = $this->pile(['sheetId' => $this->sheet()]);
        $this->mark($pile, [['paper' => self::paper($pile, 0), 'question' => 0, 'sign' => 'right']]);
        // the other window knows nothing of it yet
        $other = $this->mark($pile, [['paper' => self::paper($pile, 0), 'question' => 1, 'given' => '3 h 35 min']]);
        self::assertSame([[0, 'right'], [1, 'wrong']], array_map(static fn (mixed $cell): array => [self::in($cell, 'question'), self::in($cell, 'counts')], (array) $other['cells']));
        $new = $this->mark($pile, [], \is_int($other['revision']) ? $other['revision'] : 0);
        self::assertSame([], $new['cells']);
        // a paper that is none of the pile: nothing of what was sent is kept
        $stranger = $this->pile(['sheetId' => $this->sheet()]);
        $this->ask('POST', '/api/piles/'.self::text($pile, 'id').'/cells', ['cells' => [['paper' => self::paper($pile, 2), 'question' => 0, 'sign' => 'right'], ['paper' => self::paper($stranger, 0), 'question' => 0, 'sign' => 'right']]]);
        self::assertSame(404, $this->code());
        self::assertCount(2, (array) $this->ask('GET', '/api/piles/'.self::text($pile, 'id'))['cells']);
    }

    public function testCopiesAreFoundByTheirCodesWithKeysOfTheirOwn(): void
    {
        $sheet = $this->sheet();
        $children = \array_slice($this->children(), 0, 3);
        $set = $this->ask('POST', '/api/sheets/'.$sheet.'/sets', ['count' => 3, 'children' => array_keys($children), 'seed' => 4]);
        $pile = $this->pile(['sheetId' => $sheet, 'set' => $set['id']]);
        self::assertSame(self::column('code', $set, 'copies'), self::column('code', $pile, 'papers'));
        self::assertSame(['Anouk', 'Bram', 'Cleo'], self::column('name', $pile, 'papers'));
        $answers = array_map(static fn (int $i): mixed => self::in($pile, 'papers', $i, 'own', 0, 'answer'), [0, 1, 2]);
        self::assertCount(3, array_unique($answers, \SORT_REGULAR));
        $marked = $this->mark($pile, array_map(static fn (int $i): array => ['paper' => self::paper($pile, $i), 'question' => 0, 'given' => $answers[1]], [0, 1, 2]));
        self::assertSame(['wrong', 'right', 'wrong'], self::column('counts', (array) $marked['cells']));
    }

    public function testLevelsOfOneFamilyAreOnePileAndAbsentPapersCanComeLater(): void
    {
        $made = $this->ask('POST', '/api/sheets/make', ['title' => 'Ferry', 'aims' => [['rung' => 'add-regroup', 'count' => 3]], 'levels' => ['support', 'core', 'stretch'], 'seed' => 3]);
        $pile = $this->pile(['sheetId' => self::in($made, 'sheets', 1, 'id')]);
        self::assertSame(['support', 'core', 'stretch'], self::column('name', $pile, 'parts'));
        $id = self::text($pile, 'id');
        $changed = $this->ask('PATCH', '/api/piles/'.$id.'/papers/'.self::paper($pile, 3), ['part' => 2, 'absent' => true]);
        self::assertSame([2, true], [self::in($changed, 'papers', 3, 'part'), self::in($changed, 'papers', 3, 'absent')]);
        self::assertSame(23, self::in($this->ask('GET', '/api/piles'), 0, 'papers'));
        $stretch = self::in($pile, 'parts', 2, 'questions', 0, 'answer');
        self::assertSame(['right'], self::column('counts', (array) $this->mark($pile, [['paper' => self::paper($pile, 3), 'question' => 0, 'given' => $stretch]])['cells']));
        self::assertSame(404, $this->codeOf('PATCH', '/api/piles/'.$id.'/papers/'.Uuid::v4()->toRfc4122(), ['absent' => true]));
    }

    public function testTimetablesStoriesAndTwoStepsAreMarked(): void
    {
        $table = self::in($this->ask('POST', '/api/sheets/timetable', ['table' => 'pintail-summer-out', 'levels' => ['core'], 'count' => 3, 'seed' => 3, 'kinds' => ['next']]), 'sheets', 0);
        $pile = $this->pile(['sheetId' => self::in($table, 'id')]);
        $wrong = self::in($pile, 'parts', 0, 'questions', 0, 'usual', 0);
        $right = self::in($pile, 'parts', 0, 'questions', 0, 'answer');
        $cells = (array) $this->mark($pile, [['paper' => self::paper($pile, 0), 'question' => 0, 'given' => $right], ['paper' => self::paper($pile, 1), 'question' => 0, 'given' => self::in($wrong, 'text')]])['cells'];
        self::assertSame(['right', 'wrong'], self::column('counts', $cells));
        self::assertSame(self::in($wrong, 'fits'), self::in($cells, 1, 'fits'));
        // the second step is right from the child's own first answer
        $steps = $this->pile(['sheetId' => $this->sheet([['sum' => '8:40 a.m. to 11:15 a.m.; 2 h 35 min + 40 min', 'wording' => 'The Pintail is at sea from 8:40 a.m. to 11:15 a.m., and 40 min more. How long is that in all?']])]);
        $cells = (array) $this->mark($steps, [
            ['paper' => self::paper($steps, 0), 'question' => 0, 'given' => '3 h 15 min'],
            ['paper' => self::paper($steps, 1), 'question' => 0, 'given' => '3 h 35 min; 4 h 15 min'],
            ['paper' => self::paper($steps, 2), 'question' => 0, 'given' => '3 h 35 min; 4 h 20 min'],
            ['paper' => self::paper($steps, 3), 'question' => 0, 'given' => '2 h 35 min then 3 h 15 min'],
        ])['cells'];
        self::assertSame(['right', 'nearly', 'wrong', 'right'], array_map(static fn (mixed $c): mixed => 'unreadable' === $c ? 'wrong' : $c, self::column('counts', $cells)));
        self::assertSame([false, true, false, false], self::column('followed', $cells));
    }

    public function testReadOutQuestionsNumbersAndCsv(): void
    {
        foreach ((array) $this->ask('GET', '/api/classes') as $class) {
            $this->ask('DELETE', '/api/classes/'.self::text((array) $class, 'id'));
        }
        $pile = $this->pile(['questions' => ['45 min + 50 min', ' ', '2 h - 35 min'], 'title' => 'Monday', 'count' => 5]);
        self::assertSame(['1', '2', '3', '4', '5'], self::column('name', $pile, 'papers'));
        self::assertSame(['1 h 35 min', '1 h 25 min'], self::column('answer', $pile, 'parts', 0, 'questions'));
        $id = self::text($pile, 'id');
        $brought = $this->raw('/api/piles/'.$id.'/csv', "child;1;2\r\n1;1h35;right\r\n3;\"95\";-\r\n");
        self::assertSame(200, $this->code());
        self::assertSame(['right', 'right', 'right', 'blank'], self::column('counts', $brought, 'cells'));
        self::assertSame("child,1,2\r\n1,1h35,right\r\n2,,\r\n3,95,blank\r\n4,,\r\n5,,\r\n", $this->streamed('/api/piles/'.$id.'.csv'));
        $refused = $this->raw('/api/piles/'.$id.'/csv', "child,1\nNobody,1 h\n");
        self::assertSame(422, $this->code());
        self::assertSame('Line 2: there is no paper of “Nobody” in this pile.', $refused['detail']);
        foreach (['', 'abc', "\xff\xfe"] as $nothing) {
            $this->raw('/api/piles/'.$id.'/csv', $nothing);
            self::assertSame(422, $this->code());
        }
        $none = $this->ask('POST', '/api/piles', ['questions' => [' '], 'title' => 'Nothing']);
        self::assertSame(422, $this->code());
        self::assertStringContainsString('no questions to mark', self::text($none, 'detail'));
    }

    public function testAPileIsItsTeachersAndGoesWithTheChildAndTheClass(): void
    {
        $pile = $this->pile(['sheetId' => $this->sheet()]);
        $id = self::text($pile, 'id');
        $this->mark($pile, [['paper' => self::paper($pile, 0), 'question' => 0, 'sign' => 'right']]);
        self::assertSame(204, $this->codeOf('DELETE', '/api/piles/'.$id));
        self::assertSame(404, $this->codeOf('GET', '/api/piles/'.$id));
        self::assertSame(204, $this->codeOf('POST', '/api/piles/'.$id.'/restore'));
        $other = $this->colleague('bell@ombrel.example', 'Corin Bell');
        $other->changePassword('no password');
        $this->entities()->persist($other);
        $this->entities()->flush();
        $this->signIn('bell@ombrel.example');
        self::assertSame([], $this->ask('GET', '/api/piles'));
        foreach ([['GET', ''], ['DELETE', ''], ['POST', '/restore'], ['GET', '.csv']] as [$method, $what]) {
            self::assertSame(404, $this->codeOf($method, '/api/piles/'.$id.$what), $method.$what);
        }
        $this->signIn();
        // what was put away long ago is gone for good
        $old = self::text($this->pile(['sheetId' => $this->sheet()]), 'id');
        $this->codeOf('DELETE', '/api/piles/'.$old);
        $this->ask('GET', '/api/piles');
        self::assertSame(204, $this->codeOf('POST', '/api/piles/'.$old.'/restore'), 'not yet');
        $this->entities()->getConnection()->executeStatement('UPDATE pile SET deleted_at = ? WHERE id = ?', ['2026-01-01 00:00:00', Uuid::fromString($old)->toBinary()]);
        $this->entities()->clear();
        self::assertNotContains($old, array_column($this->ask('GET', '/api/deleted'), 'id'));
        $tidying = self::getContainer()->get(Tidying::class);
        self::assertInstanceOf(Tidying::class, $tidying);
        $tidying->tidy();
        self::assertSame(404, $this->codeOf('POST', '/api/piles/'.$old.'/restore'));
        // a child that leaves takes its paper along
        $class = (array) self::in($this->ask('GET', '/api/classes'), 0);
        $class['children'] = \array_slice((array) $class['children'], 1);
        $this->ask('PUT', '/api/classes/'.self::text($class, 'id'), array_intersect_key($class, ['name' => 1, 'children' => 1, 'taught' => 1, 'style' => 1]));
        self::assertSame(200, $this->code());
        $this->entities()->clear();
        $left = $this->ask('GET', '/api/piles/'.$id);
        self::assertSame([23, 'Bram', []], [\count((array) $left['papers']), self::in($left, 'papers', 0, 'name'), $left['cells']]);
        $this->ask('DELETE', '/api/classes/'.self::text($class, 'id'));
        $this->entities()->clear();
        self::assertSame(404, $this->codeOf('GET', '/api/piles/'.$id));
    }

    /** @param ?array<string, mixed> $body */
    private function codeOf(string $method, string $path, ?array $body = null): int
    {
        $this->ask($method, $path, $body);

        return $this->code();
    }

    /** @return array<string, mixed> */
    private function raw(string $path, string $body): array
    {
        $this->browser->request('POST', $path, server: ['CONTENT_TYPE' => 'text/csv', 'HTTP_ORIGIN' => 'http://localhost'], content: $body);

        /* @phpstan-ignore return.type */
        return (array) json_decode((string) $this->browser->getResponse()->getContent(), true);
    }
}
