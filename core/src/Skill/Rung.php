<?php

declare(strict_types=1);

namespace Rostik\Core\Skill;

use Rostik\Core\Notation\Style;
use Rostik\Core\Question\Question;
use Rostik\Core\Question\Setting;
use Rostik\Core\Question\TimesGiven;
use Rostik\Core\Sum\Crossing;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Sum;

/** One rung of the skill ladder: what a child can do who stands on it, and sums that call for it. */
final readonly class Rung
{
    /**
     * @param string                          $id       in lower case with hyphens
     * @param string                          $can      what the child can do: "I can …"
     * @param Strand                          $strand   among which others it is found
     * @param string                          $short    the same in a few words, as it is told apart from the others: "later across the hour"
     * @param list<string>                    $needs    rungs to stand on first
     * @param list<Kind>                      $kinds    the kinds of sum that can call for it
     * @param list<string>                    $methods  ids of the usual methods
     * @param list<string>                    $mistakes ids of the mistakes to look for
     * @param \Closure(Sum, Features): bool   $calls    whether a sum calls for this rung
     * @param \Closure                        $draw     (Level, Dice, Style): Sum|Question that may call for it, in the way of writing asked for; whoever draws checks
     * @param Setting                         $setting  what a question has to be set in, to call for it; a bare sum exercises only bare rungs
     * @param ?string                         $answers  id of the form in which its questions are usually answered; null for any
     * @param ?TimesGiven                     $times    in which form their times are usually given; null for any
     * @param ?Crossing                       $about    the landmark of the day that it is about, and which its sums pass at every level
     * @param bool                            $longWays whether even the easiest way passes more than one o'clock
     * @param (\Closure(Features): bool)|null $demands  what a sum that is drawn for it has besides, so that it needs what the rung is about; null for nothing more
     * @param bool                            $anyHour  whether its times lie at any hour of the day, since it is about midnight, the night or all 24 hours
     */
    public function __construct(
        public string $id,
        public string $can,
        public Strand $strand,
        public string $short,
        public array $needs,
        public array $kinds,
        public array $methods,
        public array $mistakes,
        private \Closure $calls,
        private \Closure $draw,
        public Setting $setting = Setting::Bare,
        public ?string $answers = null,
        public ?TimesGiven $times = null,
        public ?Crossing $about = null,
        public bool $longWays = false,
        private ?\Closure $demands = null,
        private bool $anyHour = false,
    ) {
    }

    /**
     * Whether a sum has what this rung is about.
     *
     * @param ?Features $features of the same sum, where they are known already
     */
    public function isCalledForBy(Sum $sum, ?Features $features = null): bool
    {
        return ($this->calls)($sum, $features ?? Features::of($sum));
    }

    /** Whether a sum needs what this rung is about, so that it may be drawn for it; what is typed may belong here for less. */
    public function isNeededBy(Features $features): bool
    {
        return null === $this->demands || ($this->demands)($features);
    }

    /** Between which hours its sums lie: those that are wanted, unless it is about others. */
    public function hours(DayHours $wanted): DayHours
    {
        return $this->anyHour || Crossing::Midnight === $this->about ? DayHours::Whole : $wanted;
    }

    /** A question that may call for it; whoever draws checks. */
    public function draw(Level $level, Dice $dice, Style $style = new Style()): Question
    {
        $drawn = ($this->draw)($level, $dice, $style);

        return $drawn instanceof Question ? $drawn : new Question($drawn instanceof Sum ? $drawn : throw new \LogicException('A rung draws a sum or a question.'), '', $this->answers, $this->times);
    }
}
