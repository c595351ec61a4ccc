<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Method;

use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Rostik\Core\Method\MethodBook;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\ColumnsPicture;
use Rostik\Core\Picture\LinePicture;
use Rostik\Core\Picture\TablePicture;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Tests\Core;

/** What is given as the reason for a method is true of these numbers: each reason is held against the working it leads to. */
final class BecauseTest extends TestCase
{
    public function testEveryReasonIsTrue(): void
    {
        $faults = [];
        $reasons = [];
        $book = Core::get(MethodBook::class);
        foreach (self::sums() as $text => $sum) {
            foreach ($book->choose($sum, Writer::marked()) as $chosen) {
                $because = $chosen->suit->because;
                $reasons[preg_replace('/\d+/', '#', $because)] = true;
                if (str_contains($because, '{')) {
                    $faults[] = $text.': “'.$because.'” is marked, and is shown plain';
                }
                try {
                    $working = $chosen->work(Writer::marked());
                } catch (CannotBeDone) {
                    continue;
                }
                $fault = self::fault($because, $sum, $working->steps[\count($working->steps) - 1]->picture);
                if (null !== $fault) {
                    $faults[] = $text.', '.$working->method->id().': “'.$because.'” '.$fault;
                }
            }
        }
        self::assertGreaterThan(35, \count($reasons), implode("\n", array_keys($reasons)));
        self::assertSame([], \array_slice($faults, 0, 8));
    }

    /** The check finds what is not true: reasons that were once given for sums they did not fit. */
    public function testAFalseReasonIsFoundOut(): void
    {
        $book = Core::get(MethodBook::class);
        $picture = static function (string $text, string $method) use ($book): array {
            $sum = Core::get(SumReader::class)->read($text)->sum;
            foreach ($book->work($sum, Writer::marked()) as $working) {
                if ($working->method->id() === $method) {
                    return [$sum, $working->steps[\count($working->steps) - 1]->picture];
                }
            }
            self::fail($method.' is not for '.$text);
        };
        foreach ([
            ['485 min - 4 h 6 min', 'column', '4 is more than 0, so one day has to be regrouped: columns show how.'],
            ['52 min 20 s - 59 s', 'number-line', 'The two lengths are close together, so the gap between them is quickly counted.'],
            ['9:00 am + 6 days', 'number-line', 'One jump does it: nothing has to be regrouped.'],
            ['9:20 am - 35 min', 'number-line', 'The minutes pass the o’clock, so go from 9:20 on to the o’clock first, and then further on.'],
            ['21:20 + 55 min', 'number-line', 'The minutes pass the o’clock, so go from 9:20 on to the o’clock first, and then further on.'],
            ['10 h in min', 'table', 'The table of hours and minutes is short, 5 columns: × 60 each time.'],
            ['1 h 20 min + 30 min', 'column', '20 and 30 make 60 min, which is 60 or more: in columns you see what is carried.'],
        ] as [$text, $method, $because]) {
            self::assertNotNull(self::fault($because, ...$picture($text, $method)), $because);
        }
    }

