<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

use Rostik\App\Account\Teacher;
use Rostik\App\Sheet\Sheets;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\String\Slugger\AsciiSlugger;

/** The print pages: one HTML for the browser's print preview and for the PDF. */
final readonly class PrintController
{
    public function __construct(private Sheets $sheets, private PdfReplies $pdf, private Printing $printing)
    {
    }

    #[Route('/print/sheets/{id}', name: 'print_sheet', methods: ['GET'])]
    public function page(string $id, #[MapQueryString] PrintRequest $how = new PrintRequest()): Response
    {
        return new Response($this->printing->html($this->printed($id, $how), $how, '/'));
    }

    #[Route('/print/sheets/{id}.pdf', name: 'print_sheet_pdf', methods: ['GET'], priority: 1)]
    public function pdf(string $id, #[CurrentUser] Teacher $teacher, #[MapQueryString] PrintRequest $how = new PrintRequest()): Response
    {
        $sheets = $this->printed($id, $how);

        return $this->pdf->whole($this->printing->parts($sheets, $how), $teacher, $this->name($sheets, $how));
    }

    #[Route('/print/sheets/{id}.pdf/progress', name: 'print_sheet_progress', methods: ['GET'], priority: 1)]
    public function progress(string $id, #[CurrentUser] Teacher $teacher, #[MapQueryString] PrintRequest $how = new PrintRequest()): Response
    {
        $sheets = $this->printed($id, $how);

        return $this->pdf->byPage($this->printing->parts($sheets, $how), $teacher, $this->name($sheets, $how));
    }

    /** @return list<PrintedSheet> */
    private function printed(string $id, PrintRequest $how): array
    {
        // a copy that was handed out has its key, even where the sheet is gone
        return $this->printing->sheets($this->sheets->get($id, evenDeleted: null !== $how->set), $how);
    }

    /** @param list<PrintedSheet> $sheets */
    private function name(array $sheets, PrintRequest $how): string
    {
        $name = (new AsciiSlugger('en'))->slug($sheets[0]->title ?? '')->lower()->toString();

        return ('' === $name ? 'sheet' : $name).($how->hasSheet() ? '' : '-key').'.pdf';
    }
}
