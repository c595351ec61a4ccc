<?php

declare(strict_types=1);

namespace Rostik\Core\Sequence;

use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Question;
use Rostik\Core\Question\Setting;
use Rostik\Core\Skill\Budget;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Missing;
use Rostik\Core\Sum\MissingLength;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;

/** Exercises to choose from: drawn for a rung, or made of another one by changing one number, or what is asked. */
final class Pool
{
    /** So many are drawn to choose from; of told ones fewer, since each has to be told. */
    public const DRAWN = 40;
    public const FEW = 20;
    private const TOLD = 16;

    /** So many candidates are looked at for each of them: where few of them are wanted ones, a few are enough. */
    private const LOOKED_AT = 20;

    /** So many minutes a changed length has at the most. */
    private const LONGEST = 5 * 60;
    private const NEAR = 12;

    /** So many are remembered as they were drawn: the parts of a lesson choose from the same. */
    private const REMEMBERED = 4;

    private readonly Writer $plain;

    /** @var array<string, list<Exercise>> */
    private array $last = [];

    public function __construct(private readonly Ladder $ladder, private readonly Generator $generator, private readonly Forms $forms, private readonly MistakeBook $mistakes)
    {
        $this->plain = Writer::plain();
    }

    /** @return list<Exercise> that need what the rung is about, from the easiest to the hardest; those that are as hard in a drawn order */
    public function drawn(Rung $rung, Level $level, int $seed, Style $style, Limits $limits = new Limits(), int $count = self::DRAWN): array
    {
        $key = serialize([$rung->id, $level, $seed, $style, $limits, $count]);
        if (isset($this->last[$key])) {
            return $this->last[$key];
        }
        $isTold = Setting::Told === $rung->setting;
        $drawn = $this->generator->draw($rung, $level, $isTold ? self::TOLD : $count, $seed, $limits, $style, new Budget($isTold ? self::TOLD * 4 * Budget::TOLD : $count * self::LOOKED_AT))->questions;

        $this->last = \array_slice($this->last, 1 - self::REMEMBERED, null, true);

        return $this->last[$key] = self::sorted(array_map($this->exercise(...), $drawn));
    }

    public function exercise(Question $question): Exercise
    {
        return new Exercise($question, $this->forms->write($question->sum, $this->plain));
    }

    /**
     * The same with one number changed: another length, or another end. Fives of all sizes, and single minutes near to it.
     *
     * @return list<Exercise> at the same level, all that there are, the nearest to it first
     */
    public function variants(Exercise $of, Level $level, Limits $limits, Rung $rung): array
    {
        $sum = $of->question->sum;
        $was = $this->length($sum);
        if (null === $was || '' !== $of->question->wording) {
            return [];
        }
        $found = [];
        $near = 1 === $level->step() ? range(max(1, $was - self::NEAR), $was + self::NEAR) : [];
        foreach (array_unique([...range(5, self::LONGEST, 5), ...$near]) as $minutes) {
            $other = $minutes === $was ? null : $this->withLength($sum, $minutes);
            $one = null === $other ? null : $this->exercise($of->question->about($other));
            if (null !== $one && $limits->allow($one->features) && $rung->hours($limits->hours())->hold($one->question->sum)) {
                $found[abs($minutes - $was) * 1000 + $minutes] = $one;
            }
        }
        ksort($found);

        return array_values($found);
    }

    /** Whether it has a length that can be another: what looks like it is made of that. */
    public function isChanged(Exercise $one): bool
    {
        return null !== $this->length($one->question->sum);
    }

    /** Whether what the rung is about is needed. */
    public function needs(Rung $rung, Exercise $one): bool
    {
        return $rung->isCalledForBy($one->question->sum, $one->features) && $rung->isNeededBy($one->features);
    }

    /** Whether what was turned round still needs what the rung is about. */
    public function turnsOn(Rung $rung, Exercise $turned): bool
    {
        return $rung->isNeededBy($turned->features);
    }

    /** Whether it keeps to the level. */
    public function fits(Rung $rung, Level $level, Exercise $one): bool
    {
        return $this->generator->fits($rung, $level, $one->question->sum, $one->features);
    }