    private static function fault(string $because, Sum $sum, object $picture): ?string
    {
        $text = Writer::plain();
        if (1 === preg_match('/^([\d, and]+) make (\d+) (\w+), which is (\d+) or more/', $because, $m)) {
            return array_sum(array_map(intval(...), preg_split('/, | and /', $m[1]) ?: [])) === (int) $m[2] && (int) $m[2] >= (int) $m[4] ? null : 'does not add up';
        }
        if (1 === preg_match('/^(\d+)(?:,? (?:and )?\d+)* make less than 60/', $because)) {
            preg_match_all('/\d+/', explode(' make', $because)[0], $numbers);

            return array_sum(array_map(intval(...), $numbers[0])) < 60 ? null : 'is 60 or more';
        }
        if (1 === preg_match('/^(\d+) \w+ is (\d+) or more/', $because, $m)) {
            return (int) $m[1] >= (int) $m[2] ? null : 'is less';
        }
        if (1 === preg_match('/^(\d+) is more than (\d+), so one (\w+) has to be regrouped/', $because, $m)) {
            if ((int) $m[1] <= (int) $m[2] || !$picture instanceof ColumnsPicture) {
                return 'is not more';
            }
            // the numbers stand under each other, with that unit to the left of them
            foreach ($picture->heads as $c => $head) {
                $top = $picture->rows[0]->cells[$c]->digits;
                $bottom = $picture->rows[1]->cells[$c]->digits;
                $left = $picture->heads[$c - 1]->unit ?? '';
                if ($top === $m[2] && $bottom === $m[1] && rtrim(['h' => 'hour', 'min' => 'minute', 's' => 'second'][$left] ?? $left, 's') === $m[3]) {
                    return null;
                }
            }

            return 'but no such numbers stand under each other';
        }
        if (str_contains($because, 'Each column has enough') && $picture instanceof ColumnsPicture) {
            foreach ($picture->rows[0]->cells as $cell) {
                if ('' !== $cell->instead) {
                    return 'but something was';
                }
            }

            return null;
        }
        if ((str_contains($because, 'Nothing has to be regrouped: add') || str_contains($because, 'nothing is carried')) && $picture instanceof ColumnsPicture) {
            return '' === implode('', $picture->carry) ? null : 'but something was carried';
        }
        if (str_contains($because, 'close together') && $picture instanceof LinePicture) {
            $points = $picture->points;

            return $points[\count($points) - 1]->at - $points[0]->at <= $picture->per ? null : 'but they are apart';
        }
        if (1 === preg_match('/^(One|Two) jumps? do/', $because, $m) && $picture instanceof LinePicture) {
            return \count($picture->jumps) === ('One' === $m[1] ? 1 : 2) ? null : 'but there are '.\count($picture->jumps).' jumps';
        }
        if (1 === preg_match('/so go from ([\d:]+) (on|back) to the o’clock/', $because, $m) && $sum instanceof ClockMove) {
            return str_starts_with($text->clock($sum->start), $m[1]) && ('on' === $m[2]) === ($sum->direction() > 0) ? null : 'but it goes the other way, or by another clock';
        }
        if (1 === preg_match('/^The table .* (?:is short, |has )(\d+|only one) columns?/', $because, $m) && $picture instanceof TablePicture) {
            $columns = \count($picture->columns);

            return ('only one' === $m[1] ? 1 : (int) $m[1]) === $columns && (str_contains($because, 'short') === ($columns > 1 && $columns < 6)) ? null : 'but it has '.$columns;
        }
        if (1 === preg_match('/^(\d+) min is (one five|\d+ fives)(?: and (\d+) more)?/', $because, $m)) {
            return 5 * ('one five' === $m[2] ? 1 : (int) $m[2]) + (int) ($m[3] ?? 0) === (int) $m[1] ? null : 'does not come out';
        }
        if (1 === preg_match('/^(?:(\d+) h)? ?(?:(\d+) min)? is only (\d+) min (less|more) than (\d+) h/', $because, $m)) {
            $length = 60 * (int) $m[1] + (int) $m[2];

            return $length + ('less' === $m[4] ? (int) $m[3] : -(int) $m[3]) === 60 * (int) $m[5] ? null : 'does not come out';
        }

        return null;
    }

    /** @return iterable<string, Sum> of every rung and level, and with units and numbers that no rung draws */
    private static function sums(): iterable
    {
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                foreach (Core::get(Generator::class)->draw($rung, $level, 25, 31)->sums as $i => $sum) {
                    yield $rung->id.' '.$level->value.' '.$i => $sum;
                }
            }
        }
        yield from self::odd();
    }

    /** @return iterable<string, Sum> */
    public static function odd(int $count = 4000): iterable
    {
        $dice = new Randomizer(new Xoshiro256StarStar(32));
        $reader = Core::get(SumReader::class);
        $units = ['s', 'min', 'h', 'days', 'weeks'];
        $length = static function () use ($dice, $units): string {
            $u = $dice->getInt(0, 4);

            return match ($dice->getInt(0, 3)) {
                0 => $dice->getInt(0, 200).' '.$units[$u],
                1 => $u > 0 ? $dice->getInt(0, 9).' '.$units[$u].' '.$dice->getInt(0, 70).' '.$units[$u - 1] : $dice->getInt(1, 99).' s',
                2 => $dice->getInt(1, 5).' years '.$dice->getInt(0, 14).' months',
                default => $dice->getInt(0, 12).' h '.$dice->getInt(0, 80).' min',
            };
        };
        $time = static fn (): string => \sprintf(...match ($dice->getInt(0, 2)) {
            0 => ['%02d:%02d', $dice->getInt(0, 23), $dice->getInt(0, 59)],
            1 => ['%d:%02d', $dice->getInt(1, 12), $dice->getInt(0, 59)],
            default => ['%d:%02d %s', $dice->getInt(1, 12), $dice->getInt(0, 59), $dice->getInt(0, 1) ? 'am' : 'pm'],
        });
        for ($n = 0; $n < $count; ++$n) {
            $text = match ($dice->getInt(0, 9)) {
                0 => $length().' + '.$length(),
                1, 2 => $length().' - '.$length(),
                3 => $dice->getInt(0, 12).' x '.$length(),
                4 => $length().' / '.$dice->getInt(1, 12),
                5 => $time().' + '.$length(),
                6 => $time().' - '.$length(),
                7 => $time().' to '.$time(),
                8 => $length().' in '.$units[$dice->getInt(0, 4)].(0 === $dice->getInt(0, 1) ? '' : ' '.$units[$dice->getInt(0, 4)]),
                default => $length().' ? '.$length(),
            };
            try {
                $sum = $reader->read($text)->sum;
                $sum->answer();
                yield $text => $sum;
            } catch (NotUnderstood|CannotBeDone) {
            }
        }
    }
}
