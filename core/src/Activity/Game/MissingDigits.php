<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Game;

use Rostik\Core\Activity\Activity;
use Rostik\Core\Activity\AtHand;
use Rostik\Core\Activity\Borrows;
use Rostik\Core\Activity\Intro;
use Rostik\Core\Activity\Made;
use Rostik\Core\Activity\Material;
use Rostik\Core\Activity\Numbers\DigitRow;
use Rostik\Core\Activity\Numbers\Digits;
use Rostik\Core\Activity\Numbers\DigitSum;
use Rostik\Core\Activity\Sizes;
use Rostik\Core\Activity\Sort;
use Rostik\Core\Activity\Turns;
use Rostik\Core\Activity\Wanted;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;

/** Sums in columns with boxes for some digits; exactly one digit fits into each. Common practice, no source. */
final readonly class MissingDigits implements Activity
{
    private const SUMS = 4;
    private const TRIES = 200;

    public static function precedence(): int
    {
        return 130;
    }

    public function intro(): Intro
    {
        return new Intro(
            'missing-digits',
            'Missing digits',
            'Seeing through regrouping: which digit must have stood there?',
            ['add-plain', 'add-regroup', 'subtract-plain', 'subtract-regroup'],
            Sort::WarmUp,
            Sizes::groups(1, 4, 2),
            [AtHand::Board, AtHand::Printer],
            [],
            [],
            'sums',
            borrows: Borrows::Sums,
        );
    }

    public function make(Wanted $wanted): Made
    {
        $sums = [];
        $fits = !$wanted->borrowed->isEnoughOf(Borrows::Sums) ? [] : $wanted->dice('borrowed')->shuffle(array_values(array_filter(
            $wanted->borrowed->sums,
            // each row has hours, of one digit
            static fn (array $two): bool => min($two) >= 60 && array_sum($two) < 600,
        )));
        for ($i = 0; $i < self::SUMS; ++$i) {
            $sums[] = $this->sum($wanted->level, Level::Support !== $wanted->level && 1 === $i % 2, $fits[$i] ?? null, $wanted->dice('sum', (string) $i));
        }
        $borrowed = \count(array_filter($sums, static fn (DigitSum $one): bool => \in_array($one->added(), $fits, true)));

        return new Made(
            new Digits($sums),
            static fn (): Turns => Turns::fixed(self::SUMS),
            match ($wanted->level) {
                Level::Support => 50.0,
                Level::Core => 80.0,
                Level::Stretch => 110.0,
            },
            1.5,
            [new Material('sheets with the sums', $wanted->groupCount())],
            [
                'In each box stood one digit. Which?',
                'Minutes go up to 59, and hours do not begin with 0.',
                'Begin with the minutes. Is there one to carry, or an hour to exchange?',
                'Check by working the whole sum once more.',
            ],
            ['digit', 'carry', 'exchange', 'hours', 'minutes'],
            0 === $borrowed ? [] : [\sprintf('%d of the %d sums have lengths of the sheet.', $borrowed, self::SUMS)],
        );
    }

    /** @param ?array{int, int} $borrowed lengths of the sheet that are added; taken if there is one solution then, with one box fewer where that helps */
    private function sum(Level $level, bool $takesAway, ?array $borrowed, Dice $dice): DigitSum
    {
        $boxes = match ($level) {
            Level::Support => 2,
            Level::Core => 3,
            Level::Stretch => 4,
        };
        for ($tries = 1;; ++$tries) {
            $borrowed = $tries > self::TRIES ? null : $borrowed;
            $step = $level->step();
            [$first, $second] = $borrowed ?? [60 * $dice->number(1, 6) + $dice->number(5, 55, $step), 60 * $dice->number(1, 3) + $dice->number(5, 55, $step)];
            $whole = $first + $second;
            $regroups = $first % 60 + $second % 60 >= 60;
            if (null === $borrowed && ($whole >= 600 || $regroups === (Level::Support === $level))) {
                continue;
            }
            $values = $takesAway ? [$whole, $second, $first] : [$first, $second, $whole];
            // two in a row at the most
            $places = \array_slice($dice->shuffle([[0, 0], [0, 1], [0, 2], [1, 0], [1, 1], [1, 2], [2, 0], [2, 1], [2, 2]]), 0, null !== $borrowed && $tries > self::TRIES / 2 ? $boxes - 1 : $boxes);
            $hidden = array_fill(0, 3, [false, false, false]);
            foreach ($places as [$row, $at]) {
                $hidden[$row][$at] = true;
            }
            if ([] !== array_filter($hidden, static fn (array $row): bool => 3 === \count(array_filter($row)))) {
                continue;
            }
            $rows = [];
            foreach ($values as $r => $minutes) {
                $rows[] = new DigitRow(intdiv($minutes, 60), $minutes % 60, $hidden[$r]);
            }
            $sum = new DigitSum($takesAway ? '-' : '+', $rows);
            if (1 === self::solutions($sum)) {
                return $sum;
            }
        }
    }

    /** In how many ways the boxes can be filled; 2 for more than one. */
    public static function solutions(DigitSum $sum): int
    {
        [$first, $second, $answer] = array_map(self::possible(...), $sum->rows);
        $answers = array_flip($answer);
        $found = 0;
        foreach ($first as $a) {
            foreach ($second as $b) {
                if (isset($answers['+' === $sum->sign ? $a + $b : $a - $b]) && ++$found > 1) {
                    return 2;
                }
            }
        }

        return $found;
    }

    /** @return list<int> minutes that a row may stand for */
    private static function possible(DigitRow $row): array
    {
        [$hours, $tens, $ones] = $row->digits();
        $all = [];
        foreach ($row->hidden[0] ? range(1, 9) : [$hours] as $h) {
            foreach ($row->hidden[1] ? range(0, 5) : [$tens] as $t) {
                foreach ($row->hidden[2] ? range(0, 9) : [$ones] as $o) {
                    $all[] = 60 * $h + 10 * $t + $o;
                }
            }
        }

        return $all;
    }
}
