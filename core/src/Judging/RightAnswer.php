<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

use Rostik\Core\Sum\ConversionAnswer;
use Rostik\Core\Sum\DateAnswer;
use Rostik\Core\Sum\DateOrderAnswer;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\NumberAnswer;
use Rostik\Core\Sum\OrderAnswer;
use Rostik\Core\Sum\RewriteAnswer;
use Rostik\Core\Sum\SignAnswer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Sum\TimesAnswer;
use Rostik\Core\Sum\WordAnswer;
use Rostik\Core\Time\StatedTime;

/** The right answer to a sum, as it would be written. */
final readonly class RightAnswer
{
    /** Null where there is none that could be written in one way, as with a conversion that is not exact. */
    public function to(Sum $sum): ?Given
    {
        $answer = $sum->answer();

        return match (true) {
            $answer instanceof LengthAnswer => GivenLength::amount($answer->amount),
            $answer instanceof ConversionAnswer => GivenLength::of(...$answer->parts),
            $answer instanceof TimeAnswer => GivenTime::stated($answer->time),
            $answer instanceof RewriteAnswer => GivenTime::stated($answer->time, TimeForm::Words === $answer->as),
            $answer instanceof DateAnswer => GivenDate::stated($answer->date),
            $answer instanceof WordAnswer => new GivenWord($answer->word),
            $answer instanceof DateOrderAnswer => new GivenOrder($answer->positions, $answer->of->dates),
            $answer instanceof NumberAnswer => new GivenNumbers([$answer->number], (string) $answer->number),
            $answer instanceof SignAnswer => new GivenSign($answer->sign, $answer->ofTimes),
            $answer instanceof TimesAnswer => new GivenTimes(array_map(static fn (StatedTime $t): GivenTime => GivenTime::stated($t), $answer->times)),
            $answer instanceof OrderAnswer => new GivenOrder($answer->positions, [] !== $answer->of->times ? $answer->of->times : $answer->of->lengths),
            default => null,
        };
    }
}
