<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Sheet;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Question;
use Rostik\Core\Sheet\Format\CsvFormat;
use Rostik\Core\Sheet\Format\Fault;
use Rostik\Core\Sheet\Format\Format;
use Rostik\Core\Sheet\Format\Formats;
use Rostik\Core\Sheet\Format\QtiFormat;
use Rostik\Core\Sheet\Format\Refused;
use Rostik\Core\Sheet\Format\TextFormat;
use Rostik\Core\Sheet\PlainSheet;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Tests\Core;

final class FormatsTest extends TestCase
{
    /** @return iterable<string, array{Format}> */
    public static function formats(): iterable
    {
        yield 'text' => [Core::get(TextFormat::class)];
        yield 'csv' => [Core::get(CsvFormat::class)];
        yield 'qti' => [Core::get(QtiFormat::class)];
    }

    private static function question(string $sum, string $wording = '', bool $challenge = false): Question
    {
        return new Question(Core::get(SumReader::class)->read($sum)->sum, $wording, challenge: $challenge);
    }

    /** Whatever is written reads back the same: questions of every rung and level, and words with every awkward sign. */
    #[DataProvider('formats')]
    public function testWhatIsWrittenReadsBackTheSame(Format $format): void
    {
        $forms = Core::get(Forms::class);
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                $questions = array_map(
                    static fn ($sum): Question => self::question($forms->write($sum, Writer::plain())),
                    Core::get(Generator::class)->draw($rung, $level, 8, 3)->sums,
                );
                $sheet = new PlainSheet($rung->can, $questions);
                self::assertEquals($sheet, $format->read($format->write($sheet)), $rung->id);
                self::assertEquals($sheet, Core::get(Formats::class)->guess($format->write($sheet))->read($format->write($sheet)));
            }
        }
        $sheet = new PlainSheet('Tide & "ferry", <noon>', [
            self::question('9:20 a.m. to 1:05 p.m.', 'The "Pintail", at sea from 9:20 a.m. to 1:05 p.m. & back: how long is < that >?'),
            self::question('9:15 a.m. to 11:40'),
            self::question('1 month in days', 'How many days; how many, then?'),
            self::question('3 days ? 70 h', 'Which is longer?', true),
            self::question('order 2 h, 30 min, 90 min'),
            self::question('10:20 p.m. to 6:05 a.m.', '', true),
        ]);
        self::assertEquals($sheet, $format->read($format->write($sheet)));
        self::assertEquals($sheet, $format->read("\u{feff}".$format->write($sheet)), 'with a byte order mark');
    }

    /** Written by hand, beside what RFC 4180 says: CRLF, a header, quotes doubled within quotes. */
    public function testCsvIsAsRfc4180HasIt(): void
    {
        $written = Core::get(CsvFormat::class)->write(new PlainSheet('Tide', [self::question('3 h 40 min + 2 h 45 min', 'Say "when", please')]));
        self::assertSame("sum,wording,answer,sheet,challenge\r\n3 h 40 min + 2 h 45 min,\"Say \"\"when\"\", please\",6 h 25 min,Tide,\r\n", $written);
        // PHP's own reader of the same format finds the same fields
        $file = fopen('php://memory', 'r+');
        self::assertIsResource($file);
        fwrite($file, $written);
        rewind($file);
        fgetcsv($file, escape: '');
        self::assertSame(['3 h 40 min + 2 h 45 min', 'Say "when", please', '6 h 25 min', 'Tide', ''], fgetcsv($file, escape: ''));
        $sheet = Core::get(CsvFormat::class)->read("answer,sum,more\n,\"3h40 + 2h45\",x\n6h25,3h40 + 2h45,\n");
        self::assertSame(['3 h 40 min + 2 h 45 min', '3 h 40 min + 2 h 45 min'], array_map(static fn (Question $q): string => Core::get(Forms::class)->write($q->sum, Writer::plain()), $sheet->questions));
    }

    public function testQtiIsWellFormedWithItsRightAnswers(): void
    {
        $document = new \DOMDocument();
        self::assertTrue($document->loadXML(Core::get(QtiFormat::class)->write(new PlainSheet('Tide', [self::question('3 days ? 70 h'), self::question('1:50 p.m. + 3 h 30 min')]))));
        self::assertSame('http://www.imsglobal.org/xsd/imsqti_v2p1', $document->documentElement?->namespaceURI);
        $values = [];
        foreach ($document->getElementsByTagName('value') as $value) {
            $values[] = $value->textContent;
        }
        self::assertSame(['>', '5:20 p.m.'], $values);
        self::assertSame(2, $document->getElementsByTagName('textEntryInteraction')->length);
    }

    /** A pasted list: numbers before the questions, empty lines, comments. */
    public function testAPastedListIsRead(): void
    {
        $sheet = Core::get(TextFormat::class)->read("# Seal count\n# at low water\n\n1. 1.50 pm + 3½ hours\r\n2) 9 am to 4 pm | How long?\n  half past 3 as digital  \n");
        self::assertSame('Seal count', $sheet->title);
        self::assertEquals([self::question('1:50 p.m. + 3 h 30 min'), self::question('9:00 a.m. to 4:00 p.m.', 'How long?'), self::question('half past 3 as digital')], $sheet->questions);
    }

    /** @param list<int> $at */
    #[DataProvider('broken')]
    public function testBrokenFilesAreRefusedLineByLine(Format $format, string $text, array $at, string $says): void
    {
        try {
            $format->read($text);
            self::fail('It was read.');
        } catch (Refused $refused) {
            self::assertSame($at, array_map(static fn (Fault $f): int => $f->line, $refused->faults), $refused->getMessage());
            self::assertStringContainsString($says, $refused->getMessage());
        }
    }

    /** @return iterable<string, array{Format, string, list<int>, string}> */
    public static function broken(): iterable
    {
        yield 'two lines that are no sums' => [Core::get(TextFormat::class), "1 h + 2 h\nbananas\n3 h - 1 h\n2 h +\n", [2, 4], '“bananas” was not understood.'];
        yield 'an answer of its own that is wrong' => [Core::get(TextFormat::class), "1 h + 2 h = 3 h\n2 h - 35 min = 1 h 65 min\n11:50 pm + 45 min = 12:35 am (next day)\n45 min + _ = 1 h\n", [2], 'The key says 1 h 65 min, but it is 1 h 25 min.'];
        yield 'nothing' => [Core::get(TextFormat::class), "\n# only a title\n", [0], 'There are no questions in it.'];
        yield 'not text' => [Core::get(TextFormat::class), "\xff\xfe\x00", [0], 'not plain text'];
        yield 'too many' => [Core::get(TextFormat::class), str_repeat("1 h + 2 h\n", 101), [0], 'no more than 100 questions'];
        yield 'csv without its column' => [Core::get(CsvFormat::class), "question,answer\n1 h + 2 h,3 h\n", [0], 'one of them has to be “sum”'];
        yield 'csv with a key that does not fit' => [Core::get(CsvFormat::class), "sum,answer\n1 h + 2 h,3 h\n3 h 40 min + 2 h 45 min,5 h 85 min\n", [3], 'The key says 5 h 85 min, but it is 6 h 25 min.'];
        yield 'csv with a field too many' => [Core::get(CsvFormat::class), "sum,answer\n1 h + 2 h,3 h,x\n", [2], '2 columns are named, but this line has 3.'];
        yield 'csv with an open quotation mark' => [Core::get(CsvFormat::class), "sum\n1 h + 2 h\n\"1 h + 2 h\n", [3], 'never closed'];
        yield 'not xml' => [Core::get(QtiFormat::class), '<assessmentTest><p></assessmentTest>', [1], 'not well-formed'];
        yield 'empty xml' => [Core::get(QtiFormat::class), '', [0], 'not well-formed'];
        yield 'a document type' => [Core::get(QtiFormat::class), '<!DOCTYPE x [<!ENTITY a "b">]><assessmentTest/>', [0], 'document type'];
        $hidden = '<?xml version="1.0" encoding="%s"?><!DOCTYPE x [<!ENTITY a "b">]><assessmentTest>&a;</assessmentTest>';
        yield 'a document type in UTF-16' => [Core::get(QtiFormat::class), "\xFF\xFE".mb_convert_encoding(\sprintf($hidden, 'UTF-16'), 'UTF-16LE'), [0], 'document type'];
        yield 'the other way round' => [Core::get(QtiFormat::class), "\xFE\xFF".mb_convert_encoding(\sprintf($hidden, 'UTF-16'), 'UTF-16BE'), [0], 'document type'];
        yield 'in UTF-16 without its mark' => [Core::get(QtiFormat::class), mb_convert_encoding(\sprintf($hidden, 'UTF-16LE'), 'UTF-16LE'), [0], 'Save it as UTF-8'];
        yield 'in UTF-7' => [Core::get(QtiFormat::class), '<?xml version="1.0" encoding="UTF-7"?>+ADwAIQ-DOCTYPE x +AFsAPAAh-ENTITY a +ACI-b+ACIAPgBdAD4-<assessmentTest/>', [0], 'Save it as UTF-8'];
        yield 'in another one' => [Core::get(QtiFormat::class), \sprintf($hidden, 'EBCDIC-US'), [0], 'Save it as UTF-8'];
        yield 'items within items' => [Core::get(QtiFormat::class), "<assessmentItem label='1 h + 2 h'>\n<assessmentItem label='1 h + 2 h'><textEntryInteraction/></assessmentItem></assessmentItem>", [2], 'inside another'];
        yield 'no items' => [Core::get(QtiFormat::class), '<assessmentTest/>', [0], 'There are no questions in it.'];
        yield 'another kind of item' => [Core::get(QtiFormat::class), "<a>\n<assessmentItem><itemBody><choiceInteraction/></itemBody></assessmentItem>\n</a>", [2], 'textEntryInteraction'];
        yield 'a wrong key' => [Core::get(QtiFormat::class), '<assessmentItem label="1 h + 2 h"><correctResponse><value>4 h</value></correctResponse><itemBody><textEntryInteraction/></itemBody></assessmentItem>', [1], 'The key says 4 h, but it is 3 h.'];
    }

    /** XML processors must read UTF-16, too (XML 1.0, 4.3.3). */
    public function testQtiInUtf16IsRead(): void
    {
        $text = '<?xml version="1.0" encoding="UTF-16"?>'."\n".'<assessmentTest title="Tide"><assessmentItem label="1 h + 2 h"><itemBody><textEntryInteraction/></itemBody></assessmentItem></assessmentTest>';
        foreach (["\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'] as $mark => $encoding) {
            self::assertSame('Tide', Core::get(QtiFormat::class)->read($mark.mb_convert_encoding($text, $encoding))->title);
        }
    }

    /** However much is wrong, the reply is soon there, and of a size that a screen can show. */
    public function testLargeFilesWithNothingRightInThemAreSoonRefused(): void
    {
        $large = [
            [Core::get(CsvFormat::class), "sum,answer\n".str_repeat("1 h + 2 h,4 h\n", 60_000)],
            [Core::get(TextFormat::class), str_repeat("bananas\n", 100_000)],
            [Core::get(TextFormat::class), str_repeat("1 h + 2 h\n", 90_000)],
            [Core::get(QtiFormat::class), '<a>'.str_repeat('<assessmentItem label="1 h + 2 h"/>', 25_000).'</a>'],
            [Core::get(QtiFormat::class), str_repeat('<assessmentItem label="x">', 200).str_repeat('bananas ', 25_000).str_repeat('</assessmentItem>', 200)],
        ];
        foreach ($large as $i => [$format, $text]) {
            $begun = hrtime(true);
            try {
                $format->read($text);
                self::fail('It was read.');
            } catch (Refused $refused) {
                self::assertLessThanOrEqual(101, \count($refused->faults), (string) $i);
                self::assertLessThan(100_000, \strlen($refused->getMessage()), (string) $i);
            }
            self::assertLessThan(2e9, hrtime(true) - $begun, (string) $i);
        }
    }
}
