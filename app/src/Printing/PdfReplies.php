<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

use Rostik\App\Account\Teacher;
use Rostik\App\Api\Problem;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A PDF as a reply: at once, or with word of how far it is. */
final readonly class PdfReplies
{
    public function __construct(private Pdf $pdf)
    {
    }

    /**
     * 429 where too many are being made.
     *
     * @param list<string> $parts whole pages of HTML ({@see Pdf::of})
     * @param string       $name  of the file
     */
    public function whole(array $parts, Teacher $teacher, string $name): Response
    {
        try {
            $pdf = $this->pdf->of($parts, $teacher->id()->toRfc4122());
        } catch (TooMuchPaper $much) {
            return Problem::response(429, 'too-much-paper', $much->getMessage(), headers: ['Retry-After' => '60']);
        }

        return new Response($pdf, 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_INLINE, $name)]);
    }

    /**
     * For long ones: lines of JSON, `{"page":0}` while it waits for its turn, `{"page":3}` for every page as it is laid out,
     * `{"no":"…"}` where it cannot be made, and at the end `{"name":"…","pdf":"…"}` with the file in base64.
     *
     * @param list<string> $parts whole pages of HTML ({@see Pdf::of})
     * @param string       $name  of the file
     */
    public function byPage(array $parts, Teacher $teacher, string $name): Response
    {
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