    /**
     * What looks alike and does not need it: drawn as for the rung, and then passed over by it.
     *
     * @return list<Exercise>
     */
    public function lookalikes(Rung $rung, Level $level, int $seed, Style $style, Limits $limits = new Limits()): array
    {
        if (Setting::Bare !== $rung->setting) {
            return [];
        }
        $dice = new Dice($seed);
        $found = [];
        for ($n = 0; $n < self::DRAWN; ++$n) {
            $one = $this->exercise($rung->draw($level, $dice, $style));
            if (!$this->needs($rung, $one) && \in_array($one->question->sum->kind(), $rung->kinds, true) && $rung->hours($limits->hours())->hold($one->question->sum)) {
                $found[$one->text] = $one;
            }
        }

        return array_values($found);
    }

    /** The same with another part to be found; null where that is no question. */
    public function backwards(Exercise $of, bool $start): ?Exercise
    {
        $sum = $of->question->sum;
        try {
            $turned = match (true) {
                '' !== $of->question->wording => null,
                $sum instanceof Later || $sum instanceof Earlier => $this->turned($sum, $start),
                $sum instanceof Elapsed => Missing::start(1, Amount::minutes($sum->minutes()), $sum->end),
                $sum instanceof Total && 2 === \count($sum->addends) => MissingLength::of($sum->addends[0], '+', null, Amount::usual($sum->addends[0]->duration->plus($sum->addends[1]->duration))),
                $sum instanceof Difference => MissingLength::of($sum->from, '-', null, Amount::usual($sum->from->duration->minus($sum->take->duration))),
                default => null,
            };
        } catch (CannotBeDone|\InvalidArgumentException) {
            return null;
        }

        return null === $turned ? null : $this->exercise(new Question($turned));
    }

    /** How many wrong answers the usual mistakes of the rung lead to. */
    public function tells(Rung $rung, Exercise $one): int
    {
        $predicted = array_intersect_key($this->mistakes->predict($one->question->sum), array_flip($rung->mistakes));

        return \count(array_unique(array_map(static fn ($given): string => $given->text(), $predicted)));
    }

    /** @return list<Rung> what the rung needs, the nearest first */
    public function below(Rung $rung): array
    {
        $all = [$rung];
        for ($i = 0; $i < \count($all); ++$i) {
            foreach ($all[$i]->needs as $id) {
                $one = $this->ladder->rung($id);
                if (!\in_array($one, $all, true)) {
                    $all[] = $one;
                }
            }
        }

        return \array_slice($all, 1);
    }

    public function rung(string $id): Rung
    {
        return $this->ladder->rung($id);
    }

    /**
     * @param list<Exercise> $all
     *
     * @return list<Exercise> the easiest first; those that are as hard stay in their order
     */
    public static function sorted(array $all): array
    {
        usort($all, static fn (Exercise $a, Exercise $b): int => $a->number <=> $b->number);

        return $all;
    }

    private function turned(Later|Earlier $sum, bool $start): Sum
    {
        $end = $sum->start->moved($sum->direction() * $sum->minutes());

        return $start ? Missing::start($sum->direction(), $sum->length, $end) : Missing::length($sum->direction(), $sum->start, $end);
    }

    /** The length that is changed, in minutes; null where there is none. */
    private function length(Sum $sum): ?int
    {
        if ($sum instanceof Elapsed) {
            return $sum->start->halfSaid && $sum->end->halfSaid ? $sum->minutes() : null;
        }
        $lengths = $sum->lengths();
        $last = end($lengths);
        $suits = $sum instanceof Later || $sum instanceof Earlier || $sum instanceof Total || $sum instanceof Difference;

        return $suits && false !== $last && $last->duration->isWholeMinutes() ? $last->duration->minutes() : null;
    }

    private function withLength(Sum $sum, int $minutes): ?Sum
    {
        try {
            if ($sum instanceof Elapsed) {
                return Elapsed::of($sum->start, $sum->start->moved($minutes));
            }
            $lengths = $sum->lengths();
            array_pop($lengths);
            $other = $sum->withLengths(...[...$lengths, Amount::minutes($minutes)]);
            $other->answer();

            return $other;
        } catch (CannotBeDone|\InvalidArgumentException) {
            return null;
        }
    }
}
