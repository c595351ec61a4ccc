<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Marking;

use Rostik\App\Account\Teacher;
use Rostik\App\Tests\ApiTestCase;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\Uid\Uuid;

/** What marked papers say of children: groups for tomorrow, a child's page, the teacher's own word, sheets for all groups. */
final class FollowUpTest extends ApiTestCase
{
    private const SUMS = ['2 h 30 min + 4 h 45 min', '1 h 55 min + 2 h 50 min', '3 h 40 min + 2 h 35 min', '6 h 10 min - 3 h 45 min', '4 h 10 min - 1 h 25 min', '7 h 5 min - 2 h 40 min'];
    /** Never regrouped; smaller from larger; all right. */
    private const WRITTEN = [['6h75', '3h105', '5h75', '', '', ''], ['', '', '', '3h35', '3h15', '5h35'], ['', '', '', '', '', '']];

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    /** Two days of papers: four children of each sort, six absent, six with a mark or two. */
    private function marked(): void
    {
        foreach (['2027-03-10', '2027-03-11'] as $day) {
            $sheet = self::text($this->ask('POST', '/api/sheets', ['title' => 'Tide', 'questions' => array_map(static fn (string $sum): array => ['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => $sum]], self::SUMS)]), 'id');
            $pile = $this->ask('POST', '/api/piles', ['sheetId' => $sheet, 'on' => $day]);
            $cells = [];
            for ($child = 0; $child < 18; ++$child) {
                foreach (self::WRITTEN[$child % 3] as $place => $written) {
                    $cells[] = ['paper' => self::in($pile, 'papers', $child, 'id'), 'question' => $place, 'given' => $written, 'sign' => '' === $written ? 'right' : null];
                }
            }
            $this->ask('POST', '/api/piles/'.self::text($pile, 'id').'/cells', ['cells' => $cells]);
            self::assertSame(200, $this->code());
        }
    }

    /** @return array<mixed> */
    private function followUp(): array
    {
        $reply = $this->ask('GET', '/api/classes/'.$this->classId().'/follow-up');
        self::assertSame(200, $this->code());

        return $reply;
    }

    /** @return array<mixed> what was seen of the child of that place in the register */
    private function child(int $place): array
    {
        return $this->ask('GET', '/api/children/'.array_keys($this->children())[$place]);
    }

    /** What was worked out once is kept, and is as it would be worked out anew after whatever is done. */
    public function testWhatIsKeptIsNeverOld(): void
    {
        $this->marked();
        $class = $this->classId();
        $children = array_keys($this->children());
        $seen = function () use ($class, $children): array {
            $this->entities()->clear();

            return [$this->ask('GET', '/api/classes/'.$class.'/follow-up'), ...array_map(fn (string $id): array => $this->ask('GET', '/api/children/'.$id), \array_slice($children, 0, 3))];
        };
        $pile = self::text((array) self::in($this->ask('GET', '/api/piles'), 0), 'id');
        $papers = self::column('id', $this->ask('GET', '/api/piles/'.$pile), 'papers');
        $practice = self::text($this->ask('POST', '/api/classes/'.$class.'/practices', ['of' => 'rungs', 'rungs' => ['add-regroup']]), 'id');
        $put = function () use ($practice, $children): void {
            $of = $this->entities()->find(\Rostik\App\Practice\Practice::class, Uuid::fromString($practice));
            $child = $this->entities()->find(\Rostik\App\Classroom\Child::class, Uuid::fromString($children[1]));
            self::assertNotNull($of);
            $seat = new \Rostik\App\Practice\Seat($of, $child, null, 2, str_repeat('d', 64), new \DateTimeImmutable(), 1);
            $put = new \Rostik\App\Practice\Put($seat, 0, new \Rostik\Core\Practice\Proposal('add-regroup', \Rostik\Core\Skill\Level::Core, \Rostik\Core\Practice\Why::Learning, 0.5, 0), new \Rostik\App\Sheet\QuestionText('1 h 50 min + 25 min'));
            $put->was([['given' => '2 h 15', 'signal' => 'right', 'read' => '2 h 15 min', 'mistake' => null]], 0, true, new \DateTimeImmutable());
            $this->entities()->persist($seat);
            $this->entities()->persist($put);
            $this->entities()->flush();
        };
        $steps = [
            'nothing' => static fn (): mixed => null,
            'a mark' => fn (): mixed => $this->ask('POST', '/api/piles/'.$pile.'/cells', ['cells' => [['paper' => $papers[0], 'question' => 4, 'given' => '9 h 1 min']]]),
            'another' => fn (): mixed => $this->ask('POST', '/api/piles/'.$pile.'/cells', ['cells' => [['paper' => $papers[2], 'question' => 0, 'sign' => 'wrong']]]),
            'absent' => fn (): mixed => $this->ask('PATCH', '/api/piles/'.$pile.'/papers/'.(\is_string($papers[1]) ? $papers[1] : ''), ['absent' => true]),
            'another day' => fn (): mixed => $this->ask('PATCH', '/api/piles/'.$pile, ['on' => '2027-03-14']),
            'another name' => fn (): mixed => $this->ask('PATCH', '/api/piles/'.$pile, ['title' => 'Ebb']),
            'deleted' => fn (): mixed => $this->ask('DELETE', '/api/piles/'.$pile),
            'brought back' => fn (): mixed => $this->ask('POST', '/api/piles/'.$pile.'/restore'),
            'at a tablet' => $put,
            'the practice deleted' => fn (): mixed => $this->ask('DELETE', '/api/practices/'.$practice),
            'and brought back' => fn (): mixed => $this->ask('POST', '/api/deleted/practice/'.$practice.'/restore'),
            'what was seen deleted' => fn (): mixed => $this->ask('DELETE', '/api/children/'.$children[1].'/seen'),
            'and given back' => fn (): mixed => $this->ask('POST', '/api/deleted/record/'.self::text((array) self::in($this->ask('GET', '/api/deleted'), 0), 'id').'/restore'),
            'a word' => fn (): mixed => $this->ask('PUT', '/api/children/'.$children[2].'/rungs/add-regroup', ['standing' => 'secure']),
        ];
        $last = null;
        foreach ($steps as $name => $do) {
            $do();
            self::assertContains($this->code(), [200, 201, 204], $name);
            $kept = $seen();
            $this->entities()->getConnection()->executeStatement('DELETE FROM kept_seen');
            self::assertEquals($seen(), $kept, $name);
            if ('nothing' !== $name) {
                self::assertNotEquals($last, $kept, $name.': something is seen of it');
            }
            $last = $kept;
        }
    }

    /** After an upgrade nobody waits: what is seen is there before it is asked for, and the same. */
    public function testWhatIsSeenIsWorkedOutAhead(): void
    {
        $this->marked();
        $connection = $this->entities()->getConnection();
        $before = $this->followUp();
        $kept = static fn (): mixed => $connection->fetchOne('SELECT COUNT(*) FROM kept_seen');
        $rows = $kept();
        self::assertGreaterThanOrEqual(24, (int) (is_numeric($rows) ? $rows : 0));
        // other rules: nothing that was kept holds
        $connection->executeStatement("UPDATE kept_seen SET mark = 'other', class_mark = 'other', brief = '{}'");
        $ahead = new CommandTester((new Application(self::$kernel ?? self::fail('There is no kernel.')))->find('seen:ahead'));
        self::assertSame(0, $ahead->execute([]));
        self::assertStringContainsString('class', $ahead->getDisplay());
        self::assertSame([$rows, 0], [$kept(), (int) (is_numeric($stale = $connection->fetchOne("SELECT COUNT(*) FROM kept_seen WHERE mark = 'other' OR class_mark = 'other'")) ? $stale : -1)]);
        self::assertEquals($before, $this->followUp());
    }

    public function testGroupsShareWhatMayBeBehindTheirAnswers(): void
    {
        $this->marked();
        $reply = $this->followUp();
        self::assertSame(['cause', 'cause', 'next', 'unsure'], self::column('kind', $reply, 'groups'));
        self::assertEqualsCanonicalizing(['leaves-over-sixty', 'smaller-from-larger'], \array_slice(self::column('cause', $reply, 'groups'), 0, 2));
        self::assertSame([6, 6, 6, 6], array_map(static fn (mixed $children): int => \count((array) $children), self::column('children', $reply, 'groups')));
        self::assertSame('from 2 piles of papers', $reply['from']);
        self::assertCount(3, (array) $reply['tell']);
        // the answers behind it
        self::assertSame(['Anouk', 12], [self::in($reply, 'children', 0, 'name'), self::in($reply, 'children', 0, 'count')]);
        $anouk = $this->child(0);
        self::assertSame(['Anouk', 12, 12], [$anouk['name'], $anouk['count'], \count((array) $anouk['answers'])]);
        self::assertSame(['leaves-over-sixty'], self::column('id', $anouk, 'causes'));
        self::assertSame([6, 6, 0], [\count((array) self::in($anouk, 'causes', 0, 'evidence')), self::in($anouk, 'causes', 0, 'times'), self::in($anouk, 'causes', 0, 'against')], 'all that fit are shown');
        self::assertSame([false, true], [self::in($anouk, 'answers', 0, 'right'), self::in($anouk, 'answers', 3, 'right')]);
        self::assertSame([['add-regroup', 'not-yet'], ['subtract-regroup', 'secure']], array_map(static fn (mixed $rung): array => [self::in($rung, 'rung'), self::in($rung, 'by')], (array) $anouk['rungs']));
    }

    public function testTheTeachersWordStandsOverTheAnswersAndIsTakenBack(): void
    {
        $this->marked();
        $id = (string) array_key_first($this->children());
        $said = $this->ask('PUT', '/api/children/'.$id.'/rungs/add-regroup', ['standing' => 'secure']);
        self::assertSame(['not-yet', 'secure'], [self::in($said, 'rungs', 0, 'by'), self::in($said, 'rungs', 0, 'word')]);
        self::assertNotSame('', self::in($said, 'rungs', 0, 'wordOn'));
        $said = $this->ask('PUT', '/api/children/'.$id.'/rungs/across-midnight', ['standing' => 'on-the-way']);
        self::assertSame('on-the-way', self::in($said, 'rungs', 2, 'word'));
        $back = $this->ask('DELETE', '/api/children/'.$id.'/rungs/add-regroup');
        self::assertNull(self::in($back, 'rungs', 0, 'word'));
        foreach ([['PUT', '/api/children/'.$id.'/rungs/juggling'], ['DELETE', '/api/children/'.$id.'/rungs/juggling'], ['GET', '/api/children/'.Uuid::v4()->toRfc4122()], ['GET', '/api/children/nobody']] as [$method, $path]) {
            $this->ask($method, $path, 'PUT' === $method ? ['standing' => 'secure'] : null);
            self::assertSame(404, $this->code(), $path);
        }
    }

    public function testGroupsAreKeptAsTheyWerePutTogether(): void
    {
        $this->marked();
        $groups = (array) $this->followUp()['groups'];
        // one child from the first group to the second
        /** @var list<array{children: list<string>}> $groups */
        $moved = $groups[0]['children'][0] ?? '';
        $groups[0]['children'] = \array_slice($groups[0]['children'], 1);
        $groups[1]['children'][] = $moved;
        $class = $this->classId();
        $this->ask('PUT', '/api/classes/'.$class.'/groups', ['groups' => $groups]);
        self::assertSame(204, $this->code());
        $kept = $this->followUp();
        self::assertTrue($kept['kept']);
        self::assertSame([5, 7, 6, 6], array_map(static fn (mixed $children): int => \count((array) $children), self::column('children', $kept, 'groups')));
        // sheets for all of them on one press, that belong together
        $made = $this->ask('POST', '/api/classes/'.$class.'/groups/sheets', ['groups' => $groups]);
        self::assertSame(201, $this->code());
        self::assertCount(3, (array) $made['sheets']);
        self::assertStringStartsWith('Group 1: ', self::text((array) self::in($made, 'sheets', 0), 'title'));
        self::assertCount(6, (array) self::in($made, 'sheets', 0, 'questions'));
        self::assertCount(3, (array) self::in($made, 'sheets', 0, 'levels'));
        $this->browser->request('GET', '/print/sheets/'.self::text((array) self::in($made, 'sheets', 0), 'id').'?levels=1&part=both');
        self::assertSame(3, substr_count($this->printed(), 'aria-label="Answer key'));
        $this->ask('DELETE', '/api/classes/'.$class.'/groups');
        self::assertFalse($this->followUp()['kept']);
    }

    public function testWhoHasLeftIsInNoGroupAndWhatWasSeenGoesWithTheChild(): void
    {
        $this->marked();
        $class = $this->classId();
        $this->ask('PUT', '/api/classes/'.$class.'/groups', ['groups' => $this->followUp()['groups']]);
        $id = (string) array_key_first($this->children());
        $this->ask('PUT', '/api/children/'.$id.'/rungs/add-regroup', ['standing' => 'secure']);
        $own = (array) self::in($this->ask('GET', '/api/classes'), 0);
        $own['children'] = [...\array_slice((array) $own['children'], 1), ['id' => Uuid::v4()->toRfc4122(), 'name' => 'Zora']];
        $this->ask('PUT', '/api/classes/'.$class, array_intersect_key($own, ['name' => 1, 'children' => 1, 'taught' => 1, 'style' => 1]));
        self::assertSame(200, $this->code());
        $this->entities()->clear();
        $reply = $this->followUp();
        self::assertStringNotContainsString($id, (string) json_encode($reply));
        self::assertSame('Not in a group yet.', self::in((array) $reply['groups'], \count((array) $reply['groups']) - 1, 'reason'));
        self::assertSame(0, self::in($reply, 'children', 23, 'count'));
        $this->ask('GET', '/api/children/'.$id);
        self::assertSame(404, $this->code());
    }

    public function testItGoesOutAndIsErasedForOneChildAndForAll(): void
    {
        $this->marked();
        $class = $this->classId();
        $id = (string) array_key_first($this->children());
        $this->ask('PUT', '/api/children/'.$id.'/rungs/add-regroup', ['standing' => 'on-the-way']);
        $rows = explode("\r\n", $this->streamed('/api/classes/'.$class.'/evidence.csv'));
        self::assertSame(['child,I can add hours and minutes that pass 60.,I can take an hour and write it as 60 minutes.', 'Anouk,on the way,secure', 'Bram,secure,not yet'], \array_slice($rows, 0, 3));
        $this->browser->request('GET', '/print/children/'.$id);
        self::assertStringContainsString('What I am learning', $this->printed());
        self::assertStringNotContainsString('may be', $this->printed());
        $this->ask('DELETE', '/api/children/'.$id.'/seen');
        self::assertSame(204, $this->code());
        $this->entities()->clear();
        self::assertSame([0, []], [self::in($this->followUp(), 'children', 0, 'count'), self::in($this->followUp(), 'children', 0, 'rungs')]);
        self::assertSame([[], []], [$this->child(0)['answers'], $this->child(0)['rungs']]);
        self::assertSame(12, self::in($this->followUp(), 'children', 1, 'count'));
        $this->ask('DELETE', '/api/classes/'.$class.'/seen');
        self::assertSame(204, $this->code());
        $this->entities()->clear();
        self::assertSame(['unsure'], self::column('kind', $this->followUp(), 'groups'));
    }

    /** What is read from a timetable, chosen by its letter, or written step by step is seen, too. */
    public function testEveryFormOfAnswerIsSeen(): void
    {
        $sheet = (array) self::in($this->ask('POST', '/api/sheets/timetable', ['table' => 'pintail-summer-out', 'levels' => ['core'], 'count' => 3, 'seed' => 3, 'kinds' => ['next']]), 'sheets', 0);
        $pile = $this->ask('POST', '/api/piles', ['sheetId' => $sheet['id']]);
        $paper = self::in($pile, 'papers', 0, 'id');
        $right = self::column('answer', $pile, 'parts', 0, 'questions');
        $this->ask('POST', '/api/piles/'.self::text($pile, 'id').'/cells', ['cells' => [['paper' => $paper, 'question' => 0, 'given' => $right[0]], ['paper' => $paper, 'question' => 1, 'given' => $right[0]], ['paper' => $paper, 'question' => 2, 'sign' => 'right']]]);
        $texts = [['sum' => self::SUMS[0], 'answers' => 'choice'], ['sum' => self::SUMS[1], 'answers' => 'choice'], ['sum' => '8:40 a.m. to 11:15 a.m.; 2 h 35 min + 40 min']];
        $sheet = self::text($this->ask('POST', '/api/sheets', ['title' => 'Tide', 'questions' => array_map(static fn (array $text): array => ['id' => Uuid::v4()->toRfc4122(), 'text' => $text], $texts)]), 'id');
        $pile = $this->ask('POST', '/api/piles', ['sheetId' => $sheet]);
        $paper = self::in($pile, 'papers', 0, 'id');
        $choices = (array) self::in($pile, 'parts', 0, 'questions', 0, 'choices');
        $letter = \chr(\ord('a') + (int) array_search('7 h 15 min', $choices, true));
        $this->ask('POST', '/api/piles/'.self::text($pile, 'id').'/cells', ['cells' => [['paper' => $paper, 'question' => 0, 'given' => $letter], ['paper' => $paper, 'question' => 2, 'given' => '3 h 35 min; 4 h 15 min']]]);
        $anouk = $this->child(0);
        self::assertSame(5, $anouk['count']);
        self::assertSame([true, false, true, true], self::column('right', $anouk, 'answers'), 'those behind a rung');
        self::assertSame([[0, 1, 2]], array_values(array_map(static fn (mixed $one): mixed => self::in($one, 'answers'), array_filter((array) $anouk['rungs'], static fn (mixed $one): bool => 'timetable-next' === self::in($one, 'rung')))));
    }

    public function testNobodyElseSeesIt(): void
    {
        $class = $this->classId();
        $child = (string) array_key_first($this->children());
        $other = $this->colleague('bell@ombrel.example', 'Corin Bell');
        $other->changePassword('no password');
        $this->entities()->persist($other);
        $this->entities()->flush();
        $this->signIn('bell@ombrel.example');
        foreach ([['GET', '/api/classes/'.$class.'/follow-up'], ['PUT', '/api/classes/'.$class.'/groups'], ['DELETE', '/api/classes/'.$class.'/groups'], ['POST', '/api/classes/'.$class.'/groups/sheets'], ['GET', '/api/children/'.$child], ['PUT', '/api/children/'.$child.'/rungs/add-regroup'], ['DELETE', '/api/children/'.$child.'/rungs/add-regroup'], ['DELETE', '/api/children/'.$child.'/seen'], ['DELETE', '/api/classes/'.$class.'/seen'], ['GET', '/api/classes/'.$class.'/evidence.csv'], ['GET', '/print/children/'.$child]] as [$method, $path]) {
            $this->ask($method, $path, \in_array($method, ['PUT', 'POST'], true) ? ['groups' => [], 'standing' => 'secure'] : null);
            self::assertSame(404, $this->code(), $method.' '.$path);
        }
    }
}
