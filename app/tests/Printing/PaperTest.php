<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Printing;

use PHPUnit\Framework\Attributes\DataProvider;
use Rostik\App\Tests\ApiTestCase;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Process\Process;
use Symfony\Component\Uid\Uuid;

/** What comes out on paper for each way in which a sheet can be set out. */
final class PaperTest extends ApiTestCase
{
    private const SUMS = ['6 h 10 min - 3 h 45 min', '1:50 pm + 3 h 30 min', 'quarter to 5 as digital', '3 days ? 70 h', 'order 9 am, 12:15 pm, 8 pm', 'bananas'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    /**
     * @param list<string>         $sums
     * @param array<string, mixed> $settings
     */
    private function sheet(array $sums, array $settings, int $challenges = 0): string
    {
        $questions = array_map(static fn (string $sum): array => ['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => $sum]], $sums);
        foreach (array_keys(\array_slice($questions, 0, $challenges)) as $i) {
            $questions[$i]['text']['challenge'] = true;
        }
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Tide', 'questions' => $questions]);
        self::assertIsString($sheet['id']);
        $this->ask('PUT', '/api/sheets/'.$sheet['id'], ['version' => $sheet['version'], 'title' => 'Tide', 'questions' => $sheet['questions'], 'settings' => $settings]);
        self::assertSame(200, $this->code());

        return $sheet['id'];
    }

    private function page(string $id, string $how): string
    {
        $this->browser->request('GET', '/print/sheets/'.$id.'?'.$how);
        self::assertSame(200, $this->code());

        return $this->printed();
    }

    /**
     * @param array<string, mixed> $settings
     * @param list<string>         $holds
     * @param list<string>         $lacks
     */
    #[DataProvider('papers')]
    public function testThePaper(array $settings, string $part, array $holds, array $lacks): void
    {
        $html = $this->page($this->sheet(self::SUMS, $settings), 'part='.$part);
        foreach ($holds as $text) {
            self::assertStringContainsString($text, $html);
        }
        // the example is drawn by chance, and may happen to come to what a question comes to
        $questions = (string) preg_replace('~(This is how:</strong>).*?</aside>~s', '$1', $html);
        foreach ($lacks as $text) {
            self::assertStringNotContainsString($text, $questions);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, list<string>, list<string>}> */
    public static function papers(): iterable
    {
        $common = ['What time is it?', 'A clock: hour hand ', 'Which is longer, 3 days or 70 h?', 'Write &lt;, &gt; or =.', 'Put in order, earliest first: 9:00 a.m., 12:15 p.m., 8:00 p.m.'];
        yield 'all set out' => [['scaffold' => 'full', 'instruction' => 'Write 60 when you take an hour.', 'chart' => true, 'example' => true], 'sheet', [...$common, 'Columns to work in', 'A number line to work on', 'Write 60 when you take an hour.', '1 h = 60 min ·', 'This is how:'], ['Squared paper for working', '2 h 25 min', '5:20 p.m.']];
        yield 'empty paper' => [['scaffold' => 'outline'], 'sheet', [...$common, 'Squared paper for working'], ['Columns to work in', 'This is how:', '1 h = 60 min ·']];
        yield 'only a line' => [['scaffold' => 'none'], 'sheet', $common, ['Squared paper', 'Columns to work in', 'A number line']];
        yield 'columns to fill' => [['scaffold' => 'outline', 'answers' => 'columns'], 'sheet', ['Columns to work in'], ['A number line']];
        yield 'lines to fill' => [['scaffold' => 'outline', 'answers' => 'line'], 'sheet', ['A number line to work on'], []];
        yield 'hands to draw' => [['answers' => 'hands'], 'sheet', ['A clock face to draw the hands on', 'Draw the hands: ', '<small>Draw the hands.</small>'], []];
        yield 'one of four, from real mistakes' => [['answers' => 'choice'], 'sheet', ['class="choices"', '<li>2 h 25 min</li>', '<small>Circle one.</small>'], ['2 h 24 min']];
        yield 'true or false' => [['answers' => 'true-false'], 'sheet', ['True or false? How do you know?'], []];
        yield 'the key' => [['scaffold' => 'full'], 'key', ['2 h 25 min', '5:20 p.m.', '4:45', 'bananas'], ['Columns to work in', 'Minutes first']];
        yield 'the key, worked' => [['scaffold' => 'full'], 'worked', ['2 h 25 min', '45 is more than 10, so take 1 h and write it as 60 min: 60 + 10 = 70.', 'In columns, worked', 'The number line, worked'], ['Columns to work in']];
    }

    public function testExitTicketsAreFourToAPageWithThreeQuestionsEach(): void
    {
        $id = $this->sheet(['1 h + 2 h', '4 h - 1 h', '2 x 3 h', '8 h / 2'], ['layout' => 'tickets', 'scaffold' => 'none']);
        $paper = $this->page($id, 'part=both');
        self::assertSame([1, 4, 4, 4, 0], [substr_count($paper, 'class="page cut tickets type-usual"'), substr_count($paper, 'class="piece"'), substr_count($paper, '>1 h + 2 h<') - 1, substr_count($paper, '>2 × 3 h<') - 1, substr_count($paper, '>8 h ÷ 2<')], 'the key has them once more; the fourth has no room');
        $slips = $this->page($this->sheet(['1 h + 2 h'], ['layout' => 'slips']), 'part=sheet');
        self::assertSame([5, 5], [substr_count($slips, 'class="piece"'), substr_count($slips, '>1 h + 2 h<')]);
    }

    public function testAHomePageShowsTheMethodToWhoeverHelpsAndItsAnswersAtTheFoot(): void
    {
        $paper = $this->page($this->sheet(['6 h 10 min - 3 h 45 min', '7 h 5 min - 3 h 40 min'], ['layout' => 'home']), 'part=sheet');
        self::assertStringContainsString('In class we work this way: columns.', $paper);
        self::assertStringContainsString('In columns, worked', $paper);
        self::assertMatchesRegularExpression('~fold back here.*<strong>1\.</strong> 2 h 25 min.*<strong>2\.</strong> 3 h 25 min~s', $paper);
    }

    /** The class's own method is shown and has its room on the paper, whatever the numbers would suggest. */
    public function testTheHouseMethodIsUsedThroughout(): void
    {
        $this->ask('PUT', '/api/classes/'.$this->classId().'/method', ['kind' => 'difference', 'method' => 'number-line']);
        self::assertSame(200, $this->code());
        $id = $this->sheet(['6 h 10 min - 3 h 45 min'], ['scaffold' => 'full', 'example' => true]);
        $paper = $this->page($id, 'part=sheet');
        self::assertStringContainsString('The number line, worked', $paper);
        self::assertStringContainsString('A number line to work on', $paper);
        self::assertStringNotContainsString('Columns to work in', $paper);
        self::assertStringContainsString('The number line, worked', $this->page($id, 'part=worked'));
    }

    public function testAChallengeStandsAtTheEndWithTheLastNumber(): void
    {
        $paper = $this->page($this->sheet(['9 h - 35 min', '1 h + 2 h', '4 h - 1 h'], ['scaffold' => 'none'], 1), 'part=both');
        self::assertMatchesRegularExpression('~>1</span>\s*<span class="sum">1 h \+ 2 h.*>2</span>\s*<span class="sum">4 h − 1 h.*<h2>Challenge</h2>.*>3</span>\s*<span class="sum">9 h − 35 min~s', $paper);
        self::assertMatchesRegularExpression('~class="answers".*>3</span>\s*<span class="sum">9 h − 35 min</span>\s*<strong class="answer">8 h 25 min~s', $paper);
    }

    /** Two columns, a table, hands and a choice on one sheet; the copies and their key follow. */
    public function testAQuestionHasAFormOfItsOwn(): void
    {
        $id = $this->sheet(['6 h 10 min - 3 h 45 min', '1:50 pm + 3 h 30 min', '9:20 am to 1:05 pm', '10:50 am to 2:05 pm', '7 h 5 min - 3 h 40 min', '10:15 am - 35 min', '8:30 am + 50 min'], ['scaffold' => 'none'], 2);
        $sheet = $this->ask('GET', '/api/sheets/'.$id);
        self::assertIsArray($sheet['questions']);
        // the challenges are the first two, and stand at the end
        $own = [['answers' => 'columns'], ['times' => 'clocks', 'answers' => 'hands'], ['answers' => 'table'], ['answers' => 'table'], [], ['answers' => 'choice'], ['times' => '24h']];
        foreach ($own as $i => $form) {
            $question = $sheet['questions'][$i];
            self::assertIsArray($question);
            self::assertIsArray($question['text']);
            $sheet['questions'][$i] = ['text' => $form + $question['text']] + $question;
        }
        $saved = $this->ask('PUT', '/api/sheets/'.$id, ['version' => $sheet['version'], 'title' => 'Tide', 'questions' => $sheet['questions']]);
        self::assertSame(200, $this->code());
        self::assertIsArray($saved['questions']);
        self::assertSame(['columns', 'hands', 'table', 'table', null, 'choice', null], self::texts($saved, 'answers'));
        self::assertSame([null, 'clocks', null, null, null, null, '24h'], self::texts($saved, 'times'));

        $paper = $this->page($id, 'part=sheet');
        self::assertSame([1, 2, 1, 1, 1], [substr_count($paper, '<table'), substr_count($paper, '<tr><th scope="row">'), substr_count($paper, 'class="choices"'), substr_count($paper, 'Columns to work in'), substr_count($paper, 'A clock face to draw the hands on')]);
        self::assertMatchesRegularExpression('~<h2>Challenge</h2>.*Columns to work in.*What time is it 3 h 30 min later\?.*A clock: hour hand .*A clock face to draw~s', $paper);
        self::assertStringContainsString('08:30 + 50 min', $paper);
        self::assertStringContainsString('7 h 5 min − 3 h 40 min', $paper);
        $key = $this->page($id, 'part=key');
        self::assertMatchesRegularExpression('~3 h 45 min.*3 h 15 min.*3 h 25 min.*9:40 a\.m\..*09:20.*2 h 25 min.*5:20 p\.m\.~s', $key);

        $set = $this->ask('POST', '/api/sheets/'.$id.'/sets', ['count' => 3, 'seed' => 5]);
        self::assertIsString($set['id']);
        $copies = $this->page($id, 'part=sheet&set='.$set['id']);
        self::assertSame([3, 6, 3, 3, 3], [substr_count($copies, '<table'), substr_count($copies, '<tr><th scope="row">'), substr_count($copies, 'class="choices"'), substr_count($copies, 'Columns to work in'), substr_count($copies, 'A clock face to draw the hands on')]);

        $copy = $this->ask('POST', '/api/sheets/'.$id.'/duplicate');
        self::assertIsArray($copy['questions']);
        self::assertSame(self::texts($saved, 'answers'), self::texts($copy, 'answers'));
        // a form that is not known is refused
        $this->ask('PUT', '/api/sheets/'.$id, ['version' => $saved['version'], 'title' => 'Tide', 'questions' => [['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => '1 h + 2 h', 'answers' => 'sung']]]]);
        self::assertSame(422, $this->code());
    }

    /** On tickets and slips too each row of a table has its gap. */
    public function testATableOnATicketHasItsGaps(): void
    {
        foreach (['tickets' => 4, 'slips' => 5] as $layout => $pieces) {
            $paper = $this->page($this->sheet(['1:50 pm + 3 h 30 min', '9:20 am to 1:05 pm'], ['layout' => $layout, 'answers' => 'table', 'scaffold' => 'none']), 'part=sheet');
            self::assertSame([$pieces, 2 * $pieces, $pieces], [substr_count($paper, '<table'), substr_count($paper, '<td></td>'), substr_count($paper, 'Fill in what is missing.')]);
        }
    }

    public function testTheTableHasOneGapInEachRow(): void
    {
        $paper = $this->page($this->sheet(['9:20 am + 45 min', '10:15 am - 45 min', '9:20 am to 1:05 pm', '_ + 45 min = 10:20 am', '11:10 am - _ = 9:35 am', '105 min in h min', '1 h + 2 h'], ['answers' => 'table']), 'part=sheet');
        preg_match_all('~<tr><th scope="row">(\d)</th>(.*?)</tr>~', $paper, $rows, \PREG_SET_ORDER);
        self::assertSame([
            '1' => '<td>9:20 a.m.</td><td>45 min</td><td></td>',
            '2' => '<td></td><td>45 min</td><td>10:15 a.m.</td>',
            '3' => '<td>9:20 a.m.</td><td></td><td>1:05 p.m.</td>',
            '4' => '<td></td><td>45 min</td><td>10:20 a.m.</td>',
            '5' => '<td>9:35 a.m.</td><td></td><td>11:10 a.m.</td>',
            '6' => '<td>105 min</td><td>____ h ____ min</td>',
        ], array_column($rows, 2, 1));
        self::assertSame(2, substr_count($paper, '<table class="complete">'), 'times and units have tables of their own');
        self::assertStringContainsString('>1 h + 2 h<', $paper, 'what is told by no row is asked as usual');
    }

    /**
     * @param list<string> $said
     * @param list<string> $key
     */
    #[DataProvider('forms')]
    public function testTheFormInWhichTimesAreGiven(string $times, array $said, array $key, int $clocks): void
    {
        $sums = ['1:50 pm + 3 h 30 min', '10:15 am - 35 min', '9:20 am to 1:05 pm', '_ + 45 min = 10:20 am', '11:10 am - _ = 9:35 am', '1:50 + 20 min'];
        $id = $this->sheet($sums, ['times' => $times, 'scaffold' => 'none']);
        $paper = $this->page($id, 'part=sheet');
        preg_match_all('~<span class="sum">(.*?)</span>~', $paper, $found);
        self::assertSame($said, array_map(html_entity_decode(...), $found[1]));
        self::assertSame($clocks, substr_count($paper, 'A clock: hour hand '));
        preg_match_all('~<strong class="answer">(.*?)</strong>~', $this->page($id, 'part=key'), $found);
        self::assertSame($key, $found[1]);
    }

    /** @return iterable<string, array{string, list<string>, list<string>, int}> */
    public static function forms(): iterable
    {
        $usual = ['5:20 p.m.', '9:40 a.m.', '3 h 45 min', '9:35 a.m.', '1 h 35 min', '2:10'];
        yield 'as written' => ['as-written', ['1:50 p.m. + 3 h 30 min', '10:15 a.m. − 35 min', '9:20 a.m. to 1:05 p.m.', '_ + 45 min = 10:20 a.m.', '11:10 a.m. − _ = 9:35 a.m.', '1:50 + 20 min'], $usual, 0];
        yield 'by the 24-hour clock' => ['24h', ['13:50 + 3 h 30 min', '10:15 − 35 min', '09:20 to 13:05', '_ + 45 min = 10:20', '11:10 − _ = 09:35', '1:50 + 20 min'], ['17:20', '09:40', '3 h 45 min', '09:35', '1 h 35 min', '2:10'], 0];
        yield 'in words' => ['words', [
            'What time is it 3 h 30 min after ten to two in the afternoon?', 'What time is it 35 min before quarter past ten in the morning?',
            'How long is it from twenty past nine in the morning until five past one in the afternoon?', '45 min later it is twenty past ten in the morning. What time is it now?',
            'How long is it from twenty-five to ten in the morning until ten past eleven in the morning?', 'What time is it 20 min after ten to two?',
        ], $usual, 0];
        yield 'on clocks' => ['clocks', [
            'What time is it 3 h 30 min later?', 'What time was it 35 min earlier?', 'How long is it from the first clock to the second?',
            '45 min later, the clock shows this. What time is it now?', 'How long is it from the first clock to the second?', 'What time is it 20 min later?',
        ], $usual, 8];
    }

    public function testHandsAreDrawnWhereAClockWouldBeRead(): void
    {
        $paper = $this->page($this->sheet(['quarter to 5 as digital', '1:50 pm + 3 h 30 min'], ['answers' => 'hands', 'times' => 'clocks']), 'part=sheet');
        self::assertStringContainsString('Draw the hands: quarter to five.', $paper);
        self::assertSame([1, 2], [preg_match_all('/A clock: hour hand [^"]*, p\.m\./', $paper), substr_count($paper, 'A clock face to draw the hands on')]);
        self::assertSame([1, 0], [substr_count($paper, 'a.m. or p.m.?'), substr_count($paper, 'Answer <')], 'hands do not say the half of the day, and nothing else is to be written');
    }

    /** Each claim is true or made by a real mistake, and the key says which; both kinds come up. */
    public function testClaimsToBeCalledTrueOrFalse(): void
    {
        $sums = ['3 days ? 70 h', '_ + 45 min = 10:20 am', '105 min in h min', 'quarter to 5 as digital', 'order 9 am, 12:15 pm, 8 pm', '6 h 10 min - 3 h 45 min', '3 h 40 min + 2 h 25 min', '6 h 10 min - 1 h 25 min', '9 am to 4 pm', '11:15 am + 2 h', '45 min + _ = 1 h 10 min', '2 h / _ = 15 min'];
        $key = $this->page($this->sheet($sums, ['answers' => 'true-false']), 'part=key');
        preg_match_all('~<span class="sum"> ?(.*?)</span>\s*<strong class="answer">(true|false: (.*?))</strong>~', $key, $claims, \PREG_SET_ORDER);
        self::assertGreaterThanOrEqual(11, \count($claims));
        foreach ($claims as $claim) {
            $text = html_entity_decode($claim[1]);
            self::assertStringNotContainsString('_', $text);
            self::assertStringNotContainsString('?', $text);
            if (isset($claim[3])) {
                self::assertStringNotContainsString(html_entity_decode($claim[3]), explode(' = ', $text)[1] ?? 'x');
            }
        }
        $verdicts = array_count_values(array_map(static fn (array $c): string => substr($c[2], 0, 4), $claims));
        self::assertGreaterThan(0, $verdicts['true'] ?? 0);
        self::assertGreaterThan(0, $verdicts['fals'] ?? 0);
    }

    /** As many tickets and slips on a page as are said, whatever the levels have drawn to work on; and no page more than is needed. */
    #[DataProvider('pagesThatAreFilled')]
    public function testPagesAreFilled(string $layout, int $questions, string $paper, int $pages, string $answers = 'write'): void
    {
        $sums = ['1:50 pm + 3 h 30 min', '3 h 40 min + 2 h 45 min', '6 h 10 min - 3 h 45 min', '9 am to 4 pm', '105 min in h min', '4 x 35 min', '10:15 am - 35 min', '2 h 15 min / 3', '11:40 am + 50 min', '5 h - 2 h 15 min'];
        $id = $this->sheet(\array_slice($sums, 0, $questions), ['layout' => $layout, 'scaffold' => 'outline', 'answers' => $answers]);
        $this->browser->request('GET', '/print/sheets/'.$id.'.pdf?part=sheet&paper='.$paper);
        self::assertSame(200, $this->code());
        $pdf = (string) $this->browser->getResponse()->getContent();
        self::assertStringContainsString('Pages:           '.$pages."\n", (new Process(['pdfinfo', '-'], null, null, $pdf))->mustRun()->getOutput());
        $text = (new Process(['pdftotext', '-layout', '-', '-'], null, null, $pdf))->mustRun()->getOutput();
        $each = ['tickets' => 4, 'slips' => 5][$layout] ?? 1;
        self::assertSame($each, substr_count($text, 'Name'), 'so many pieces');
        self::assertSame($each * $questions, substr_count($text, 'Answer') - substr_count($text, 'Answers'), 'each answer has its line, with its name');
    }

    /** @return iterable<string, array{0: string, 1: int, 2: string, 3: int, 4?: string}> */
    public static function pagesThatAreFilled(): iterable
    {
        yield 'four tickets, A4' => ['tickets', 3, 'a4', 1];
        yield 'four tickets, Letter' => ['tickets', 3, 'letter', 1];
        yield 'columns give way to a line on tickets' => ['tickets', 3, 'a4', 1, 'columns'];
        yield 'five slips, A4' => ['slips', 6, 'a4', 1];
        yield 'five slips, Letter' => ['slips', 6, 'letter', 1];
        yield 'ten questions on a page' => ['page', 10, 'a4', 1];
        yield 'six questions for home, with the way shown and the answers' => ['home', 6, 'a4', 1];
    }

    /** Nothing runs off the paper or out of its margins, however much there is to ask: where the words stand is read from the PDF. */
    #[DataProvider('fullPapers')]
    public function testNothingRunsOffThePaper(string $layout, string $type, string $paper, float $margin, string $answers = 'write'): void
    {
        $wording = 'The Pintail leaves Ombrel Quay in the morning and comes back to it late in the afternoon, after calling at Little Sand, Cormorant Steps and Fell Harbour; how long is she away in all?';
        $sums = ['12 h 45 min + 11 h 50 min + 10 h 59 min + 3 h 25 min', '9:20 am to 1:05 pm', 'order 8:25 am, 8 pm, 12:42 pm, 8 am', '2 weeks 3 days ? 400 h', '4:58 am as words', '_ + 45 min = 10:20 am', '11:10 pm + 2 h 55 min'];
        $id = $this->sheet($sums, ['layout' => $layout, 'type' => $type, 'example' => true, 'chart' => true, 'scaffold' => 'full', 'times' => 'clocks', 'answers' => $answers, 'instruction' => str_repeat('Write 60 when you take an hour. ', 5)], 1);
        $sheet = $this->ask('GET', '/api/sheets/'.$id);
        self::assertIsArray($sheet['questions']);
        self::assertIsArray($sheet['questions'][1]);
        self::assertIsArray($sheet['questions'][1]['text']);
        $sheet['questions'][1]['text']['wording'] = $wording;
        $this->ask('PUT', '/api/sheets/'.$id, ['version' => $sheet['version'], 'title' => 'The long night of the lighthouse lamp, from dusk to dawn, on the outer rocks of Ombrel Island', 'questions' => $sheet['questions']]);
        self::assertSame(200, $this->code());
        $this->browser->request('GET', '/print/sheets/'.$id.'.pdf?part=both&paper='.$paper);
        self::assertSame(200, $this->code());
        $words = (new Process(['pdftotext', '-bbox', '-', '-'], null, null, (string) $this->browser->getResponse()->getContent()))->mustRun()->getOutput();
        $found = 0;
        [$width, $height] = [0.0, 0.0];
        foreach (explode("\n", $words) as $line) {
            if (preg_match('/<page width="([\d.]+)" height="([\d.]+)"/', $line, $page)) {
                [$width, $height] = [(float) $page[1], (float) $page[2]];
            } elseif (preg_match('/xMin="([\d.-]+)" yMin="([\d.-]+)" xMax="([\d.-]+)" yMax="([\d.-]+)">(.*?)</', $line, $word)) {
                ++$found;
                self::assertGreaterThanOrEqual($margin - 1, (float) $word[1], $word[5]);
                self::assertLessThanOrEqual($width - $margin + 1, (float) $word[3], $word[5]);
                self::assertGreaterThan(0, (float) $word[2], $word[5]);
                self::assertLessThan($height - 8, (float) $word[4], $word[5]);
            }
        }
        self::assertGreaterThan(100, $found);
    }

    /** @return iterable<string, array{0: string, 1: string, 2: string, 3: float, 4?: string}> margins in points: 18 mm of A4, 20 mm of Letter, the edge of a cut */
    public static function fullPapers(): iterable
    {
        yield 'a large page, A4' => ['page', 'large', 'a4', 51.0];
        yield 'small tickets, A4' => ['tickets', 'small', 'a4', 12.0];
        yield 'large slips, Letter' => ['slips', 'large', 'letter', 12.0];
        yield 'a large home page, Letter' => ['home', 'large', 'letter', 56.7];
        yield 'large tickets with a table, Letter' => ['tickets', 'large', 'letter', 12.0, 'table'];
        yield 'large slips with a table, A4' => ['slips', 'large', 'a4', 12.0, 'table'];
        yield 'a large page of choices, Letter' => ['page', 'large', 'letter', 56.7, 'choice'];
        yield 'a large page of hands, A4' => ['page', 'large', 'a4', 51.0, 'hands'];
    }

    public function testAllLevelsInOneGoOnTwoColumnsOrOneInThreeSizes(): void
    {
        $made = $this->ask('POST', '/api/sheets/make', ['title' => 'Tide', 'aims' => [['rung' => 'add-regroup', 'count' => 2]], 'levels' => ['support', 'core', 'stretch'], 'seed' => 3]);
        self::assertIsArray($made['sheets']);
        [$support] = $made['sheets'];
        self::assertIsArray($support);
        self::assertIsString($support['id']);
        $paper = $this->page($support['id'], 'levels=1&part=both');
        self::assertSame([3, 3], [substr_count($paper, 'aria-label="Sheet"'), substr_count($paper, 'aria-label="Answer key"')]);
        self::assertMatchesRegularExpression('~support level.*core level.*stretch level~s', $paper);
        self::assertSame(1, substr_count($this->page($support['id'], 'part=sheet'), 'aria-label="Sheet"'));
        // one of them as tickets in large type, the others as they were
        self::assertIsArray($made['sheets'][2]);
        self::assertIsString($made['sheets'][2]['id']);
        self::assertIsArray($made['sheets'][2]['settings']);
        $this->ask('PUT', '/api/sheets/'.$made['sheets'][2]['id'], ['version' => $made['sheets'][2]['version'], 'title' => 'Tide', 'questions' => $made['sheets'][2]['questions'], 'settings' => ['layout' => 'tickets', 'type' => 'large'] + $made['sheets'][2]['settings']]);
        $mixed = $this->page($support['id'], 'levels=1&part=sheet');
        self::assertSame([2, 1, 4], [substr_count($mixed, 'class="page type-usual squares-'), substr_count($mixed, 'class="page cut tickets type-large"'), substr_count($mixed, 'class="piece"')]);
        $this->ask('PUT', '/api/sheets/'.$made['sheets'][2]['id'], ['version' => 1 + (\is_int($made['sheets'][2]['version']) ? $made['sheets'][2]['version'] : 0), 'title' => 'Tide', 'questions' => $made['sheets'][2]['questions'], 'settings' => $made['sheets'][2]['settings']]);
        self::assertSame(200, $this->code());
        // with copies: the chosen ones of this level, the last ones of the others, and a level without any as it is
        self::assertIsArray($made['sheets'][1]);
        self::assertIsString($made['sheets'][1]['id']);
        $set = $this->ask('POST', '/api/sheets/'.$support['id'].'/sets', ['count' => 2]);
        $this->ask('POST', '/api/sheets/'.$support['id'].'/sets', ['count' => 5]);
        $this->ask('POST', '/api/sheets/'.$made['sheets'][1]['id'].'/sets', ['count' => 5]);
        $this->ask('POST', '/api/sheets/'.$made['sheets'][1]['id'].'/sets', ['count' => 3]);
        self::assertIsString($set['id']);
        $paper = $this->page($support['id'], 'levels=1&part=both&set='.$set['id']);
        self::assertSame([5, 1], [preg_match_all('~aria-label="Sheet [A-Z0-9]{4}"~', $paper), substr_count($paper, 'aria-label="Sheet"')]);
        self::assertMatchesRegularExpression('~aria-label="Answer keys".*support level.*core level.*stretch level~s', $paper);
        self::assertIsArray($support['settings']);
        foreach ([[1, 'small', 'questions one'], [2, 'large', 'questions two'], [null, 'usual', 'questions two']] as [$columns, $type, $class]) {
            $id = $this->sheet(['6 h 10 min - 3 h 45 min'], ['columns' => $columns, 'type' => $type]);
            $paper = $this->page($id, 'part=sheet');
            self::assertStringContainsString($class, $paper);
            self::assertStringContainsString('type-'.$type, $paper);
        }
    }

    /** The PDF of several copies says every page as it is laid out, and is the file that the pages make. */
    public function testThePdfOfACopySetComesWithItsProgress(): void
    {
        $id = $this->sheet(['6 h 10 min - 3 h 45 min', '1:50 pm + 3 h 30 min'], []);
        $set = $this->ask('POST', '/api/sheets/'.$id.'/sets', ['count' => 3, 'children' => array_keys($this->children())]);
        self::assertIsString($set['id']);
        self::assertIsArray($set['copies']);
        $this->browser->request('GET', '/print/sheets/'.$id.'.pdf/progress?set='.$set['id'].'&paper=letter');
        self::assertInstanceOf(StreamedResponse::class, $this->browser->getResponse());
        $lines = array_map(static fn (string $line): mixed => json_decode($line, true), array_filter(explode("\n", $this->browser->getInternalResponse()->getContent())));
        $last = array_pop($lines);
        self::assertIsArray($last);
        self::assertSame('tide.pdf', $last['name']);
        $pages = array_map(static fn ($line): int => \is_array($line) && \is_int($line['page']) ? $line['page'] : 0, $lines);
        self::assertSame([4], \array_slice($pages, -1), 'three sheets and a page of keys');
        self::assertSame($pages, array_values(array_unique($pages)));
        $pdf = base64_decode(\is_string($last['pdf']) ? $last['pdf'] : '', true);
        self::assertIsString($pdf);
        $text = (new Process(['pdftotext', '-layout', '-', '-'], null, null, $pdf))->mustRun()->getOutput();
        foreach (['Anouk', 'Bram', 'Cleo', ...array_column($set['copies'], 'code')] as $word) {
            self::assertGreaterThanOrEqual(2, substr_count($text, \is_string($word) ? $word : ''), 'on the sheet and in the key');
        }
        self::assertStringContainsString('612 x 792', (new Process(['pdfinfo', '-'], null, null, $pdf))->mustRun()->getOutput());
    }
}
