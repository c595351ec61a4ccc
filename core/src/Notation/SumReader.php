<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\Answered;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\EitherWay;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Grouping;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\Phrase;
use Rostik\Core\Sum\Reading;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\MixedChains;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TooLong;
use Rostik\Core\Time\Unit;

/** Reads a sum from one line of text, the way a teacher would say or write it. */
final readonly class SumReader
{
    /** Longest line that is read, in characters. */
    public const LONGEST = 300;

    private Writer $plain;

    private SeveralSums $several;

    public function __construct(
        private Forms $forms,
        private TimeReader $times = new TimeReader(),
        private LengthReader $lengths = new LengthReader(),
        private Complaints $complaints = new Complaints(),
    ) {
        $this->plain = Writer::plain();
        $this->several = new SeveralSums($this->plain, fn (string $text): TypedLine => $this->line($text), $this->found(...));
    }

    /** @throws NotUnderstood */
    public function read(string $typed): ReadSum
    {
        $quick = Shorthand::read($typed);

        return null !== $quick ? new ReadSum($quick, []) : $this->readByForms($typed);
    }

    /**
     * The same by trying every form, whatever the shape of the line.
     *
     * @throws NotUnderstood
     */
    public function readByForms(string $typed): ReadSum
    {
        if (\strlen($typed) > self::LONGEST && mb_strlen($typed, 'UTF-8') > self::LONGEST) {
            throw new NotUnderstood('too-long', \sprintf('That is more than %d characters. One sum at a time, please.', self::LONGEST), self::LONGEST, '1:50 pm + 3 h 30 min');
        }
        $line = $this->line($typed);
        try {
            if (Brackets::areAskew($typed)) {
                throw $this->complaints->brackets($line);
            }
            if ($this->several->holdASum($line)) {
                return $this->several->bracketedWithItsAnswer($line) ?? $this->several->bracketed($line) ?? throw $this->complaints->brackets($line);
            }

            return $this->withItsSign($line, $this->found($line)) ?? $this->withItsAnswer($line) ?? $this->afterItsVerb($line) ?? $this->several->bySemicolons($line) ?? $this->rephrased($typed) ?? $this->several->chained($line) ?? throw $this->complaints->about($line, $this->works(...));
        } catch (CannotBeDone $cannot) {
            throw $this->complaints->cannotBeDone($cannot, $line, $this->works(...));
        } catch (MixedChains $mixed) {
            throw $this->complaints->mixedChains($mixed, $line, $this->works(...));
        } catch (TooLong $tooLong) {
            throw $this->complaints->tooLong($tooLong, $line, $this->works(...));
        }
    }

    /** 1:05 h may be a time, as 14:05 h and 01:05 h are, or 1 h 5 min: the line with the length in its place; null where nothing is so written. */
    private function withItsUnit(TypedLine $line): ?TypedLine
    {
        $said = preg_replace('~(?<![\d:.])([1-9]):([0-5]\d) ?(?:h|hrs?|hours?)(?![a-z\d])~i', '$1 h $2 min', $line->typed, -1, $count);

        return null === $said || 0 === $count ? null : $this->line($said);
    }

    private function line(string $typed, bool $pointBeforeMinutes = false, bool $fourAreHours = false): TypedLine
    {
        return new TypedLine($typed, $this->times, $this->lengths, $pointBeforeMinutes, $fourAreHours);
    }

    /**
     * The sum that a line is, or the several that it may be; null where it is none.
     *
     * @throws CannotBeDone
     * @throws MixedChains
     * @throws TooLong
     */
    private function found(TypedLine $line): ?ReadSum
    {
        $sums = $this->sums($line);
        $pointed = $line->words->twoWays;
        if (null !== $pointed && 1 === \count($sums) && !($sums[0] instanceof Conversion && 1 === preg_match('/\.(?:25|50)\D/', $pointed))) {
            $other = $this->sums($this->line($line->typed, true));
            if (1 === \count($other) && !$this->same($other[0], $sums[0])) {
                $hours = preg_replace('/\D*$/', '', $pointed) ?? $pointed;
                [$h, $min] = [(int) $hours, (int) substr($hours, -2)];
                $said = 1 === preg_match('/m\w*\W*$/', $pointed) ? '%d min %d s' : '%d h %d min';

                return $this->either($line, [
                    ...$this->readings(Phrase::of(\sprintf('if %s is '.$said, $pointed, $h, $min)), $this->settled($other[0], $line)->sum),
                    ...$this->readings(Phrase::of(\sprintf('if the point in %s is a decimal point', $pointed)), $this->settled($sums[0], $line)->sum),
                ], $sums[0]);
            }
        }
        $length = $this->withItsUnit($line);
        $other = null === $length ? [] : $this->sums($length);
        if (1 === \count($other) && [] === $sums) {
            return $this->settled($other[0], $length ?? $line);
        }
        if (1 === \count($other) && !$this->same($other[0], $sums[0])) {
            return $this->either($line, [
                ...$this->readings(Phrase::of('if what has an h beside it is a length'), $this->settled($other[0], $line)->sum),
                ...$this->readings(Phrase::of('if it is a time of day'), $this->settled($sums[0], $line)->sum),
            ], $sums[0]);
        }
        $hours = $this->inHours($line, $sums);
        if (null !== $hours) {
            $sums[] = $hours;
        }
        $time = [] !== $sums && $sums[0] instanceof Elapsed && !$line->saysFrom ? $this->asOneTime($line) : null;
        if (null !== $time) {
            return $this->either($line, [
                new Reading(Phrase::of('if it is the time ', $time), Rewrite::of($time, TimeForm::Digital)),
                ...$this->readings(Phrase::of('if it is from the one to the other'), $this->settled($sums[0], $line)->sum),
            ], $sums[0]);
        }
        $moved = [] !== $sums && $sums[0] instanceof Elapsed && !$line->saysFrom ? $this->movedFromASpokenTime($line) : null;
        if (null !== $moved) {
            $sums = [$moved, ...$sums];
        }
        if (isset($sums[1])) {
            $readings = [];
            foreach ($sums as $sum) {
                $settled = $this->settled($sum, $line)->sum;
                $readings = [...$readings, ...$this->readings(Phrase::of('if it means ', $settled), $settled)];
            }

            return $this->either($line, $readings, $sums[0]);
        }

        return isset($sums[0]) ? $this->settled($sums[0], $line) : null;
    }

    /**
     * All sums that the first form to fit makes of a line, no two alike.
     *
     * @return list<Sum>
     *
     * @throws CannotBeDone
     * @throws MixedChains
     * @throws TooLong
     */
    private function sums(TypedLine $line): array
    {
        $refused = null;
        foreach ($this->forms->all() as $form) {
            try {
                $sums = $form->read($line);
            } catch (CannotBeDone|MixedChains|TooLong $no) {
                $refused ??= $no;
                continue;
            }
            if (isset($sums[1])) {
                $byText = [];
                foreach ($sums as $sum) {
                    $byText[$this->forms->write($sum, $this->plain)] ??= $sum;
                }

                return array_values($byText);
            }
            if ([] !== $sums) {
                return $sums;
            }
        }

        return null === $refused ? [] : throw $refused;
    }

    /**
     * 1430h is a time, as 1430 is. It is so many hours where it cannot be a time, and may be where more than a day is added
     * or taken: 1200h - 200h.
     *
     * @param list<Sum> $sums with it as a time
     */
    private function inHours(TypedLine $line, array $sums): ?Sum
    {
        if (1 !== preg_match('/(?<!\d)\d{4}\s?h/i', $line->typed) || isset($sums[2])) {
            return null;
        }
        if ([] !== $sums && [] === array_filter($sums[0]->lengths(), static fn (Amount $one): bool => Chain::Clock === $one->duration->chain && $one->duration->minutes() >= 24 * 60)) {
            return null;
        }
        try {
            $other = $this->sums($this->line($line->typed, false, true));
        } catch (CannotBeDone|MixedChains|TooLong) {
            return null;
        }

        return 1 === \count($other) && ([] === $sums || !$this->same($other[0], $sums[0])) ? $other[0] : null;
    }

    /** "55 minutes after ten to four" goes on from ten to four, and may be a stretch from 10:55. */
    private function movedFromASpokenTime(TypedLine $line): ?Sum
    {
        $length = $line->length($line->start);
        $after = null === $length ? 0 : $line->after($length->next, 'after', 'before');
        foreach (0 === $after ? [] : $line->times($after) as $time) {
            if ($time->spoken && $line->endsAt($time->next) && null !== $length) {
                return $line->words->is($after - 1, 'after') ? Later::of($time->time, $length->amount) : Earlier::of($time->time, $length->amount);
            }
        }

        return null;
    }

    /** "20 to 8 am" is a time as well as a stretch. */
    private function asOneTime(TypedLine $line): ?StatedTime
    {
        foreach ($line->times($line->start) as $time) {
            if ($time->spoken && $line->endsAt($time->next)) {
                return $time->time;
            }
        }

        return null;
    }

    /** "90 min < 2 h", "90 min is longer than 2 h": which of two is longer, or later, is said and not asked. */
    private function withItsSign(TypedLine $line, ?ReadSum $found): ?ReadSum
    {
        if (null === $found || Answered::Sign !== $found->sum->answered() || $line->asksWhether || 1 === preg_match('/[?_≤≥→]|\bwhich\b|\bcompare\b|\bor\b/iu', $line->typed)) {
            return $found;
        }
        $words = $line->words;
        for ($i = $line->start; $i < $words->count; ++$i) {
            $sign = match (true) {
                $words->is($i, '<', '>') => $words->at($i),
                $words->is($i, 'longer', 'more', 'greater', 'bigger', 'later', 'larger') && $words->is($i + 1, 'than'), $words->is($i, 'after') => '>',
                $words->is($i, 'shorter', 'less', 'smaller', 'fewer', 'earlier') && $words->is($i + 1, 'than'), $words->is($i, 'before') => '<',
                $words->is($i, 'same', 'equal') => '=',
                default => '',
            };
            if ('' !== $sign) {
                return new ReadSum($found->sum, $found->notes, $sign);
            }
        }

        return $found;
    }

    /** "2 h + 1 h = 3 h": the sum before the equals sign, with what is said to be its answer. */
    private function withItsAnswer(TypedLine $line): ?ReadSum
    {
        $words = $line->words;
        $tried = 0;
        for ($i = $words->count - 1; $i > $line->start && $tried < 3; --$i) {
            if (!$words->is($i, '=', 'equals', 'makes', 'is')) {
                continue;
            }
            ++$tried;
            $claimed = trim($words->between($i + 1, $words->count), ' ?.');
            $before = $this->line($words->between(0, $i));
            try {
                $found = '' === $claimed ? null : $this->found($before);
            } catch (CannotBeDone|MixedChains|TooLong $no) {
                continue;
            }
            $found ??= $this->converted($before, $claimed) ?? $this->several->chained($before);
            if (null !== $found) {
                return new ReadSum($found->sum, $found->notes, $claimed);
            }
        }

        return null;
    }

    /** "Subtract: 8 h 15 min - 5 h 40 min" says in a word what the sign says too. */
    private function afterItsVerb(TypedLine $line): ?ReadSum
    {
        $words = $line->words;
        if (!$words->is($line->start, 'add', 'subtract', 'multiply', 'divide') || !$words->is($line->start + 1, ':', '.')) {
            return null;
        }
        $rest = $this->line($words->between($line->start + 2, $words->count));

        return $this->found($rest) ?? $this->withItsAnswer($rest);
    }

    /**
     * The same line said in another way that is known ({@see Rephrased}).
     *
     * @throws CannotBeDone
     * @throws MixedChains
     * @throws TooLong
     */
    private function rephrased(string $typed): ?ReadSum
    {
        $refused = null;
        foreach (Rephrased::of($typed) as $plain) {
            $line = $this->line($plain);
            try {
                $found = $this->found($line) ?? $this->withItsAnswer($line) ?? $this->several->bySemicolons($line) ?? $this->several->chained($line);
            } catch (CannotBeDone|MixedChains|TooLong $no) {
                $refused ??= $no;
                continue;
            }
            if (null !== $found) {
                return $found;
            }
        }

        return null === $refused ? null : throw $refused;
    }

    /** "90 min = 1 h 30 min": a length, converted into the units behind the equals sign. */
    private function converted(TypedLine $line, string $claimed): ?ReadSum
    {
        $given = $line->length($line->start);
        $after = $this->line($claimed);
        $units = $after->length($after->start);
        if (null === $given || null === $units || !$line->endsAt($given->next) || !$after->endsAt($units->next)) {
            return null;
        }
        [$first, $more] = [$units->amount->parts[0], \array_slice($units->amount->parts, 1)];

        return new ReadSum(Conversion::of($given->toConvert(), false, $first->unit, ...array_map(static fn (AmountPart $p): Unit => $p->unit, $more)), []);
    }

    /** @return list<Reading> the sum, or each of the ways in which it can be meant itself; none where it cannot be done */
    private function readings(Phrase $assumes, Sum $sum): array
    {
        $inner = $sum->readings();
        if ([] !== $inner) {
            return array_map(static fn (Reading $r): Reading => new Reading($assumes->and(', ', $r->assumes), $r->sum), $inner);
        }
        try {
            $sum->answer();
        } catch (CannotBeDone) {
            return [];
        }

        return [new Reading($assumes, $sum)];
    }

    private function same(Sum $one, Sum $other): bool
    {
        return $this->forms->write($one, $this->plain) === $this->forms->write($other, $this->plain);
    }

    /** @param list<Reading> $readings those that have an answer; where it is only one, that is what is meant */
    private function either(TypedLine $line, array $readings, Sum $otherwise): ReadSum
    {
        return isset($readings[1])
            ? new ReadSum(EitherWay::of(trim($line->typed), ...$readings), [])
            : $this->settled($readings[0]->sum ?? $otherwise, $line);
    }

    /** Why a sum that was read cannot be done, with the nearest one that can. */
    public function refused(CannotBeDone $cannot, string $typed, ?Sum $sum = null): NotUnderstood
    {
        return $this->complaints->cannotBeDone($cannot, $this->line($typed), $this->works(...), null === $sum ? '' : $this->nearest($sum));
    }

    /** The nearest sum of the same kind that can be done, as text; '' where none is known. */
    private function nearest(Sum $sum): string
    {
        $plain = $sum->plain();
        // shared in whole minutes, unless there are seconds in it already
        $smallest = static fn (Amount $a): int => Chain::Clock === $a->duration->chain ? min($a->smallest()->size(), Unit::Minute->size()) : 1;
        try {
            $near = match (true) {
                $plain instanceof Difference => Difference::of($plain->take, $plain->from),
                $plain instanceof Share => Share::of($this->multiple($plain->length, max(2, $plain->between) * $smallest($plain->length)), max(2, $plain->between)),
                $plain instanceof Grouping && $plain->each->duration->count > 0 => Grouping::of($this->multiple($plain->length, $plain->each->duration->count), $plain->each),
                default => null,
            };
        } catch (TooLong) {
            return '';
        }

        return null === $near ? '' : $this->forms->write($near, $this->plain);
    }

    /** The next length, from this one on, that is a multiple of so many seconds (or months). */
    private function multiple(Amount $length, int $of): Amount
    {
        $count = max(1, (int) ceil($length->duration->count / max(1, $of))) * max(1, $of);

        return Amount::usual(Duration::of($count, $length->duration->chain), $length->largest());
    }

    /** Whether a line is a sum that has an answer, or several readings: an example has to be one. */
    private function works(string $typed): bool
    {
        try {
            $line = $this->line($typed);
            $sum = $this->found($line)?->sum;
            if (null === $sum || [] !== $sum->readings()) {
                return false;
            }

            return '' !== $this->plain->answer($sum->answer());
        } catch (CannotBeDone|MixedChains|TooLong) {
            return false;
        }
    }

    /**
     * Beside a time that is surely 24-hour, one without a.m. or p.m. is 24-hour too: 10:30 to 14:15. Not so where others
     * have their a.m. or p.m.
     */
    private function settled(Sum $sum, TypedLine $line): ReadSum
    {
        $open = 0;
        $by24 = 0;
        foreach ($sum->times() as $time) {
            $open += $time->halfSaid ? 0 : 1;
            $by24 += ClockForm::TwentyFour === $time->form ? 1 : 0;
        }
        if (0 === $open || 0 === $by24 || ($sum instanceof Order && $open + $by24 < \count($sum->times()))) {
            return new ReadSum($sum, $line->notes);
        }
        $settled = $sum->withTimes(...array_map(static fn (StatedTime $t): StatedTime => $t->halfSaid ? $t : $t->as24(), $sum->times()));

        return new ReadSum($settled, [...$line->notes, new Note('read-as-24h', \count($sum->times()) > 2 ? 'All of them are taken as 24-hour times.' : 'Both times are taken as 24-hour times.')]);
    }
}
