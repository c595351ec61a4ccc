<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\App\Account\Teacher;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\String\Slugger\AsciiSlugger;
use Twig\Environment;

/** The print pages: one HTML for the browser's print preview and for the PDF. */
final readonly class PrintController
{
    public function __construct(private Sheets $sheets, private Environment $twig, private Pdf $pdf, private Printing $printing)
    {
    }

    #[Route('/print/sheets/{id}', name: 'print_sheet', methods: ['GET'])]
    public function page(string $id, #[CurrentUser] Teacher $teacher, #[MapQueryString] PrintRequest $how = new PrintRequest()): Response
    {
        return new Response($this->html($this->sheets->reply($this->sheets->get($id)), $teacher, $how, '/'));
    }

    #[Route('/print/sheets/{id}.pdf', name: 'print_sheet_pdf', methods: ['GET'], priority: 1)]
    public function pdf(string $id, #[CurrentUser] Teacher $teacher, #[MapQueryString] PrintRequest $how = new PrintRequest()): Response
    {
        $sheet = $this->sheets->reply($this->sheets->get($id));
        $name = (new AsciiSlugger('en'))->slug($sheet->title)->lower()->toString();
        $name = ('' === $name ? 'sheet' : $name).(PrintPart::Key === $how->part || PrintPart::Worked === $how->part ? '-key' : '').'.pdf';

        return new Response($this->pdf->of($this->html($sheet, $teacher, $how, '')), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_INLINE, $name),
        ]);
    }

    /** @param string $root where stylesheets are found from: "/" for the browser, "" for the PDF */
    private function html(SheetReply $sheet, Teacher $teacher, PrintRequest $how, string $root): string
    {
        // a line for the answer alone was asked for: nothing is drawn
        $settings = $how->squares ? $sheet->settings : $sheet->settings->withoutScaffold();
        $lines = array_map(fn (QuestionReply $q): PrintLine => $this->printing->line($q, $settings, $teacher), $sheet->questions);

        return $this->twig->render('print/sheet.html.twig', [
            'sheet' => $sheet,
            'lines' => $lines,
            'how' => $how,
            'settings' => $settings,
            'example' => $settings->example ? $this->printing->example($sheet, $teacher) : null,
            'tall' => [] !== array_filter($lines, static fn (PrintLine $l): bool => '' !== $l->figure),
            'class_name' => $teacher->className(),
            'root' => $root,
        ]);
    }
}
