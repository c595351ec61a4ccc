<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Printing;

use Rostik\App\Printing\Pdf;
use Rostik\App\Printing\TooMuchPaper;
use Rostik\App\Tests\ApiTestCase;
use Symfony\Component\Process\Process;

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
