<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Question;
use Rostik\Core\Sheet\Format\Formats;
use Rostik\Core\Sheet\Format\Refused;
use Rostik\Core\Sheet\PlainSheet;
use Rostik\Core\Work\Workbench;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\String\Slugger\AsciiSlugger;

/** Sheets as files: text, CSV, QTI. */
final readonly class FileController
{
    public function __construct(private Sheets $sheets, private Formats $formats, private Workbench $bench, private SumReader $reader, private Forms $forms)
    {
    }

    /** The questions of a sheet as a file to be kept; those that cannot be read are left out, since no file could be read with them. */
    #[Route('/api/sheets/{id}/file/{format}', methods: ['GET'])]
    public function file(string $id, string $format): Response
    {
        $as = $this->formats->format($format) ?? throw new NotFoundHttpException();
        $sheet = $this->sheets->get($id);
        $questions = [];
        foreach ($sheet->questions() as $question) {
            try {
                $this->bench->answer($question->text()->sum);
                $questions[] = $question->text()->read($this->reader);
            } catch (NotUnderstood) {
                continue;
            }
        }
        $name = (new AsciiSlugger('en'))->slug($sheet->title())->lower()->toString();

        return new Response($as->write(new PlainSheet($sheet->title(), $questions)), 200, [
            'Content-Type' => $as->mediaType(),
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, ('' === $name ? 'sheet' : $name).'.'.$as->extension()),
        ]);
    }

    /** Reads a pasted list or a file's contents; nothing is kept. */
    #[Route('/api/sheets/read', methods: ['POST'], priority: 1)]
    public function read(#[MapRequestPayload] ReadFileRequest $file): Response
    {
        try {
            $sheet = $this->formats->guess($file->text)->read($file->text);
        } catch (Refused $refused) {
            return new JsonResponse(new ReadFileReply('', [], $refused->faults));
        }

        return new JsonResponse(new ReadFileReply($sheet->title, array_map(fn (Question $question): QuestionText => QuestionText::of($question, $this->forms->write($question->sum, Writer::plain())), $sheet->questions), []));
    }
}
