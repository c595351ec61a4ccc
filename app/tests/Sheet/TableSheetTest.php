<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Sheet;

use Rostik\App\Tests\ApiTestCase;

/** Sheets about a timetable: made, printed with the timetable on each page, copied with other questions or other times. */
final class TableSheetTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed> the first sheet
     */
    private function sheet(array $more = []): array
    {
        $made = $this->ask('POST', '/api/sheets/timetable', $more + ['table' => 'pintail-summer-out', 'levels' => ['core'], 'count' => 8, 'seed' => 3]);
        self::assertSame(201, $this->code(), (string) json_encode($made));

        /* @phpstan-ignore return.type */
        return (array) self::in($made, 'sheets', 0);
    }

    private function page(string $address): string
    {
        $this->browser->request('GET', $address);
        self::assertSame(200, $this->code(), $address);

        return $this->printed();
    }

    public function testTheQuestionsOnTheScreenAreThoseOnTheSheet(): void
    {
        $asked = $this->ask('POST', '/api/timetables/ask', ['table' => 'pintail-summer-out', 'level' => 'core', 'count' => 8, 'seed' => 3]);
        $sheet = $this->sheet();
        self::assertSame(self::column('text', $asked, 'questions'), self::column('shown', $sheet, 'questions'));
        self::assertSame(self::column('answer', $asked, 'questions'), self::column('answer', $sheet, 'questions'));
        self::assertSame('core', self::in($sheet, 'settings', 'level'));
        // on the board from the sheet
        $board = $this->ask('GET', '/api/sheets/'.self::text($sheet, 'id').'/timetable');
        self::assertSame(self::column('text', $asked, 'questions'), self::column('text', $board, 'questions'));
        self::assertSame(self::in($asked, 'table', 'rows'), self::in($board, 'table', 'rows'));
        // on the shelf by what it is about
        self::assertContains('timetable-next', (array) self::in($this->ask('GET', '/api/sheets'), 0, 'rungs'));
    }

    public function testLevelsBelongTogetherAndTheTidesCanBePutOnOne(): void
    {
        $made = $this->ask('POST', '/api/sheets/timetable', ['table' => 'made', 'levels' => ['support', 'core', 'stretch'], 'drawn' => 4]);
        self::assertSame(['support', 'core', 'stretch'], self::column('level', $made, 'sheets', 0, 'levels'));
        $tides = $this->sheet(['table' => 'causeway', 'levels' => ['stretch']]);
        self::assertCount(8, array_filter(self::column('answer', $tides, 'questions'), is_string(...)));
        $paper = $this->page('/print/sheets/'.self::text($tides, 'id'));
        self::assertStringContainsString('safe crossing times', $paper);
        self::assertStringContainsString('3 h 10 min after a high tide', $paper);
    }

    public function testOnPaperTheTimetableStandsOnEveryPageWithItsQuestions(): void
    {
        $long = self::text($this->sheet(['count' => 24]), 'id');
        $paper = $this->page('/print/sheets/'.$long.'?part=both');
        self::assertSame(4, substr_count($paper, 'class="timetable"'), 'six or seven questions a page');
        self::assertSame(24, preg_match_all('/class="question"[^>]*>\s*<span class="number"/', explode('aria-label="Answer key', $paper)[0]));
        // every page begins with the timetable, and no question stands before it
        foreach (\array_slice(explode('<div class="about">', $paper), 1) as $page) {
            self::assertStringStartsWith('<div class="timetable">', trim($page));
        }
        self::assertStringContainsString('Find', $this->page('/print/sheets/'.$long.'?part=worked'));
        // one that is as high as a page stands there once, and each page says what it is about
        $stops = ['Ombrel Quay', 'Little Sand', 'Cormorant Steps', 'Gull Point', 'Seal Rocks', 'North Stack', 'Marram Bay', 'Fell Harbour'];
        $csv = 'Stop,'.implode(',', range(1, 24));
        foreach ($stops as $i => $stop) {
            $csv .= "\n".$stop.','.implode(',', array_map(static fn (int $n): string => \sprintf('%02d:%02d', intdiv(360 + 40 * $n + 7 * $i, 60), (360 + 40 * $n + 7 * $i) % 60), range(0, 23)));
        }
        $high = self::text($this->ask('POST', '/api/timetables', ['title' => 'Round the island', 'vehicle' => 'boat', 'csv' => $csv]), 'id');
        $paper = $this->page('/print/sheets/'.self::text($this->sheet(['table' => $high, 'count' => 14]), 'id').'?part=sheet');
        self::assertSame(1, substr_count($paper, 'class="timetable"'));
        self::assertStringContainsString('About the timetable “Round the island”', $paper);
        // and one that no paper holds is refused
        $wide = self::text($this->ask('POST', '/api/timetables', ['title' => 'All day', 'vehicle' => 'boat', 'csv' => 'Stop,'.implode(',', range(1, 60))."\nOmbrel Quay,".implode(',', array_map(static fn (int $n): string => \sprintf('%02d:%02d', intdiv(300 + 15 * $n, 60), (300 + 15 * $n) % 60), range(0, 59)))."\nFell Harbour,".implode(',', array_map(static fn (int $n): string => \sprintf('%02d:%02d', intdiv(309 + 15 * $n, 60), (309 + 15 * $n) % 60), range(0, 59)))]), 'id');
        $refused = $this->ask('POST', '/api/sheets/timetable', ['table' => $wide, 'levels' => ['core']]);
        self::assertSame(422, $this->code());
        self::assertStringContainsString('60 services', (string) json_encode($refused));
    }

    public function testCopiesHaveOtherQuestionsAboutTheSameTimetable(): void
    {
        $sheet = $this->sheet(['kinds' => ['next', 'how-long', 'wait'], 'count' => 3]);
        $id = self::text($sheet, 'id');
        $set = $this->ask('POST', '/api/sheets/'.$id.'/sets', ['count' => 4, 'seed' => 9]);
        self::assertSame([201, []], [$this->code(), $set['notes']]);
        $keys = [];
        $times = [];
        foreach (self::column('code', $set, 'copies') as $code) {
            self::assertIsString($code);
            $paper = $this->page('/print/sheets/'.$id.'?set='.self::text($set, 'id').'&code='.$code.'&part=both');
            [$page, $key] = explode('aria-label="Answer key', $paper);
            $keys[] = $key;
            $times[] = self::timetable($page);
        }
        self::assertCount(4, array_unique($keys));
        self::assertCount(1, array_unique($times));
    }

    public function testCopiesHaveTheSameQuestionsAboutOtherTimes(): void
    {
        $sheet = $this->sheet(['kinds' => ['how-long'], 'count' => 3]);
        $id = self::text($sheet, 'id');
        $set = $this->ask('POST', '/api/sheets/'.$id.'/sets', ['count' => 4, 'seed' => 9, 'moved' => true]);
        $answers = [];
        $times = [];
        foreach (self::column('code', $set, 'copies') as $code) {
            self::assertIsString($code);
            [$page, $key] = explode('aria-label="Answer key', $this->page('/print/sheets/'.$id.'?set='.self::text($set, 'id').'&code='.$code.'&part=both'));
            preg_match_all('/<strong class="answer">(.*?)<\/strong>/', $key, $m);
            $answers[] = implode(', ', $m[1]);
            $times[] = self::timetable($page);
            // what is asked stands in the table of that copy
            preg_match_all('/How long does the (\d\d:\d\d)/', $page, $named);
            self::assertCount(3, $named[1]);
            foreach ($named[1] as $time) {
                self::assertStringContainsString($time, self::timetable($page));
            }
        }
        self::assertCount(1, array_unique($answers), 'it takes as long');
        self::assertCount(4, array_unique($times));
    }

    public function testOthersInTheirPlaceAndWithoutATableNone(): void
    {
        $sheet = $this->sheet(['kinds' => ['wait'], 'count' => 2]);
        $sums = self::texts($sheet, 'sum');
        $others = $this->ask('POST', '/api/sheets/others', ['sums' => [$sums[0]], 'keep' => $sums, 'seed' => 2, 'level' => 'core', 'table' => self::in($sheet, 'settings', 'table')]);
        $other = self::in($others, 'sums', 0);
        self::assertIsString($other);
        self::assertStringStartsWith('table wait {', $other);
        self::assertNotContains($other, $sums);
        self::assertSame([null], $this->ask('POST', '/api/sheets/others', ['sums' => [$sums[0]], 'seed' => 2])['sums']);
        // a sheet whose timetable was taken off says what is missing
        $settings = (array) self::in($sheet, 'settings');
        $settings['table'] = null;
        $questions = array_map(static fn (mixed $q): array => ['id' => self::in($q, 'id'), 'text' => self::in($q, 'text')], (array) $sheet['questions']);
        $changed = $this->ask('PUT', '/api/sheets/'.self::text($sheet, 'id'), ['version' => $sheet['version'], 'title' => 'Boats', 'questions' => $questions, 'settings' => $settings]);
        self::assertSame(200, $this->code());
        self::assertSame('This question is about a timetable, and there is none on the sheet.', self::in($changed, 'questions', 0, 'problem'));
        self::assertStringContainsString('there is none on the sheet', $this->page('/print/sheets/'.self::text($sheet, 'id').'?part=both'));
        $this->ask('GET', '/api/sheets/'.self::text($sheet, 'id').'/timetable');
        self::assertSame(404, $this->code());
    }

    public function testRungsOfTimetablesAreMadeWithTheOthers(): void
    {
        $rungs = $this->ask('GET', '/api/rungs');
        $read = array_filter($rungs, static fn (mixed $one): bool => true === self::in($one, 'read'));
        self::assertSame(['find-in-timetable', 'timetable-how-long', 'timetable-next', 'timetable-latest', 'timetable-change'], array_values(array_map(static fn (mixed $one): mixed => self::in($one, 'id'), $read)));
        $made = $this->ask('POST', '/api/sheets/make', ['title' => '', 'aims' => [['rung' => 'later-across-hour', 'count' => 2], ['rung' => 'timetable-next', 'count' => 3], ['rung' => 'find-in-timetable', 'count' => 1]], 'levels' => ['support', 'stretch'], 'seed' => 5, 'table' => 'pintail-winter-out']);
        self::assertSame(201, $this->code(), (string) json_encode($made));
        foreach ([0, 1] as $i) {
            $sums = self::column('sum', array_map(static fn (mixed $q): mixed => self::in($q, 'text'), (array) self::in($made, 'sheets', $i, 'questions')));
            self::assertCount(6, $sums);
            self::assertCount(4, array_filter($sums, static fn (mixed $sum): bool => \is_string($sum) && str_starts_with($sum, 'table ')));
            self::assertSame('The Pintail, winter: to Fell Harbour', self::in($made, 'sheets', $i, 'settings', 'table', 'title'));
        }
        // without one that is chosen, one is made up for the level
        $made = $this->ask('POST', '/api/sheets/make', ['title' => 'Boats', 'aims' => [['rung' => 'timetable-change', 'count' => 3]], 'levels' => ['core'], 'seed' => 5]);
        self::assertCount(3, (array) self::in($made, 'sheets', 0, 'questions'));
        self::assertSame([], $made['shortages']);
        $few = $this->ask('POST', '/api/sheets/make', ['title' => 'Boats', 'aims' => [['rung' => 'timetable-change', 'count' => 3]], 'levels' => ['core'], 'seed' => 5, 'table' => 'pintail-summer-out']);
        self::assertStringContainsString('has only 0', (string) json_encode($few['shortages']));
        $this->ask('POST', '/api/sheets/make', ['title' => 'Boats', 'aims' => [['rung' => 'timetable-next', 'count' => 3]], 'levels' => ['core'], 'table' => 'nowhere']);
        self::assertSame(404, $this->code());
    }

    /** The first timetable of a page, with its times. */
    private static function timetable(string $page): string
    {
        self::assertSame(1, preg_match('/<div class="timetable">(.*?)<\/div>/s', $page, $m));

        return (string) preg_replace('/\s+/', ' ', $m[1]);
    }
}
