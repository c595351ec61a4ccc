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
use Rostik\Core\Sheet\TimesGiven;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Missing;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Sum\Unknown;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Work\WorkedMethod;
use Rostik\Core\Work\WorkedSum;

/** What is drawn for a question: clocks that are given, and what there is to work on. */
final readonly class Figures
{
    /** Across, in mm: a clock face alone, and one beside another. */
    private const ALONE = 40.0;
    private const BESIDE = 36.0;

    /**
     * @param list<StatedTime> $given  times that are shown on clocks rather than written
     * @param ?WorkedMethod    $method in which it is to be set out
     */
    public function of(Sum $sum, SheetSettings $settings, array $given, ?WorkedMethod $method): string
    {
        $faces = array_map(static fn (StatedTime $t): array => [$t->time(), self::half($t)], $given);
        $hands = $this->hasHands($sum, $settings);
        if ($hands) {
            $faces[] = [null, ''];
        }
        $across = \count($faces) > 1 ? self::BESIDE : self::ALONE;
        $roman = TimesGiven::RomanClocks === $settings->times;
        $level = [] !== array_filter($faces, static fn (array $face): bool => '' !== $face[1]);
        $clocks = implode('', array_map(static fn (array $face): string => ClockDrawing::of($face[0], $across, $face[1], $roman, $level), $faces));

        return $clocks.($hands || ($sum instanceof Rewrite && [] !== $given) ? '' : $this->paper($settings, $method));
    }

    /** Clocks that are given, without anything to work on. */
    public function clocks(bool $roman, StatedTime ...$given): string
    {
        return implode('', array_map(static fn (StatedTime $t): string => ClockDrawing::of($t->time(), \count($given) > 1 ? self::BESIDE : self::ALONE, self::half($t), $roman), $given));
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

    /** Whether hands are drawn for the answer. */
    public function hasHands(Sum $sum, SheetSettings $settings): bool
    {
        $plain = $sum->plain();

        return AnswerForm::Hands === $settings->answers && (($plain instanceof ClockMove && Unknown::Length !== $sum->asks()) || ($plain instanceof Rewrite && TimeForm::Words !== $plain->as));
    }

    /** The method for whose working there is room: what was asked for, the class's own, or the usual one for such sums. */
    public function method(Sum $sum, WorkedSum $worked, SheetSettings $settings, ?string $house): ?WorkedMethod
    {
        $onTheClock = $sum instanceof ClockMove || $sum instanceof Missing || $sum instanceof Elapsed;
        $wanted = match (true) {
            AnswerForm::Line === $settings->answers => ['number-line', 'hours-first'],
            AnswerForm::Columns === $settings->answers => ['column'],
            default => [$house, $onTheClock ? 'number-line' : 'column'],
        };
        foreach (array_filter($wanted) as $id) {
            foreach ($worked->methods as $method) {
                if ($method->id === $id) {
                    return $method;
                }
            }
        }

        return $worked->methods[0] ?? null;
    }

    private function paper(SheetSettings $settings, ?WorkedMethod $method): string
    {
        $asked = AnswerForm::Line === $settings->answers || AnswerForm::Columns === $settings->answers;
        if (Scaffold::None === $settings->scaffold && !$asked) {
            return '';
        }
        $first = $method?->steps[0]->picture;
        $last = null === $method ? null : $method->steps[\count($method->steps) - 1]->picture;
        if (Scaffold::Full === $settings->scaffold || $asked) {
            if ($first instanceof LinePicture && $last instanceof LinePicture) {
                return LineDrawing::of($first, $last, $settings->scaffold);
            }
            if ($first instanceof ColumnsPicture) {
                return ColumnsDrawing::of($first, $settings->scaffold);
            }
        }

        return Scaffold::None === $settings->scaffold ? '' : ColumnsDrawing::paper();
    }

    private static function half(StatedTime $time): string
    {
        return !$time->halfSaid ? '' : ($time->minutes < 720 ? 'a.m.' : 'p.m.');
    }
}
