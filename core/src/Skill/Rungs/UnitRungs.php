<?php

declare(strict_types=1);

namespace Rostik\Core\Skill\Rungs;

use Rostik\Core\Question\Setting;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Skill\Rungs;
use Rostik\Core\Skill\Strand;
use Rostik\Core\Sum\Comparison;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\Unit;

/** Units and what they are worth. */
final class UnitRungs implements Rungs
{
    private const PAIRS = [[Unit::Hour, Unit::Minute], [Unit::Minute, Unit::Second], [Unit::Day, Unit::Hour], [Unit::Week, Unit::Day], [Unit::Year, Unit::Month]];

    public static function precedence(): int
    {
        return 40;
    }

    public function all(): array
    {
        $pair = static fn (Level $level, Dice $dice): array => $dice->pick(match ($level) {
            Level::Support => [self::PAIRS[0], self::PAIRS[3]],
            default => self::PAIRS,
        });
        $one = static fn (int $n, Unit $unit): Amount => Amount::of(AmountPart::whole($n, $unit));

        return [
            new Rung('unit-facts', 'I know how the units are related.', Strand::Units, 'how units are related', [], [Kind::Conversion], ['table'], ['hundred-minutes', 'ten-for-everything'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Conversion && $sum->isExact() && 1 === \count($sum->units)
                    && 1 === \count($sum->amount->parts) && 1 === $sum->amount->parts[0]->numerator && $sum->amount->isWhole() && $sum->units[0] === $sum->amount->largest()->smaller(),
                static function (Level $level, Dice $dice) use ($one): Sum {
                    [$large, $small] = $dice->pick(self::PAIRS);

                    return Conversion::of($one(1, $large), false, $small);
                }),
            new Rung('convert-whole', 'I can change whole amounts to another unit.', Strand::Units, 'change to another unit', ['unit-facts'], [Kind::Conversion], ['table', 'multiply-divide'], ['hundred-minutes', 'wrong-way', 'ten-for-everything', 'week-as-five', 'day-as-twelve'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Conversion && $sum->isExact() && 1 === \count($sum->units) && 1 === \count($sum->amount->parts)
                    && $sum->amount->isWhole() && $sum->comesOut() && 0 === $sum->amount->duration->count % $sum->units[0]->size()
                    && ($sum->amount->parts[0]->numerator > 1 || $sum->units[0] !== $sum->amount->largest()->smaller()),
                static function (Level $level, Dice $dice) use ($pair, $one): Sum {
                    [$large, $small] = $pair($level, $dice);
                    $n = $dice->number(2, Level::Support === $level ? 5 : 12);

                    // upwards only beyond the first level: dividing is the harder way
                    return Level::Support !== $level && $dice->toss()
                        ? Conversion::of($one($n * $small->perLarger(), $small), false, $large)
                        : Conversion::of($one($n, $large), false, $small);
                }),
            new Rung('convert-mixed', 'I can change to and from two units at once.', Strand::Units, 'change two units at once', ['convert-whole'], [Kind::Conversion], ['table', 'multiply-divide'], ['forgets-to-add-on', 'drops-remainder', 'hundred-minutes', 'decimal-as-minutes'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Conversion && $sum->isExact() && (\count($sum->units) > 1 || \count($sum->amount->parts) > 1 || !$sum->amount->isWhole()
                    || 0 !== $sum->amount->duration->count % $sum->units[0]->size()),
                static function (Level $level, Dice $dice) use ($pair, $one): Sum {
                    [$large, $small] = $pair($level, $dice);
                    $per = $small->perLarger();
                    $n = $dice->number(1, Level::Support === $level ? 3 : 9);
                    $step = Level::Support === $level && $per > 12 ? 5 : 1;
                    $rest = $dice->number($step, $per - $step, $step);
                    if (Level::Stretch === $level && Unit::Hour === $large && 0 === $dice->number(0, 3)) {
                        return Conversion::of(Amount::of(AmountPart::fraction($dice->number(5, 19) * 2 + 1, 4, Unit::Hour)), false, Unit::Hour, Unit::Minute);
                    }

                    return $dice->toss()
                        ? Conversion::of($one($n * $per + $rest, $small), false, $large, $small)
                        : Conversion::of(Amount::of(AmountPart::whole($n, $large), AmountPart::whole($rest, $small)), false, $small);
                }),
            new Rung('compare-lengths', 'I can compare lengths of time.', Strand::Units, 'which is longer', ['convert-whole'], [Kind::Comparison, Kind::Order], ['table', 'all-minutes'], ['number-only', 'hundred-minutes'],
                static fn (Sum $sum, Features $f): bool => ($sum instanceof Comparison && $sum->left->duration->chain === $sum->right->duration->chain)
                    || ($sum instanceof Order && [] !== $sum->lengths),
                self::comparison(...)),
            new Rung('sensible-unit', 'I can choose a unit that makes sense.', Strand::Units, 'a unit that makes sense', ['unit-facts'], [Kind::Comparison], ['table'], ['number-only'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Comparison && $sum->left->duration->chain === $sum->right->duration->chain && $sum->left->largest() !== $sum->right->largest(),
                self::comparison(...), setting: Setting::Told),
        ];
    }

    private static function comparison(Level $level, Dice $dice): Sum
    {
        [$large, $small] = $dice->pick(Level::Support === $level ? [self::PAIRS[0], self::PAIRS[3]] : self::PAIRS);
        $per = $small->perLarger();
        $n = $dice->number(1, Level::Support === $level ? 4 : 9);
        $step = Level::Support === $level && $per > 12 ? 5 : 1;
        $near = max($step, $n * $per + $step * $dice->number(-6, 6));
        $left = Amount::of(AmountPart::whole($n, $large));
        $right = Amount::of(AmountPart::whole($near, $small));

        return $dice->toss() ? Comparison::of($left, $right) : Comparison::of($right, $left);
    }
}
