<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Printing;

use Rostik\App\Printing\Pdf;
use Rostik\App\Printing\TooMuchPaper;
use Rostik\App\Tests\ApiTestCase;
use Symfony\Component\Process\Process;
use Symfony\Component\Uid\Uuid;

/** The process that makes PDFs: it reads nothing but our own stylesheets, and makes one at a time for each teacher. */
final class PdfTest extends ApiTestCase
{
    private function pdf(): Pdf
    {
        $pdf = self::getContainer()->get(Pdf::class);

        return $pdf instanceof Pdf ? $pdf : self::fail('There is no maker of PDFs.');
    }

    /** @param list<string> $command */
    private static function told(array $command, string $pdf): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'pdf');
        file_put_contents($path, $pdf);
        $process = new Process([...$command, $path, ...('pdftotext' === $command[0] ? ['-'] : [])]);
        $process->mustRun();
        unlink($path);

        // each page ends with a form feed
        return trim((string) preg_replace('/[\s\f]+/', ' ', $process->getOutput()));
    }

    public function testNothingIsFetchedFromTheMachineOrFromElsewhere(): void
    {
        $secret = (string) tempnam(sys_get_temp_dir(), 'secret');
        file_put_contents($secret, 'body::after { content: "the secret" }');
        $listens = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($listens);
        $address = 'http://'.stream_socket_get_name($listens, false);
        $html = '<link rel="stylesheet" href="file://'.$secret.'"><link rel="stylesheet" href="print/../../../..'.$secret.'"><link rel="attachment" href="file://'.$secret.'"><link rel="stylesheet" href="'.$address.'/x.css"><img src="'.$address.'/x.png" alt=""><p>what is printed</p>';
        $pdf = $this->pdf()->of([$html], 'somebody');
        unlink($secret);
        self::assertSame('what is printed', self::told(['pdftotext'], $pdf));
        self::assertStringContainsString('0 embedded files', self::told(['pdfdetach', '-list'], $pdf));
        stream_set_blocking($listens, false);
        self::assertFalse(@stream_socket_accept($listens, 0), 'nobody has called');
    }

    /**
     * What is done once instead of many times ({@see app/bin/once.py}) leaves every page as WeasyPrint makes it, to the byte.
     */
    public function testPagesAreTheSameAsWeasyPrintAloneMakesThem(): void
    {
        $this->signIn();
        $sums = ['9:20 am to 1:05 pm', 'order 8:25 am, 8 pm, 12:42 pm', '2 weeks 3 days ? 400 h', '_ + 45 min = 10:20 am', '6 h 10 min - 3 h 45 min', 'bananas', '12 March to 5 April'];
        $parts = [];
        foreach ([['layout' => 'page', 'scaffold' => 'full', 'example' => true, 'chart' => true], ['layout' => 'tickets', 'answers' => 'table'], ['layout' => 'page', 'answers' => 'table'], ['layout' => 'home', 'answers' => 'hands', 'times' => 'clocks', 'type' => 'large'], ['layout' => 'slips', 'answers' => 'choice']] as $settings) {
            $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Tide', 'questions' => array_map(static fn (string $sum): array => ['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => $sum]], $sums)]);
            self::assertIsString($sheet['id']);
            $this->ask('PUT', '/api/sheets/'.$sheet['id'], ['version' => $sheet['version'], 'title' => 'Tide', 'questions' => $sheet['questions'], 'settings' => $settings]);
            self::assertSame(200, $this->code());
            $parts[] = $this->page('/print/sheets/'.$sheet['id'].'?part='.([] === $parts ? 'worked' : 'both'));
        }
        foreach (['half-a-minute', 'lotto', 'make-a-clock'] as $activity) {
            $parts[] = $this->page('/print/activities/'.$activity);
        }
        [$streams, $plain] = [self::streams($this->made($parts, [])), self::streams($this->made($parts, ['--plain']))];
        self::assertGreaterThan(30, \count($streams));
        self::assertCount(\count($plain), $streams);
        self::assertSame([], array_keys(array_filter($streams, static fn (string $stream, int $i): bool => $stream !== $plain[$i], \ARRAY_FILTER_USE_BOTH)), 'places of streams that differ');
    }

    /** The page as the maker of PDFs is given it. */
    private function page(string $address): string
    {
        $this->browser->request('GET', $address);
        self::assertSame(200, $this->code());

        return str_replace('href="/', 'href="', $this->printed());
    }

    /**
     * @param list<string> $parts
     * @param list<string> $options
     */
    private function made(array $parts, array $options): string
    {
        $root = \dirname(__DIR__, 2);
        $input = json_encode(['base' => $root.'/public', 'parts' => $parts], \JSON_THROW_ON_ERROR)."\n";

        return (new Process([$root.'/bin/paper.py', ...$options], null, null, $input, 240))->mustRun()->getOutput();
    }

    /** @return list<string> all that is written on pages; of fonts, which hold the second in which they were made, the size */
    private static function streams(string $pdf): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'pdf');
        file_put_contents($path, $pdf);
        $plain = (new Process(['qpdf', '--qdf', '--object-streams=disable', $path, '-']))->mustRun()->getOutput();
        unlink($path);
        preg_match_all('/\nstream\n(.*?)\nendstream/s', $plain, $found);

        return array_map(static fn (string $stream): string => str_starts_with($stream, "\0\1\0\0") ? 'a font of '.\strlen($stream) : $stream, $found[1]);
    }

    public function testPartsAreJoinedInTheirOrder(): void
    {
        $pages = 0;
        $making = $this->pdf()->making(['<p>first</p><p style="break-before: page">second</p>', '<p>third</p>', '<p>fourth</p>'], 'somebody');
        foreach ($making as $page) {
            $pages = max($pages, $page);
        }
        self::assertSame('first second third fourth', self::told(['pdftotext'], $making->getReturn()));
        self::assertSame(4, $pages);
    }

    /** Looked at with poppler's pdfinfo, which reads the structure as a reader of screens does. */
    public function testEveryPaperIsTaggedWithItsHeadingsItsOrderAndAWordForEachFigure(): void
    {
        $this->signIn();
        $sums = ['6 h 10 min - 3 h 45 min', '9:20 am to 1:05 pm', 'order 8:25 am, 8 pm, 12:42 pm', '5 h in min', '3 December 2026 + 10 days'];
        $parts = [];
        foreach ([['layout' => 'page', 'scaffold' => 'full', 'example' => true, 'chart' => true], ['layout' => 'tickets', 'answers' => 'table'], ['layout' => 'home', 'answers' => 'hands', 'times' => 'clocks'], ['layout' => 'slips', 'answers' => 'choice']] as $settings) {
            $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Tide', 'questions' => array_map(static fn (string $sum): array => ['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => $sum]], $sums)]);
            self::assertIsString($sheet['id']);
            $this->ask('PUT', '/api/sheets/'.$sheet['id'], ['version' => $sheet['version'], 'title' => 'Tide', 'questions' => $sheet['questions'], 'settings' => $settings]);
            self::assertSame(200, $this->code());
            $parts[] = $this->page('/print/sheets/'.$sheet['id'].'?part=both');
        }
        $parts[] = $this->page('/print/activities/lotto');
        $pdf = $this->made($parts, []);
        self::assertStringContainsString('Tagged: yes', self::told(['pdfinfo'], $pdf));
        $tree = self::told(['pdfinfo', '-struct-text'], $pdf);
        // every word that is printed is told, and told once
        /** @return list<string> */
        $words = static function (string $text): array {
            $found = preg_split('/\s+/', trim($text)) ?: [];
            sort($found);

            return array_values(array_filter($found, static fn (string $word): bool => 1 === preg_match('/[\p{L}\d]/u', $word)));
        };
        preg_match_all('/"([^"]*)"/', $tree, $told);
        // the number of a page, 2 / 5, is not of its text
        $printed = $words(preg_replace('~\b\d+ / \d+\b~', '', self::told(['pdftotext', '-raw'], $pdf)) ?? '');
        self::assertGreaterThan(500, \count($printed));
        $count = static fn (string $text): array => array_count_values(mb_str_split(preg_replace('/[^\p{L}\d]/u', '', $text) ?? ''));
        $missing = [];
        foreach ($count(implode('', $printed)) as $letter => $times) {
            if (($count(implode('', $told[1]))[$letter] ?? 0) !== $times) {
                $missing[$letter] = $times - ($count(implode('', $told[1]))[$letter] ?? 0);
            }
        }
        self::assertSame([], $missing, 'letters that are printed and not told');
        // as one reads: number, question, what is drawn, answer
        self::assertMatchesRegularExpression('~H1 \(block\) "Tide"~', $tree);
        self::assertMatchesRegularExpression('~LI \(block\) Lbl \(block\) "1" LBody \(block\)(?: "[^"]*")* "6 h 10 min − 3 h 45 min"(?: "[^"]*")* Figure~', $tree);
        // no figure without its words, and none that tells an answer
        $path = (string) tempnam(sys_get_temp_dir(), 'pdf');
        file_put_contents($path, $pdf);
        $plain = (new Process(['qpdf', '--qdf', '--object-streams=disable', $path, '-']))->mustRun()->getOutput();
        unlink($path);
        preg_match_all('~/Alt \(([^)]*)\)~', $plain, $alts);
        self::assertGreaterThan(20, \count($alts[1]));
        self::assertSame(substr_count($plain, '/S /Figure'), \count(array_filter($alts[1], static fn (string $alt): bool => \strlen($alt) > 8)));
        foreach (['2 h 25', '3 h 45', '300', '13 December'] as $answer) {
            self::assertStringNotContainsString($answer, implode("\n", $alts[1]));
        }
        // nothing marked lies within something marked
        foreach (self::streams($pdf) as $stream) {
            $depth = 0;
            foreach (preg_split('/\n/', $stream) ?: [] as $operation) {
                $depth += 'BDC' === $operation || 'BMC' === $operation ? 1 : ('EMC' === $operation ? -1 : 0);
                self::assertContains($depth, [0, 1]);
            }
            self::assertSame(0, $depth);
        }
    }

    public function testEachTeacherHasOneMadeAtATime(): void
    {
        $first = $this->pdf()->making(['<p>first</p>'], 'somebody');
        $first->rewind();
        self::assertTrue($first->valid());
        try {
            $begun = hrtime(true);
            $this->pdf()->of(['<p>again</p>'], 'somebody');
            self::fail('Two were made at a time.');
        } catch (TooMuchPaper $much) {
            self::assertStringContainsString('still being made', $much->getMessage());
            self::assertLessThan(20e9, hrtime(true) - $begun);
        }
        self::assertSame('other', self::told(['pdftotext'], $this->pdf()->of(['<p>other</p>'], 'another')), 'another teacher is not kept waiting');
    }
}
