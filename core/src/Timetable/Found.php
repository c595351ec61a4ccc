<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Answered;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Sum\UsualSum;
use Rostik\Core\Sum\WordAnswer;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/** What is to be found in a timetable, as a sum whose answer is known: so answers to it are read and judged as all others are. */
final readonly class Found implements Sum
{
    use UsualSum;

    private function __construct(private Answer $answer)
    {
    }

    public static function of(TableAnswer $answer): self
    {
        return new self(match (true) {
            null !== $answer->time => new TimeAnswer(StatedTime::of(TimeOfDay::ofMinutes($answer->time % TimeOfDay::DAY), ClockForm::TwentyFour)),
            \in_array($answer->value, ['yes', 'no'], true) => WordAnswer::yesOrNo('yes' === $answer->value),
            default => self::length((string) $answer->value) ?? new TimeAnswer(self::time($answer->text)),
        });
    }

    public function kind(): Kind
    {
        return $this->answer instanceof LengthAnswer ? Kind::Elapsed : Kind::Rewrite;
    }

    public function answered(): Answered
    {
        return match (true) {
            $this->answer instanceof LengthAnswer => Answered::Length,
            $this->answer instanceof WordAnswer => Answered::Word,
            default => Answered::Time,
        };
    }

    public function regroups(): bool
    {
        return false;
    }

    public function answer(): Answer
    {
        return $this->answer;
    }

    /** PT1H5M. */
    private static function length(string $value): ?LengthAnswer
    {
        return 1 === preg_match('/^PT(?:(\d+)H)?(?:(\d+)M)?$/', $value, $m) ? new LengthAnswer(Amount::minutes(60 * (int) ($m[1] ?? 0) + (int) ($m[2] ?? 0))) : null;
    }

    private static function time(string $text): StatedTime
    {
        preg_match('/(\d{1,2})\D{1,3}(\d\d)/', $text, $m);

        return StatedTime::of(TimeOfDay::ofMinutes((60 * (int) ($m[1] ?? 0) + (int) ($m[2] ?? 0)) % TimeOfDay::DAY), ClockForm::TwentyFour);
    }
}
