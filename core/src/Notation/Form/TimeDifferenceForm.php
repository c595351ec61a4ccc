<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\Note;
use Rostik\Core\Notation\TimeReading;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeDifference;
use Rostik\Core\Time\ClockForm;

/**
 * 15:00 minus 07:00; also "take 07:00 from 15:00", and with a minus sign between two 24-hour times, the later one first,
 * however they are written. A dash between other times may stand for "to" ({@see ElapsedForm}), and between two of which the
 * first is the later one where the night between them is shorter than the day: 22:00 - 06:00.
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
                if ($line->words->is($between - 1, '-') && self::apart($first, $second) > 12 * 60) {
                    $found[] = Elapsed::of($first->time, $second->time);
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

    /** A dash between times of the 24-hour clock, the first of them the later one; beside a 24-hour time 9:10 is one too. */
    private function isMinus(TypedLine $line, TimeReading $first, int $dash, TimeReading $second): bool
    {
        $forms = [$first->time->form, $second->time->form];
        $said12 = static fn (TimeReading $one): bool => ClockForm::Twelve === $one->time->form && $one->time->halfSaid;
        if (!\in_array(ClockForm::TwentyFour, $forms, true) || $said12($first) || $said12($second) || null !== $first->time->second || null !== $second->time->second || self::apart($first, $second) <= 0) {
            return false;
        }
        if (self::apart($first, $second) <= 12 * 60) {
            $line->notes[] = new Note('taken-as-minus', 'Taken as one time from the other. For the time from the one to the other, write “to” between them.');
        }

        return true;
    }

    /** Minutes by which the first is later in the day. */
    private static function apart(TimeReading $first, TimeReading $second): int
    {
        return $first->time->as24()->minutes - $second->time->as24()->minutes;
    }
}
