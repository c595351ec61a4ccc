<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

use Rostik\App\Account\Teacher;
use Rostik\App\Api\Problem;
use Rostik\App\Sheet\Sheets;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\String\Slugger\AsciiSlugger;

/** The print pages: one HTML for the browser's print preview and for the PDF. */
final readonly class PrintController
{
    public function __construct(private Sheets $sheets, private Pdf $pdf, private Printing $printing)
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

        try {
            $pdf = $this->pdf->of($this->printing->parts($sheets, $how), $teacher->id()->toRfc4122());
        } catch (TooMuchPaper $much) {
            return Problem::response(429, 'too-much-paper', $much->getMessage(), headers: ['Retry-After' => '60']);
        }

        return new Response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_INLINE, $this->name($sheets, $how)),
        ]);
    }

    /**
     * The same PDF with word of how far it is, for long ones: lines of JSON, `{"page":0}` while it waits for its turn,
     * `{"page":3}` for every page as it is laid out, `{"no":"…"}` where it cannot be made, and at the end `{"name":"…","pdf":"…"}` with the file in base64.
     */
    #[Route('/print/sheets/{id}.pdf/progress', name: 'print_sheet_progress', methods: ['GET'], priority: 1)]
    public function progress(string $id, #[CurrentUser] Teacher $teacher, #[MapQueryString] PrintRequest $how = new PrintRequest()): Response
    {
        $sheets = $this->printed($id, $how);
        $name = $this->name($sheets, $how);
        $parts = $this->printing->parts($sheets, $how);
        $response = new StreamedResponse(function () use ($parts, $teacher, $name): void {
            try {
                $making = $this->pdf->making($parts, $teacher->id()->toRfc4122());
                foreach ($making as $page) {
                    self::say(['page' => $page]);
                }
                self::say(['name' => $name, 'pdf' => base64_encode($making->getReturn())]);
            } catch (TooMuchPaper $much) {
                self::say(['no' => $much->getMessage()]);
            }
        });
        $response->headers->add(['Content-Type' => 'application/x-ndjson', 'X-Accel-Buffering' => 'no', 'Cache-Control' => 'no-store']);

        return $response;
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

    /** @param array<string, int|string> $line */
    private static function say(array $line): void
    {
        echo json_encode($line, \JSON_THROW_ON_ERROR)."\n";
        if (ob_get_level() > 0) {
            ob_flush();
        }
        flush();
    }
}
