<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

use Rostik\App\Printing\Drawing\ClockDrawing;
use Rostik\App\Printing\Drawing\ColumnsDrawing;
use Rostik\App\Printing\Drawing\LineDrawing;
use Rostik\App\Sheet\SheetSettings;
use Rostik\Core\Picture\ColumnsPicture;
use Rostik\Core\Picture\LinePicture;
use Rostik\Core\Sheet\AnswerForm;
use Rostik\Core\Sheet\Scaffold;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Missing;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Work\WorkedMethod;
use Rostik\Core\Work\WorkedSum;

/** What is drawn for a question: clocks that are given, and what there is to work on. */
final readonly class Figures
{
    /** Across, in mm: a clock face alone, and one beside another. */
    private const ALONE = 40.0;
    private const BESIDE = 36.0;

    /** @param list<StatedTime> $given times that are shown on clocks rather than written */
    public function of(Sum $sum, WorkedSum $worked, SheetSettings $settings, array $given): string
    {
        $faces = array_map(static fn (StatedTime $t): array => [$t->time(), self::half($t)], $given);
        $hands = AnswerForm::Hands === $settings->answers && $this->hasHands($sum);
        if ($hands) {
            $faces[] = [null, ''];
        }
        $across = \count($faces) > 1 ? self::BESIDE : self::ALONE;
        $clocks = implode('', array_map(static fn (array $face): string => ClockDrawing::of($face[0], $across, $face[1]), $faces));

        return $clocks.($hands || ($sum instanceof Rewrite && [] !== $given) ? '' : $this->paper($sum, $worked, $settings));
    }

    /** Clocks that are given, without anything to work on. */
    public function clocks(StatedTime ...$given): string
    {
        return implode('', array_map(static fn (StatedTime $t): string => ClockDrawing::of($t->time(), \count($given) > 1 ? self::BESIDE : self::ALONE, self::half($t)), $given));
    }

    /** The working as it stands at the end; empty where the method draws nothing for paper. */
    public function worked(WorkedMethod $method): string
    {
        $first = $method->steps[0]->picture;
        $last = $method->steps[\count($method->steps) - 1]->picture;

        return match (true) {
            $last instanceof ColumnsPicture => ColumnsDrawing::of($last, Scaffold::Full, true),
            $last instanceof LinePicture && $first instanceof LinePicture => LineDrawing::of($first, $last, Scaffold::Full, true),
            default => '',
        };
    }

    private function hasHands(Sum $sum): bool
    {
        $plain = $sum instanceof Missing ? $sum->turnedRound() : $sum;

        return $plain instanceof ClockMove || $plain instanceof Rewrite;
    }

    private function paper(Sum $sum, WorkedSum $worked, SheetSettings $settings): string
    {
        $plain = $sum instanceof Missing ? $sum->turnedRound() : $sum;
        $line = $this->drawn($worked, LinePicture::class);
        $columns = $this->drawn($worked, ColumnsPicture::class);
        $wantsLine = match ($settings->answers) {
            AnswerForm::Line => true,
            AnswerForm::Columns => false,
            default => null === $columns || $plain instanceof ClockMove || $sum instanceof Missing || 'number-line' === ($worked->recommended->method ?? ''),
        };
        $asked = AnswerForm::Line === $settings->answers || AnswerForm::Columns === $settings->answers;
        if (Scaffold::None === $settings->scaffold && !$asked) {
            return '';
        }
        if ($wantsLine && null !== $line && (Scaffold::Full === $settings->scaffold || $asked)) {
            return LineDrawing::of($line[0], $line[1], $settings->scaffold);
        }
        if (!$wantsLine && null !== $columns && (Scaffold::Full === $settings->scaffold || $asked)) {
            return ColumnsDrawing::of($columns[0], $settings->scaffold);
        }

        return Scaffold::None === $settings->scaffold ? '' : ColumnsDrawing::paper();
    }

    /**
     * The first and the last picture of the method that draws this model.
     *
     * @template P of LinePicture|ColumnsPicture
     *
     * @param class-string<P> $model
     *
     * @return array{P, P}|null
     */
    private function drawn(WorkedSum $worked, string $model): ?array
    {
        foreach ($worked->methods as $method) {
            $first = $method->steps[0]->picture;
            $last = $method->steps[\count($method->steps) - 1]->picture;
            if ($first instanceof $model && $last instanceof $model) {
                return [$first, $last];
            }
        }

        return null;
    }

    private static function half(StatedTime $time): string
    {
        return !$time->halfSaid ? '' : ($time->minutes < 720 ? 'a.m.' : 'p.m.');
    }
}
