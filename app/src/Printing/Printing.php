<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

use Rostik\App\Account\Teacher;
use Rostik\App\Classroom\Classrooms;
use Rostik\App\Sheet\Question;
use Rostik\App\Sheet\Sheet;
use Rostik\App\Sheet\SheetRepository;
use Rostik\App\Sheet\SheetSettings;
use Rostik\App\Sheet\Variant;
use Rostik\App\Sheet\VariantSets;
use Rostik\Core\Sheet\Layout;
use Twig\Environment;

/** Puts the pages together: the sheets or copies that are to be printed, and their HTML. */
final readonly class Printing
{
    public function __construct(
        private QuestionPrinter $printer,
        private SheetRepository $sheets,
        private VariantSets $sets,
        private Classrooms $classrooms,
        private Environment $twig,
    ) {
    }

    /** @return list<PrintedSheet> */
    public function sheets(Sheet $sheet, PrintRequest $how): array
    {
        if (null !== $how->set) {
            $copies = $this->sets->copies($sheet, $how->set);
            $copies = array_values(array_filter($copies, static fn (Variant $copy): bool => null === $how->code || $how->code === $copy->code()));

            return array_map(fn (Variant $copy): PrintedSheet => $this->printed($sheet, $copy->questions(), $how, $copy), $copies);
        }
        $family = $how->levels ? $this->sheets->family($sheet) : [];

        return array_map(
            fn (Sheet $one): PrintedSheet => $this->printed($one, array_map(static fn (Question $q): array => ['sum' => $q->sum(), 'wording' => $q->wording(), 'challenge' => $q->isChallenge()], $one->questions()), $how),
            [] === $family ? [$sheet] : $family,
        );
    }

    /**
     * @param list<PrintedSheet> $sheets
     * @param string             $root   where stylesheets are found from: "/" for the browser, "" for the PDF
     */
    public function html(array $sheets, PrintRequest $how, string $root): string
    {
        return $this->twig->render('print/document.html.twig', ['sheets' => $sheets, 'how' => $how, 'root' => $root]);
    }

    /** @param list<array{sum: string, wording: string, challenge: bool}> $questions */
    private function printed(Sheet $sheet, array $questions, PrintRequest $how, ?Variant $copy = null): PrintedSheet
    {
        $settings = $sheet->settings();
        $teacher = $sheet->owner();
        // what stands apart stands at the end
        usort($questions, static fn (array $a, array $b): int => $a['challenge'] <=> $b['challenge']);
        $plain = array_filter($questions, static fn (array $q): bool => !$q['challenge']);
        $room = $settings->layout->room();
        if (null !== $room) {
            $questions = \array_slice($questions, 0, $room);
        }
        $lines = [];
        foreach ($questions as $i => $question) {
            $lines[] = $this->printer->print($i + 1, $question['sum'], $question['wording'], $settings, $teacher, PrintPart::Worked === $how->part);
        }
        $class = $this->classrooms->find($teacher, $settings->classId);

        return new PrintedSheet(
            $sheet->title(),
            $settings,
            \array_slice($lines, 0, \count($plain)),
            \array_slice($lines, \count($plain)),
            $how->hasSheet() ? $this->example($questions, $settings, $teacher, $sheet) : null,
            $class?->name() ?? $teacher->className(),
            $copy?->code() ?? '',
            $copy?->name() ?? '',
        );
    }

    /** @param list<array{sum: string, wording: string, challenge: bool}> $questions */
    private function example(array $questions, SheetSettings $settings, Teacher $teacher, Sheet $sheet): ?PrintedQuestion
    {
        if ((!$settings->example && Layout::Home !== $settings->layout) || null !== $settings->layout->room()) {
            return null;
        }

        return $this->printer->example(array_column($questions, 'sum'), $settings, $teacher, crc32($sheet->id()->toRfc4122()));
    }
}
