<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

use Rostik\App\Classroom\Classrooms;
use Rostik\App\Sheet\Copy;
use Rostik\App\Sheet\CopySets;
use Rostik\App\Sheet\Question;
use Rostik\App\Sheet\QuestionText;
use Rostik\App\Sheet\Sheet;
use Rostik\App\Sheet\SheetRepository;
use Rostik\App\Sheet\SheetSettings;
use Rostik\Core\Notation\Style;
use Rostik\Core\Question\Manner;
use Rostik\Core\Sheet\Layout;
use Twig\Environment;

/** Puts the pages together: the sheets or copies that are to be printed, and their HTML. */
final readonly class Printing
{
    public function __construct(
        private QuestionPrinter $printer,
        private SheetRepository $sheets,
        private CopySets $sets,
        private Classrooms $classrooms,
        private Environment $twig,
    ) {
    }

    /** @return list<PrintedSheet> */
    public function sheets(Sheet $sheet, PrintRequest $how): array
    {
        $family = $how->levels ? $this->sheets->family($sheet) : [];
        $printed = [];
        foreach ([] === $family ? [$sheet] : $family as $one) {
            array_push($printed, ...$this->copiesOf($one, $one === $sheet ? $how->set : $this->lastSet($one, $how), $how));
        }

        return $printed;
    }

    /** The last copies of another level, where copies are printed at all. */
    private function lastSet(Sheet $level, PrintRequest $how): ?string
    {
        return null === $how->set ? null : ($this->sets->of($level)[0]->id ?? null);
    }

    /** @return list<PrintedSheet> the copies of a set; the sheet itself without one */
    private function copiesOf(Sheet $sheet, ?string $set, PrintRequest $how): array
    {
        if (null === $set) {
            return [$this->printed($sheet, array_map(static fn (Question $q): QuestionText => $q->text(), $sheet->questions()), $how)];
        }
        $copies = array_filter($this->sets->copies($sheet, $set), static fn (Copy $copy): bool => null === $how->code || $how->code === $copy->code());

        return array_values(array_map(fn (Copy $copy): PrintedSheet => $this->printed($sheet, $copy->questions(), $how, $copy), $copies));
    }

    /** A part has no fewer sheets than these. */
    private const PART = 4;

    /** Into so many parts a long document is divided. */
    private const SIDE_BY_SIDE = 2;

    /** A key takes so much of the time that a copy takes (measured). */
    private const KEY = 0.27;

    /**
     * @param list<PrintedSheet> $sheets
     * @param string             $root   where stylesheets are found from: "/" for the browser, "" for the PDF
     */
    public function html(array $sheets, PrintRequest $how, string $root): string
    {
        return $this->document($sheets, $sheets, $sheets, $how, $root);
    }

    /**
     * The same as documents that can be made side by side and joined: copies a few at a time, and their keys.
     *
     * @param list<PrintedSheet> $sheets
     *
     * @return non-empty-list<string>
     */
    public function parts(array $sheets, PrintRequest $how): array
    {
        // pieces of pages are cut from one page together; pages of levels are counted through
        $apart = \count($sheets) > self::PART && [] === array_filter($sheets, static fn (PrintedSheet $sheet): bool => '' === $sheet->code || null !== $sheet->settings->layout->room());
        if (!$apart) {
            return [$this->html($sheets, $how, '')];
        }
        // the keys go with the last of the copies: each part costs something of its own
        $keysLast = $how->hasKey() && PrintPart::Worked !== $how->part;
        $some = array_chunk($sheets, max(self::PART, (int) ceil(\count($sheets) * ($keysLast ? 1 + self::KEY : 1) / self::SIDE_BY_SIDE)));
        $parts = [];
        foreach ($some as $i => $copies) {
            $keys = match (true) {
                !$how->hasKey() => [],
                PrintPart::Worked === $how->part => $copies,
                default => $i === \count($some) - 1 ? $sheets : [],
            };
            if ($how->hasSheet() || [] !== $keys) {
                $parts[] = $this->document($sheets, $how->hasSheet() ? $copies : [], $keys, $how, '');
            }
        }

        return [] === $parts ? [$this->html($sheets, $how, '')] : $parts;
    }

    /**
     * @param list<PrintedSheet> $all    that are printed
     * @param list<PrintedSheet> $sheets whose pages are in this document
     * @param list<PrintedSheet> $keys   whose keys are
     */
    private function document(array $all, array $sheets, array $keys, PrintRequest $how, string $root): string
    {
        return $this->twig->render('print/document.html.twig', ['all' => $all, 'sheets' => $sheets, 'keys' => $keys, 'how' => $how, 'root' => $root]);
    }

    /** @param list<QuestionText> $questions */
    private function printed(Sheet $sheet, array $questions, PrintRequest $how, ?Copy $copy = null): PrintedSheet
    {
        $settings = $sheet->settings();
        // a sheet that is for no class in particular is for the one in hand
        $class = $sheet->classroom() ?? $this->classrooms->inHand($sheet->owner());
        $manner = $settings->manner($class?->methods() ?? [], $class?->style() ?? new Style());
        $table = $settings->table?->table()?->later($copy?->moved() ?? 0);
        $plain = array_filter($questions, static fn (QuestionText $q): bool => !$q->challenge);
        $questions = $settings->printed($questions);
        $lines = [];
        foreach ($questions as $i => $question) {
            $lines[] = $this->printer->print($i + 1, $question, $manner, PrintPart::Worked === $how->part, $table);
        }

        return new PrintedSheet(
            $sheet->title(),
            $settings,
            \array_slice($lines, 0, \count($plain)),
            \array_slice($lines, \count($plain)),
            $how->hasSheet() ? $this->example($questions, $settings, $manner, $sheet) : null,
            $class?->name() ?? '',
            $copy?->code() ?? '',
            $copy?->name() ?? '',
            null === $table ? null : PrintedTable::of($table, $manner->style),
        );
    }

    /** @param list<QuestionText> $questions */
    private function example(array $questions, SheetSettings $settings, Manner $manner, Sheet $sheet): ?PrintedQuestion
    {
        if ((!$settings->example && Layout::Home !== $settings->layout) || null !== $settings->layout->room()) {
            return null;
        }

        return $this->printer->example($questions, $manner, crc32($sheet->id()->toRfc4122()));
    }
}
