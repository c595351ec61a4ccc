<?php

declare(strict_types=1);

namespace Rostik\Core\Skill;

use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Question;
use Rostik\Core\Question\Setting;
use Rostik\Core\Sum\Crossing;
use Rostik\Core\Sum\Sum;

/**
 * Draws questions that call for a rung at a level, no two alike. Candidates are drawn evenly over their whole range and
 * those without the wanted features are passed over, so that every sum that has them is as likely as any other.
 */
final readonly class Generator
{
    /** Draws in a row without a new sum after which there are taken to be no more. */
    private const PATIENCE = 3000;

    /** Draws in a row after which all stories are taken to be told. */
    private const STORIES = 60;

    private Writer $plain;

    public function __construct(private Forms $forms)
    {
        $this->plain = Writer::plain();
    }

    /**
     * @param int    $count  0 or more
     * @param int    $seed   the same seed gives the same sums
     * @param Limits $limits what else is wanted of them
     * @param Style  $style  the way of writing of those that are told
     * @param Budget $budget how much is drawn at the most
     */
    public function draw(Rung $rung, Level $level, int $count, int $seed, Limits $limits = new Limits(), Style $style = new Style(), Budget $budget = new Budget()): Generated
    {
        $each = Setting::Told === $rung->setting ? Budget::TOLD : Budget::SUM;
        $dice = new Dice($seed);
        $questions = [];
        $vain = 0;
        $told = [];
        while (\count($questions) < $count && $vain < self::PATIENCE && $budget->allows($each)) {
            $question = $rung->draw($level, $dice, $style);
            $sum = $question->sum;
            // no story is told twice, as long as there are others
            $again = null !== $question->story && isset($told[$question->story]);
            if ($again && self::STORIES === $vain) {
                // all of them are told: another round, with other numbers
                $told = [];
            }
            if (!$again && $this->isWanted($rung, $level, $question, $limits)) {
                $text = $this->forms->write($sum, $this->plain);
                if (!isset($questions[$text])) {
                    $questions[$text] = $question;
                    $told[$question->story ?? ''] = true;
                    $vain = 0;
                    continue;
                }
            }
            ++$vain;
        }

        return new Generated(array_values($questions), $count);
    }

    /** Whether it has the wanted numbers, needs what the rung is about, and lies within the hours. What is told has the hours of its story. */
    private function isWanted(Rung $rung, Level $level, Question $question, Limits $limits): bool
    {
        $features = Features::of($question->sum);

        return $limits->allow($features) && $this->fits($rung, $level, $question->sum, $features)
            // who wants nothing regrouped has said so
            && (false === $limits->regroups || $rung->isNeededBy($features))
            && (null !== $question->story || Setting::Bare !== $rung->setting || $rung->hours($limits->hours())->hold($question->sum));
    }

    /**
     * Whether a sum calls for the rung and keeps to the level.
     *
     * @param ?Features $features of the same sum, where they are known already
     */
    public function fits(Rung $rung, Level $level, Sum $sum, ?Features $features = null): bool
    {
        $features ??= Features::of($sum);
        if (!$rung->isCalledForBy($sum, $features)) {
            return false;
        }
        $aboutNoon = Crossing::Noon === $rung->about;
        $aboutMidnight = Crossing::Midnight === $rung->about;
        if (($aboutNoon || $aboutMidnight) && $features->crossesNoon && $features->crossesMidnight) {
            // one thing at a time
            return false;
        }

        return match ($level) {
            Level::Support => $features->fives && (!$features->crossesNoon || $aboutNoon) && (!$features->crossesMidnight || $aboutMidnight)
                && ($features->oClocks <= 1 || $aboutNoon || $aboutMidnight || $rung->longWays),
            Level::Core => !$features->crossesMidnight || $aboutMidnight,
            Level::Stretch => true,
        };
    }
}
