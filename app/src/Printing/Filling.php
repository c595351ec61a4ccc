<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

use Rostik\Core\Question\Form\Written;

/**
 * How high the squared paper beside a question is, so that nothing breaks that could stand on one page, and where pages break
 * little is left empty: so many rows of squares with which there are the fewest pages, and the least is empty on all but the
 * last. Heights are those of print.css, in mm.
 */
final class Filling
{
    private const MOST = 5;
    private const FEWEST = 3;

    private const SQUARE = 7.0;

    /** A row of two questions without their squares, in the usual size of type: the sum, the answer, and what lies between. */
    private const ROW = 20.3;

    /** The name and the title; the frame of a worked example; the answers at the foot. */
    private const HEAD = 24.0;
    private const EXAMPLE = 21.0;
    private const FOOT = 14.0;

    /** A line of small type. */
    private const LINE = 5.3;

    public static function squares(PrintedSheet $sheet, Paper $paper): int
    {
        foreach ($sheet->all() as $question) {
            $form = $question->posed->form;
            if (!$form instanceof Written || null === $form->room || null !== $form->room->begins || [] !== $question->posed->clocks) {
                // what is drawn otherwise has a height of its own
                return self::MOST;
            }
        }
        if ([] !== $sheet->challenge || !$sheet->inTwoColumns() || 'usual' !== $sheet->settings->type->value) {
            return self::MOST;
        }
        $best = self::MOST;
        $least = null;
        for ($rows = self::MOST; $rows >= self::FEWEST; --$rows) {
            $now = self::pages($sheet, $paper, self::ROW + $rows * self::SQUARE);
            if (null === $least || $now < $least) {
                [$best, $least] = [$rows, $now];
            }
        }

        return $best;
    }

    /**
     * @param float $row the height of a row of two questions
     *
     * @return array{int, float} how many pages there are, and how much is left empty on all but the last
     */
    private static function pages(PrintedSheet $sheet, Paper $paper, float $row): array
    {
        $page = $paper->high();
        $left = $page - self::HEAD - ('' === $sheet->settings->instruction ? 0 : 8) - self::example($sheet);
        $pages = 1;
        $empty = 0.0;
        for ($rows = (int) ceil(\count($sheet->questions) / 2); $rows > 0; --$rows) {
            if ($left < $row) {
                ++$pages;
                $empty += $left;
                $left = $page;
            }
            $left -= $row;
        }

        return $left < self::foot($sheet) ? [$pages + 1, $empty + $left] : [$pages, $empty];
    }

    private static function example(PrintedSheet $sheet): float
    {
        $steps = $sheet->example?->working->steps ?? [];
        if (null === $sheet->example) {
            return 0;
        }
        $lines = array_sum(array_map(static fn (string $step): int => (int) ceil(mb_strlen($step) / 38), $steps));
        $helper = 'home' === $sheet->settings->layout->value ? 15.0 : 0.0;

        return self::EXAMPLE + $helper + max(35.0, $lines * self::LINE);
    }

    private static function foot(PrintedSheet $sheet): float
    {
        $chart = $sheet->settings->chart ? 10.0 : 0.0;
        if ('home' !== $sheet->settings->layout->value) {
            return $chart;
        }
        $letters = 45 + array_sum(array_map(static fn (PrintedQuestion $one): int => 8 + mb_strlen($one->posed->answer ?? ''), $sheet->all()));

        return $chart + self::FOOT + self::LINE * ceil($letters / 90);
    }
}
