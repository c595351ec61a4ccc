<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Sheet;

use Rostik\App\Tests\ApiTestCase;
use Symfony\Component\Uid\Uuid;

final class MakingTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return list<array<string, mixed>>
     */
    private function make(array $more = []): array
    {
        $made = $this->ask('POST', '/api/sheets/make', $more + [
            'title' => 'The tide and the ferry',
            'aims' => [['rung' => 'later-across-hour', 'count' => 3], ['rung' => 'subtract-regroup', 'count' => 4]],
            'levels' => ['support', 'core', 'stretch'],
            'seed' => 5,
        ]);
        self::assertSame(201, $this->code(), (string) json_encode($made));
        self::assertIsArray($made['sheets']);

        /* @phpstan-ignore return.type */
        return array_values($made['sheets']);
    }

    /**
     * @param array<string, mixed> $sheet
     *
     * @return list<string>
     */
    private function sums(array $sheet): array
    {
        self::assertIsArray($sheet['questions']);

        /* @phpstan-ignore return.type */
        return self::texts($sheet, 'sum');
    }

    /** Hands are drawn for the questions of the one rung, sums are worked for the other; a sheet of one kind says it once. */
    /** However much is wished for, one request has its end, and says what it has not found. */
    public function testManyWishesEndKindlyAndInTime(): void
    {
        $this->signIn();
        $all = ['fives' => true, 'regroups' => true, 'noon' => true, 'midnight' => true, 'hour' => true];
        $aims = array_fill(0, 12, ['rung' => 'two-step-problem', 'count' => 8]);
        $began = hrtime(true);
        $made = $this->ask('POST', '/api/sheets/make', ['title' => 'Tide', 'aims' => $aims, 'levels' => ['support', 'core', 'stretch']] + $all);
        self::assertSame(201, $this->code());
        // 150 s before there was an end to it
        self::assertLessThan(15, (hrtime(true) - $began) / 1e9);
        self::assertStringContainsString('before the looking ended', implode(' ', array_filter((array) ($made['shortages'] ?? []), is_string(...))));
        $no = $this->ask('POST', '/api/sheets/make', ['title' => 'Tide', 'aims' => array_fill(0, 12, ['rung' => 'add-plain', 'count' => 9]), 'levels' => ['core']]);
        self::assertSame([422, 'A sheet has at most 100 questions, and that would be 108.'], [$this->code(), $no['detail'] ?? null]);
    }

    public function testEachRungOfAMixedSheetHasItsUsualForm(): void
    {
        [$mixed] = $this->make(['levels' => ['core'], 'aims' => [['rung' => 'set-clock', 'count' => 2], ['rung' => 'roman-clock', 'count' => 1], ['rung' => 'add-regroup', 'count' => 3]], 'challenge' => true]);
        self::assertSame(['hands', 'hands', null, null, null, null, null], self::texts($mixed, 'answers'));
        self::assertSame([null, null, 'roman-clocks', null, null, null, null], self::texts($mixed, 'times'));
        self::assertIsArray($mixed['settings']);
        self::assertSame(['write', 'as-written'], [$mixed['settings']['answers'], $mixed['settings']['times']]);
        self::assertIsString($mixed['id']);
        $this->browser->request('GET', '/print/sheets/'.$mixed['id'].'?part=sheet');
        $paper = $this->printed();
        self::assertSame([2, 1], [substr_count($paper, 'A clock face to draw the hands on'), substr_count($paper, 'A clock: hour hand ')]);
        // chosen for all, it holds where a question has none of its own
        $questions = array_map(static fn (mixed $question): array => ['text' => ['answers' => null] + (array) ((array) $question)['text']] + (array) $question, (array) $mixed['questions']);
        $this->ask('PUT', '/api/sheets/'.$mixed['id'], ['version' => $mixed['version'], 'title' => 'Clocks', 'questions' => $questions, 'settings' => ['answers' => 'hands'] + $mixed['settings']]);
        self::assertSame(200, $this->code());
        $this->browser->request('GET', '/print/sheets/'.$mixed['id'].'?part=sheet');
        self::assertSame(3, substr_count($this->printed(), 'A clock face to draw the hands on'));

        [$clocks] = $this->make(['levels' => ['core'], 'aims' => [['rung' => 'set-clock', 'count' => 3]]]);
        self::assertSame([null, null, null], self::texts($clocks, 'answers'));
        self::assertIsArray($clocks['settings']);
        self::assertSame('hands', $clocks['settings']['answers']);
    }

    public function testThreeLevelsThatDifferInMathematicsAndInWhatIsDrawn(): void
    {
        $sheets = $this->make();
        self::assertCount(3, $sheets);
        $settings = [];
        foreach ($sheets as $sheet) {
            self::assertCount(7, array_unique($this->sums($sheet)));
            // the lower rung first
            self::assertStringContainsString(' - ', $this->sums($sheet)[0]);
            self::assertStringContainsString(' + ', $this->sums($sheet)[6]);
            self::assertIsArray($sheet['settings']);
            $settings[] = [$sheet['settings']['level'], $sheet['settings']['scaffold'], $sheet['settings']['example']];
        }
        self::assertSame([['support', 'full', true], ['core', 'outline', false], ['stretch', 'none', false]], $settings);
        foreach ($this->sums($sheets[0]) as $sum) {
            preg_match_all('/(\d+) min|:(\d\d)/', $sum, $minutes);
            foreach ([...$minutes[1], ...$minutes[2]] as $minute) {
                self::assertSame(0, (int) $minute % 5, $sum.' is of fives');
            }
        }
        self::assertSame($this->sums($sheets[1]), $this->sums($this->make()[1]), 'the same seed, the same sheet');
        // on the shelf by its level
        self::assertContains('stretch', array_column($this->ask('GET', '/api/sheets'), 'level'));
    }

    public function testWhatCannotBeHadIsSaid(): void
    {
        $made = $this->ask('POST', '/api/sheets/make', ['title' => '', 'aims' => [['rung' => 'unit-facts', 'count' => 20]], 'levels' => ['core'], 'seed' => 1]);
        self::assertSame(201, $this->code());
        self::assertSame(['“I know how the units are related.” has only 5 different questions of that kind at the core level; 20 were asked for.'], $made['shortages']);
        $refused = $this->ask('POST', '/api/sheets/make', ['title' => '', 'aims' => [['rung' => 'juggling', 'count' => 2]], 'levels' => ['core']]);
        self::assertSame([422, 'no-such-rung'], [$this->code(), $refused['code']]);
        $this->ask('POST', '/api/sheets/make', ['title' => '', 'aims' => [], 'levels' => ['core']]);
        self::assertSame(422, $this->code());
        $this->ask('POST', '/api/sheets/make', ['title' => '', 'aims' => [['rung' => 'add-plain', 'count' => 400]], 'levels' => ['core']]);
        self::assertSame(422, $this->code());
        $rungs = array_column($this->ask('GET', '/api/rungs'), 'id');
        self::assertContains('subtract-regroup', $rungs);
        self::assertContains('one-step-problem', $rungs, 'there are stories for it');
        self::assertContains('timetable-next', $rungs, 'there are questions about timetables for it');
    }

    /** Stories, at three levels: told in words, in the class's way, with the sums that answer them in the key. */
    public function testASheetOfStories(): void
    {
        $made = $this->ask('POST', '/api/sheets/make', ['title' => 'Tales of the tide', 'aims' => [['rung' => 'one-step-problem', 'count' => 5], ['rung' => 'two-step-problem', 'count' => 3]], 'levels' => ['support', 'core', 'stretch'], 'seed' => 4]);
        self::assertSame([201, []], [$this->code(), $made['shortages']]);
        self::assertIsArray($made['sheets']);
        foreach ($made['sheets'] as $sheet) {
            self::assertIsArray($sheet);
            self::assertIsString($sheet['id']);
            $wordings = array_map(static fn (mixed $one): string => \is_string($one) ? $one : '', self::texts($sheet, 'wording'));
            self::assertCount(8, array_unique($wordings));
            foreach ($wordings as $wording) {
                self::assertMatchesRegularExpression('/^[A-Z0-9].*\?$/', $wording);
            }
            self::assertCount(3, array_filter(self::texts($sheet, 'sum'), static fn (mixed $sum): bool => \is_string($sum) && str_contains($sum, '; ')), 'those of two sums');
            $this->browser->request('GET', '/print/sheets/'.$sheet['id'].'?part=both');
            self::assertSame(200, $this->code());
            $paper = $this->printed();
            foreach ($wordings as $wording) {
                self::assertStringContainsString(htmlspecialchars($wording), $paper);
            }
            self::assertStringNotContainsString('class="empty"', $paper);
        }
        // told again with other numbers: the same stories, on the screen and in copies
        $sheet = $made['sheets'][1] ?? null;
        self::assertIsArray($sheet);
        $stories = self::texts($sheet, 'story');
        self::assertCount(8, array_filter($stories, \is_string(...)));
        $others = $this->ask('POST', '/api/sheets/others', ['sums' => self::texts($sheet, 'sum'), 'keep' => [], 'seed' => 9, 'stories' => $stories, 'level' => 'core', 'classId' => null]);
        self::assertSame(200, $this->code());
        self::assertIsArray($others['sums']);
        self::assertIsArray($others['wordings']);
        foreach (self::texts($sheet, 'sum') as $i => $sum) {
            self::assertNotSame($sum, $others['sums'][$i] ?? null, 'other numbers');
        }
        foreach ($others['wordings'] as $i => $wording) {
            self::assertIsString($wording);
            self::assertNotSame('', $wording);
            self::assertNotSame(self::texts($sheet, 'wording')[$i], $wording);
        }
        self::assertIsString($sheet['id']);
        $set = $this->ask('POST', '/api/sheets/'.$sheet['id'].'/sets', ['count' => 3, 'seed' => 5, 'children' => []]);
        self::assertSame([201, []], [$this->code(), $set['notes']]);
        self::assertIsString($set['id']);
        $this->browser->request('GET', '/print/sheets/'.$sheet['id'].'?part=sheet&set='.$set['id']);
        $copies = $this->printed();
        $first = self::texts($sheet, 'wording')[0];
        self::assertSame(1, substr_count($copies, htmlspecialchars(\is_string($first) ? $first : '?')), 'the first is the sheet itself, the others have numbers of their own');
    }

    public function testOtherNumbersForQuestions(): void
    {
        $others = $this->ask('POST', '/api/sheets/others', ['sums' => ['6 h 10 min - 3 h 45 min', 'bananas', '1 month in days', '1:50 pm + 3 h 30 min'], 'keep' => [], 'seed' => 4]);
        self::assertSame(200, $this->code());
        self::assertIsArray($others['sums']);
        [$first, $second, $third, $fourth] = $others['sums'];
        self::assertMatchesRegularExpression('/^\d h( \d+ min)? - /', \is_string($first) ? $first : '');
        self::assertNotSame('6 h 10 min - 3 h 45 min', $first);
        self::assertNull($second);
        self::assertNull($third);
        self::assertMatchesRegularExpression('/[ap]\.m\. \+ /', \is_string($fourth) ? $fourth : '');
    }

    public function testWordsLocksAndSettingsAreKeptAndWarningsStandBesideTheQuestions(): void
    {
        [$sheet] = $this->make(['levels' => ['support']]);
        self::assertIsString($sheet['id']);
        $ids = array_map(static fn (): string => Uuid::v4()->toRfc4122(), range(1, 4));
        $saved = $this->ask('PUT', '/api/sheets/'.$sheet['id'], [
            'version' => $sheet['version'],
            'title' => 'Ferry',
            'settings' => ['level' => 'support', 'instruction' => 'Use the line.', 'scaffold' => 'none', 'answers' => 'choice', 'example' => false, 'chart' => true],
            'questions' => [
                ['id' => $ids[0], 'text' => ['sum' => '9:21 am to 1:05 pm', 'wording' => 'The Pintail leaves at 9:21 a.m. and arrives at 1:05 p.m. How long is she at sea?'], 'locked' => true],
                ['id' => $ids[1], 'text' => ['sum' => '11:15 am + 45 min']],
                ['id' => $ids[2], 'text' => ['sum' => '11:15 a.m. + 45 min']],
                ['id' => $ids[3], 'text' => ['sum' => '9:15 am to 11:40']],
            ],
        ]);
        self::assertSame(200, $this->code());
        self::assertSame(['level' => 'support', 'instruction' => 'Use the line.', 'scaffold' => 'none', 'answers' => 'choice', 'example' => false, 'chart' => true, 'columns' => null, 'type' => 'usual', 'times' => 'as-written', 'layout' => 'page', 'aims' => [], 'limits' => ['fives' => null, 'regroups' => null, 'noon' => null, 'midnight' => null, 'unknown' => null, 'hour' => null, 'day' => 'waking'], 'table' => null], $saved['settings']);
        self::assertIsArray($saved['questions']);
        self::assertSame([true, false, false, false], array_column($saved['questions'], 'locked'));
        $codes = array_map(static fn ($q): array => \is_array($q) && \is_array($q['warnings']) ? array_column($q['warnings'], 'code') : [], $saved['questions']);
        self::assertSame([['above-level'], ['twelve'], ['alike', 'twelve'], []], $codes);
        self::assertSame($saved, $this->ask('GET', '/api/sheets/'.$sheet['id']));
        // saved without settings, they stay; a copy has them too
        $again = $this->ask('PUT', '/api/sheets/'.$sheet['id'], ['version' => $saved['version'], 'title' => 'Ferry', 'questions' => [['id' => $ids[1], 'text' => ['sum' => '1 h + 2 h']]]]);
        self::assertSame($saved['settings'], $again['settings']);
        self::assertSame($saved['settings'], $this->ask('POST', '/api/sheets/'.$sheet['id'].'/duplicate')['settings']);
        $this->ask('PUT', '/api/sheets/'.$sheet['id'], ['version' => $again['version'], 'title' => 'Ferry', 'questions' => [], 'settings' => ['answers' => 'dance']]);
        self::assertSame(422, $this->code());
    }

    public function testSheetsAsFilesAndBack(): void
    {
        [$sheet] = $this->make(['levels' => ['core']]);
        self::assertIsString($sheet['id']);
        foreach (['text' => 'text/plain', 'csv' => 'text/csv', 'qti' => 'application/xml'] as $format => $type) {
            $this->browser->request('GET', '/api/sheets/'.$sheet['id'].'/file/'.$format);
            self::assertSame(200, $this->code());
            self::assertStringStartsWith($type, (string) $this->browser->getResponse()->headers->get('Content-Type'));
            self::assertStringContainsString('attachment; filename=the-tide-and-the-ferry.', (string) $this->browser->getResponse()->headers->get('Content-Disposition'));
            $read = $this->ask('POST', '/api/sheets/read', ['text' => (string) $this->browser->getResponse()->getContent()]);
            self::assertSame([], $read['faults']);
            self::assertSame('The tide and the ferry', $read['title']);
            self::assertIsArray($read['questions']);
            self::assertSame($this->sums($sheet), array_column($read['questions'], 'sum'), $format);
        }
        $this->ask('GET', '/api/sheets/'.$sheet['id'].'/file/stone');
        self::assertSame(404, $this->code());
        $read = $this->ask('POST', '/api/sheets/read', ['text' => "1 h + 2 h\nbananas\n"]);
        self::assertSame([], $read['questions']);
        self::assertSame([['line' => 2, 'message' => '“bananas” was not understood. One that works: 1:50 pm + 3 h 30 min']], $read['faults']);
    }

    public function testTheLevelsBelongTogether(): void
    {
        $sheets = $this->make();
        $levels = $sheets[0]['levels'];
        self::assertIsArray($levels);
        self::assertSame(['support', 'core', 'stretch'], array_column($levels, 'level'));
        self::assertSame(array_column($sheets, 'id'), array_column($levels, 'id'));
        self::assertIsString($sheets[1]['id']);
        // on the shelf they are known by their family; a copy of all is a family of its own
        $families = fn (): array => array_count_values(array_filter(array_column($this->ask('GET', '/api/sheets'), 'family'), is_string(...)));
        self::assertSame([3], array_values($families()));
        $copy = $this->ask('POST', '/api/sheets/'.$sheets[1]['id'].'/duplicate?levels=1');
        self::assertIsArray($copy['questions']);
        self::assertSame(['The tide and the ferry (2)', $this->sums($sheets[1])], [$copy['title'], self::texts($copy, 'sum')]);
        self::assertIsArray($copy['levels']);
        self::assertSame(['support', 'core', 'stretch'], array_column($copy['levels'], 'level'));
        self::assertSame([3, 3], array_values($families()));
        self::assertSame([], $this->ask('POST', '/api/sheets/'.$sheets[1]['id'].'/duplicate')['levels'], 'one alone can be copied, too');
        $this->ask('DELETE', '/api/sheets/'.$sheets[1]['id']);
        self::assertIsString($sheets[2]['id']);
        $left = $this->ask('GET', '/api/sheets/'.$sheets[2]['id'])['levels'];
        self::assertIsArray($left);
        self::assertSame(['support', 'stretch'], array_column($left, 'level'));
        self::assertSame([], $this->make(['levels' => ['core']])[0]['levels'], 'one alone belongs to none');
    }

    public function testTicketsAndHomePagesAreSetOutAsTheyShouldBe(): void
    {
        $expected = ['page' => ['outline', false], 'tickets' => ['none', false], 'slips' => ['none', false], 'home' => ['outline', true]];
        foreach ($expected as $layout => [$scaffold, $example]) {
            [$sheet] = $this->make(['levels' => ['core'], 'layout' => $layout]);
            self::assertIsArray($sheet['settings']);
            self::assertSame([$layout, $scaffold, $example], [$sheet['settings']['layout'], $sheet['settings']['scaffold'], $sheet['settings']['example']]);
            self::assertSame(['subtract-regroup', 'later-across-hour'], $sheet['settings']['aims']);
        }
    }

    public function testTheNumbersBringCertainMistakesToLightAndAChallengeStandsAtTheEnd(): void
    {
        [$sheet] = $this->make(['levels' => ['core'], 'aims' => [['rung' => 'subtract-regroup', 'count' => 6]], 'mistakes' => ['borrows-ten', 'zero-when-stuck'], 'challenge' => true]);
        self::assertIsArray($sheet['questions']);
        self::assertSame([false, false, false, false, false, false, true], self::texts($sheet, 'challenge'));
        self::assertIsString($sheet['id']);
        $found = $this->ask('GET', '/api/sheets/'.$sheet['id'].'/separating');
        self::assertIsArray($found['mistakes']);
        $shows = array_column($found['mistakes'], 'questions', 'id');
        self::assertGreaterThanOrEqual(3, \count((array) ($shows['borrows-ten'] ?? [])));
        self::assertIsInt($found['separated']);
        self::assertIsArray($found['blurred']);
        self::assertSame($found['of'], $found['separated'] + \count($found['blurred']));
    }

    public function testASwapIsOfferedAndKeepsItsPromise(): void
    {
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Tide', 'questions' => [['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => '2 h 30 min + 4 h 35 min'], 'locked' => true], ['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => '2 h 40 min + 4 h 30 min']]]]);
        self::assertIsString($sheet['id']);
        self::assertIsArray($sheet['questions']);
        self::assertIsArray($sheet['questions'][1]);
        $found = $this->ask('GET', '/api/sheets/'.$sheet['id'].'/separating');
        self::assertIsArray($found['swap']);
        self::assertSame(2, $found['swap']['question'], 'what is kept stays');
        self::assertIsArray($sheet['questions'][1]['text']);
        $sheet['questions'][1]['text']['sum'] = $found['swap']['sum'];
        $this->ask('PUT', '/api/sheets/'.$sheet['id'], ['version' => 1, 'title' => 'Tide', 'questions' => $sheet['questions']]);
        self::assertSame($found['swap']['separated'], $this->ask('GET', '/api/sheets/'.$sheet['id'].'/separating')['separated']);
    }

    public function testTheShelfIsFoundByRungAndClassAndHasAnArchive(): void
    {
        $class = $this->ask('GET', '/api/classes')[0] ?? null;
        self::assertIsArray($class);
        [$sheet] = $this->make(['levels' => ['core'], 'classId' => $class['id']]);
        self::assertIsString($sheet['id']);
        $line = fn (): mixed => array_values(array_filter($this->ask('GET', '/api/sheets'), static fn ($l): bool => \is_array($l) && $l['id'] === $sheet['id']))[0] ?? null;
        $shown = $line();
        self::assertIsArray($shown);
        self::assertSame([false, $class['id'], 'page'], [$shown['archived'], $shown['classId'], $shown['layout']]);
        self::assertIsArray($shown['rungs']);
        self::assertContains('subtract-regroup', $shown['rungs']);
        self::assertTrue($this->ask('PUT', '/api/sheets/'.$sheet['id'].'/archive')['archived']);
        $shown = $line();
        self::assertTrue(\is_array($shown) && true === $shown['archived']);
        self::assertFalse($this->ask('DELETE', '/api/sheets/'.$sheet['id'].'/archive')['archived']);
        // other questions, other rungs
        $this->ask('PUT', '/api/sheets/'.$sheet['id'], ['version' => $this->ask('GET', '/api/sheets/'.$sheet['id'])['version'], 'title' => 'x', 'questions' => [['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => '3 days ? 70 h']]]]);
        self::assertSame(200, $this->code());
        $shown = $line();
        self::assertIsArray($shown);
        self::assertSame(['compare-lengths'], $shown['rungs']);
    }
}
