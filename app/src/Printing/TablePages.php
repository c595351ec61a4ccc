<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

/**
 * Which questions about a timetable stand on one page with it: the timetable is printed again on every page that has
 * questions about it. Browsers repeat no head of a table that is higher than a quarter of the page, so the pages are told
 * apart here. Heights are those of print.css, in mm, rather too high than too low.
 */
final class TablePages
{
    /** With fewer questions than these beside it, a timetable is a page of its own, and not printed again. */
    private const FEWEST = 4;

    /** The name and the title; an instruction below them; the frame of a worked example. */
    private const HEAD = 26.0;
    private const INSTRUCTION = 8.0;

    /** A line of the timetable, and what lies around each of its parts. */
    private const ROW = 7.0;
    private const PART = 3.5;
    private const BELOW = 7.0;

    /** A line of a question, in the usual size of type, the space below it, and so many letters to a line. */
    private const LINE = 6.5;
    private const SPACE = 7.0;
    private const LETTERS = 39;

    /** @return list<non-empty-list<PrintedQuestion>> one list for each page; the rest of the last page is for what follows */
    public static function of(PrintedSheet $sheet, Paper $paper): array
    {
        $about = $sheet->aboutTheTable();
        if (!self::repeats($sheet, $paper)) {
            return [] === $about ? [] : [$about];
        }
        $table = self::table($sheet);
        $left = $paper->high() - self::HEAD - ('' === $sheet->settings->instruction ? 0 : self::INSTRUCTION) - $table;
        $pages = [];
        $page = [];
        foreach ($about as $question) {
            $high = self::question($question, $sheet);
            if ($left < $high && [] !== $page) {
                $pages[] = $page;
                $page = [];
                $left = $paper->high() - $table;
            }
            $page[] = $question;
            $left -= $high;
        }

        return [] === $page ? $pages : [...$pages, $page];
    }

    /** Whether there is room beside it for some questions on every page. */
    public static function repeats(PrintedSheet $sheet, Paper $paper): bool
    {
        $room = $paper->high() - self::HEAD - self::table($sheet);
        foreach (\array_slice($sheet->aboutTheTable(), 0, self::FEWEST) as $question) {
            $room -= self::question($question, $sheet);
        }

        return $room >= 0;
    }

    private static function table(PrintedSheet $sheet): float
    {
        $high = self::BELOW + (\in_array($sheet->table->title ?? '', ['', $sheet->title], true) ? 0 : self::ROW);
        $high += '' === ($sheet->table->caution ?? '') ? 0 : 2 * self::ROW;
        foreach ($sheet->table->parts ?? [] as $part) {
            $lines = array_sum(array_map(static fn (array $row): int => mb_strlen($row['name'].$row['what']) > 18 ? 2 : 1, $part['rows']));
            $high += self::PART + self::ROW * ($lines + ([] === $part['names'] ? 0 : 1) + ([] === $part['days'] ? 0 : 1));
        }

        return $high;
    }

    private static function question(PrintedQuestion $question, PrintedSheet $sheet): float
    {
        $type = match ($sheet->settings->type->value) {
            'small' => 0.85,
            'large' => 1.24,
            default => 1.0,
        };

        $lines = 1 + substr_count(wordwrap($question->posed->asked, (int) (self::LETTERS / $type), "\n", true), "\n");

        return self::SPACE + self::LINE * $type * $lines + ($question->posed->isDrawn() ? 50.0 : 0.0);
    }
}
