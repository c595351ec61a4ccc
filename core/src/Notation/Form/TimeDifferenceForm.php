<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\Note;
use Rostik\Core\Notation\TimeReading;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeDifference;
use Rostik\Core\Time\ClockForm;

/**
 * 15:00 minus 07:00; also "take 07:00 from 15:00", and with a minus sign between two 24-hour times, the later one first. A
 * dash between other times may stand for "to" ({@see ElapsedForm}).
 */
final class TimeDifferenceForm implements Form
{
    use UsualWording;

    public static function sums(): array
    {
        return [TimeDifference::class];
    }

    public static function precedence(): int
    {
        return 85;
    }

    public function read(TypedLine $line): array
    {
        $verb = $line->after($line->start, 'subtract', 'take away', 'take');
        $found = [];
        foreach ($line->times(0 === $verb ? $line->start : $line->past($verb, ':')) as $first) {
            $between = 0 === $verb ? $line->after($first->next, 'minus', 'take away', 'takeaway', 'less', 'subtract', '-') : $line->after($first->next, 'from', 'away from');
            foreach (0 === $between ? [] : $line->times($between) as $second) {
                if (!$line->endsAt($second->next) || ($first->bare && $second->bare)) {
                    continue;
                }
                if ($line->words->is($between - 1, '-') && !$this->isMinus($line, $first, $between - 1, $second)) {
                    continue;
                }
                $found[] = 0 === $verb ? TimeDifference::of($first->time, $second->time) : TimeDifference::of($second->time, $first->time);
            }
        }

        return $found;
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof TimeDifference ? $writer->time($sum->from).' '.($writer->marked ? $writer->minus() : 'minus').' '.$writer->time($sum->take) : '';
    }

    public function inWords(Sum $sum, Writer $writer): ?string
    {
        return $sum instanceof TimeDifference ? \sprintf('How long is it from %s until %s?', $writer->inWords($sum->take), $writer->inWords($sum->from)) : null;
    }

    public function byClocks(Sum $sum, Writer $writer): string
    {
        return 'How long is it from the second clock to the first?';
    }

    /** A dash with blanks round it, between times of the 24-hour clock, that cannot well be a stretch of time. */
    private function isMinus(TypedLine $line, TimeReading $first, int $dash, TimeReading $second): bool
    {
        $spaced = !$line->words->touches($dash - 1) && !$line->words->touches($dash);
        if (!$spaced || ClockForm::TwentyFour !== $first->time->form || ClockForm::TwentyFour !== $second->time->form || $first->time->minutes <= $second->time->minutes) {
            return false;
        }
        $line->notes[] = new Note('taken-as-minus', 'Taken as one time from the other. For the time from the one to the other, write “to” between them.');

        return true;
    }
}
