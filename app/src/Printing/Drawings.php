<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

use Rostik\App\Printing\Drawing\ClockDrawing;
use Rostik\App\Printing\Drawing\ColumnsDrawing;
use Rostik\App\Printing\Drawing\LineDrawing;
use Rostik\App\Printing\Drawing\MonthDrawing;
use Rostik\Core\Method\Working;
use Rostik\Core\Picture\ColumnsPicture;
use Rostik\Core\Picture\LinePicture;
use Rostik\Core\Picture\MonthPicture;
use Rostik\Core\Picture\Picture;
use Rostik\Core\Picture\SetOutPicture;
use Rostik\Core\Picture\SetOutSum;
use Rostik\Core\Question\Room;
use Rostik\Core\Question\Scaffold;
use Rostik\Core\Question\ShownClock;
use Twig\Extension\AbstractExtension;
use Twig\TwigFilter;
use Twig\TwigFunction;

/** What is drawn on paper, as SVG, for the templates. */
final class Drawings extends AbstractExtension
{
    /** Across, in mm: a clock face alone, and one beside another. */
    private const ALONE = 40.0;
    private const BESIDE = 36.0;

    public function getFilters(): array
    {
        return [new TwigFilter('together', self::together(...))];
    }

    /** Numbers are not parted from their units, nor times from their half of the day, where a line ends. */
    public static function together(?string $said): string
    {
        $said = preg_replace('/(?<=\d) (?=(?:January|February|March|April|May|June|July|August|September|October|November|December)\b)/', "\u{a0}", $said ?? '');

        return preg_replace('/(?<=\d) (?=(?:[ap]\.m\.|[ap]m|[AP]M|noon|midnight|h|hours?|min|minutes?|s|seconds?|days?|weeks?|months?|years?)(?![a-z]))/', "\u{a0}", $said ?? '') ?? '';
    }

    public function getFunctions(): array
    {
        $html = ['is_safe' => ['html']];

        return [
            new TwigFunction('clock_faces', $this->clocks(...), $html),
            new TwigFunction('room_to_work', $this->room(...), $html),
            new TwigFunction('squared_paper', ColumnsDrawing::paper(...), $html),
        ];
    }

    /**
     * Clock faces beside each other.
     *
     * @param list<ShownClock> $shown
     * @param bool             $empty whether the last is one to draw the hands on
     */
    public function clocks(array $shown, bool $roman, bool $empty = false): string
    {
        $across = \count($shown) + (int) $empty > 1 ? self::BESIDE : self::ALONE;
        // one without a word below it is as high as one with
        $level = [] !== array_filter($shown, static fn (ShownClock $clock): bool => '' !== $clock->half);
        $faces = array_map(static fn (ShownClock $clock): string => ClockDrawing::of($clock->time, $across, $clock->half, $roman, $level), $shown);

        return implode('', $faces).($empty ? ClockDrawing::of(null, $across, '', $roman, $level) : '');
    }

    /** Columns, a line or squared paper to work on. */
    public function room(?Room $room): string
    {
        return match (true) {
            null === $room => '',
            $room->begins instanceof LinePicture && $room->ends instanceof LinePicture => LineDrawing::of($room->begins, $room->ends, $room->scaffold),
            $room->begins instanceof MonthPicture && $room->ends instanceof MonthPicture => MonthDrawing::of($room->begins->together($room->ends), Scaffold::Full === $room->scaffold),
            $room->begins instanceof ColumnsPicture => ColumnsDrawing::of($room->begins, $room->scaffold),
            // how much of it is seen is the page's to say ({@see Filling})
            default => '<div class="paper">'.ColumnsDrawing::paper().'</div>',
        };
    }

    /** The working as it stands at the end; empty where the method draws nothing for paper. */
    public function worked(Working $working): string
    {
        $first = $working->steps[0]->picture;
        $last = $working->steps[\count($working->steps) - 1]->picture;
        if ($last instanceof SetOutPicture) {
            // of a problem: each of its sums as it was worked
            return implode('', array_map(fn (SetOutSum $sum): string => null === $sum->working ? '' : $this->drawn($sum->working, $sum->working), $last->sums));
        }

        return $this->drawn($first, $last);
    }

    private function drawn(Picture $first, Picture $last): string
    {
        return match (true) {
            $last instanceof ColumnsPicture => ColumnsDrawing::of($last, Scaffold::Full, true),
            $last instanceof LinePicture && $first instanceof LinePicture => LineDrawing::of($first, $last, Scaffold::Full, true),
            $last instanceof MonthPicture => MonthDrawing::of($last, true),
            default => '',
        };
    }
}
