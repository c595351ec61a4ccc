<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Symfony\Component\Process\Process;

/** Turns a print page into a PDF with WeasyPrint. */
final readonly class Pdf
{
    /** @param string $publicDir where the stylesheets and fonts of the pages are */
    public function __construct(private string $publicDir)
    {
    }

    /**
     * @param string $html a whole page, its addresses relative to the public folder
     *
     * @return string the bytes of the PDF
     *
     * @throws \Symfony\Component\Process\Exception\ProcessFailedException
     */
    public function of(string $html): string
    {
        $process = new Process(['weasyprint', '--quiet', '--base-url', 'file://'.$this->publicDir.'/', '-', '-'], null, ['PATH' => '/usr/local/bin:/usr/bin:/bin', 'HOME' => sys_get_temp_dir()], $html, 60);

        return $process->mustRun()->getOutput();
    }
}
