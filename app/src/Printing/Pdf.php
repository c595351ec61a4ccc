<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

use Symfony\Component\Process\Exception\ProcessFailedException;
use Symfony\Component\Process\Process;

/** Turns print pages into a PDF with WeasyPrint. */
final readonly class Pdf
{
    /** The longest that one document may take, in seconds. */
    private const LONGEST = 110;

    /** @param string $publicDir where the stylesheets and fonts of the pages are */
    public function __construct(private string $publicDir)
    {
    }

    /**
     * @param string $html a whole page, its addresses relative to the public folder
     *
     * @return string the bytes of the PDF
     *
     * @throws ProcessFailedException
     */
    public function of(string $html): string
    {
        return $this->process($html, '--quiet')->mustRun()->getOutput();
    }

    /**
     * The same, page by page: the number of each page as it is laid out; the bytes of the PDF are returned at the end.
     *
     * @return \Generator<int, int, void, string>
     *
     * @throws ProcessFailedException
     */
    public function making(string $html): \Generator
    {
        $process = $this->process($html, '--verbose');
        $process->start();
        $said = '';
        $last = 0;
        foreach ($process->getIterator(Process::ITER_KEEP_OUTPUT) as $channel => $text) {
            if (Process::ERR !== $channel) {
                continue;
            }
            $said .= $text;
            $page = preg_match_all('/Step \d+ - Creating layout - Page (\d+)/', $said, $pages) > 0 ? (int) end($pages[1]) : 0;
            // the half of a line that may still be coming
            $said = substr($said, (int) strrpos($said, "\n"));
            if ($page > $last) {
                yield $last = $page;
            }
        }
        if (!$process->isSuccessful()) {
            throw new ProcessFailedException($process);
        }

        return $process->getOutput();
    }

    private function process(string $html, string $words): Process
    {
        return new Process(['weasyprint', $words, '--base-url', 'file://'.$this->publicDir.'/', '-', '-'], null, ['PATH' => '/usr/local/bin:/usr/bin:/bin', 'HOME' => sys_get_temp_dir()], $html, self::LONGEST);
    }
}
