<?php

declare(strict_types=1);

namespace Rostik\Core\Skill\Rungs;

use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Skill\Rungs;
use Rostik\Core\Skill\Strand;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Fraction;
use Rostik\Core\Sum\FractionalProduct;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;

/** Lengths of time: adding, subtracting, several times over, shared. */
final class LengthRungs implements Rungs
{
    public static function precedence(): int
    {
        return 30;
    }

    public function all(): array
    {
        $most = static fn (Level $level): int => match ($level) {
            Level::Support => 3 * 60 + 55,
            Level::Core => 6 * 60 + 59,
            Level::Stretch => 12 * 60 + 59,
        };
        $total = static fn (Level $level, Dice $dice): Sum => Total::of($dice->length($level, 65, $most($level)), $dice->length($level, 5, $most($level)));
        $difference = static function (Level $level, Dice $dice) use ($most): Sum {
            $from = $dice->number(60 + $level->step(), $most($level), $level->step());

            return Difference::of(Amount::minutes($from), Amount::minutes($dice->number($level->step(), $from - $level->step(), $level->step())));
        };
        $adding = ['hundred-minutes', 'leaves-over-sixty', 'drops-the-carry', 'keeps-the-sixty', 'carries-the-tens', 'wrong-operation'];
        $taking = ['hundred-minutes', 'smaller-from-larger', 'borrows-without-paying', 'borrows-ten', 'pays-without-borrowing', 'zero-when-stuck', 'wrong-operation'];

        return [
            new Rung('add-plain', 'I can add hours and minutes that stay under 60.', Strand::Lengths, 'add, staying under 60', ['unit-facts'], [Kind::Total], ['parts', 'column'], ['wrong-operation'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Total && 2 === $f->terms && !$f->regroups, $total),
            new Rung('add-regroup', 'I can add hours and minutes that pass 60.', Strand::Lengths, 'add with regrouping', ['add-plain', 'convert-mixed'], [Kind::Total], ['column', 'parts'], $adding,
                static fn (Sum $sum, Features $f): bool => $sum instanceof Total && 2 === $f->terms && $f->regroups, $total),
            new Rung('subtract-plain', 'I can subtract where there are minutes enough.', Strand::Lengths, 'take away, minutes enough', ['add-plain'], [Kind::Difference], ['column'], ['wrong-operation'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Difference && !$f->regroups, $difference),
            new Rung('subtract-regroup', 'I can take an hour and write it as 60 minutes.', Strand::Lengths, 'take away with regrouping', ['subtract-plain', 'convert-mixed'], [Kind::Difference], ['column', 'number-line'], $taking,
                static fn (Sum $sum, Features $f): bool => $sum instanceof Difference && $f->regroups, $difference),
            new Rung('add-many', 'I can add more than two lengths.', Strand::Lengths, 'add several', ['add-regroup'], [Kind::Total], ['column', 'all-minutes'], ['one-step-only', ...$adding],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Total && $f->terms > 2,
                static function (Level $level, Dice $dice) use ($most): Sum {
                    $draw = static fn (): Amount => $dice->length($level, 10, intdiv($most($level), 2));

                    return Level::Stretch === $level && $dice->toss()
                        ? Total::of($draw(), $draw(), $draw(), $draw())
                        : Total::of($draw(), $draw(), $draw());
                }),
            new Rung('scale-and-share', 'I can take a length several times, and share one equally.', Strand::Lengths, 'several times, and share', ['add-regroup'], [Kind::Product, Kind::Share], ['parts', 'all-minutes'], ['leaves-over-sixty', 'drops-the-carry', 'keeps-the-sixty', 'leaves-out-the-part', 'hundred-minutes', 'only-the-hours', 'only-the-minutes', 'shares-apart'],
                static fn (Sum $sum, Features $f): bool => ($sum instanceof Product && $sum->times > 1) || $sum instanceof FractionalProduct || ($sum instanceof Share && $sum->between > 1),
                static function (Level $level, Dice $dice): Sum {
                    $times = $dice->number(2, Level::Support === $level ? 5 : 9);
                    $each = $dice->number(10, Level::Support === $level ? 60 : 150, $level->step());

                    if (Level::Stretch === $level && 0 === $dice->number(0, 3)) {
                        $parts = $dice->pick([2, 2, 3, 4]);

                        return FractionalProduct::of(Fraction::of($parts * $dice->number(1, 3) + $dice->number(1, $parts - 1), $parts), Amount::minutes($parts * $dice->number(5, 30)));
                    }

                    return $dice->toss()
                        ? Product::of($times, Amount::minutes($each))
                        : Share::of(Amount::minutes($each * $times), $times);
                }),
        ];
    }
}
