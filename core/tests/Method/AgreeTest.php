<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Method;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Board\Board;
use Rostik\Core\Judging\Judge;
use Rostik\Core\Judging\Verdict;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Tests\Core;
use Rostik\Core\Work\Workbench;

/**
 * Sums with a part to be found, how many times one length goes into another, stretches that are said to end on the next
 * day, chains, times at equal distances, comparisons on the clock, one time taken from another, and numbers with fractions:
 * every method ends in the answer, which is worked out here with plain numbers of minutes.
 */
final class AgreeTest extends TestCase
{
    /** @param callable(): iterable<string, string> $sums the answer, by the sum */
    #[DataProvider('families')]
    public function testEveryMethodEndsInTheAnswer(callable $sums, int $least): void
    {
        $bench = Core::get(Workbench::class);
        $reader = Core::get(SumReader::class);
        $judge = Core::get(Judge::class);
        $book = Core::get(MistakeBook::class);
        $board = Core::get(Board::class);
        $wrong = [];
        $worked = 0;
        foreach ($sums() as $text => $answer) {
            $sum = $bench->work($text);
            $answers = [$sum->answer->text ?? '', ...array_map(static fn ($method): string => $method->answer, $sum->methods)];
            foreach (array_unique($answers) as $one) {
                if ($one !== $answer) {
                    $wrong[] = $text.': '.$one.' for '.$answer;
                }
            }
            if (0 === $worked++ % 7) {
                $read = $reader->read($text)->sum;
                if (Verdict::Right !== $judge->judge($read, $answer)->verdict) {
                    $wrong[] = $text.': its own answer is not judged right';
                }
                foreach ($book->predict($read) as $prediction) {
                    if ($prediction->text() === $answer) {
                        $wrong[] = $text.': a mistake that leads to the right answer';
                    }
                }
                $shown = $board->show($text);
                if ($shown->worked->sum !== $sum->sum || (null !== $shown->clock && \count($shown->moments) !== \count($sum->methods))) {
                    $wrong[] = $text.': not on the board as it is worked';
                }
            }
        }
        self::assertGreaterThanOrEqual($least, $worked);
        self::assertSame([], \array_slice($wrong, 0, 5), \count($wrong).' of '.$worked);
    }

    /** @return iterable<string, array{callable(): iterable<string, string>, int}> */
    public static function families(): iterable
    {
        yield 'to the next day' => [static function (): iterable {
            for ($start = 0; $start < 1440; $start += 35) {
                for ($end = 5; $end < 1440; $end += 55) {
                    yield \sprintf('%s to %s next day', self::time($start), self::time($end)) => self::length($end + 1440 - $start);
                }
            }
        }, 1000];
        yield 'what is added' => [static function (): iterable {
            for ($part = 5; $part < 300; $part += 35) {
                for ($whole = $part; $whole < 400; $whole += 25) {
                    yield \sprintf('%s + _ = %s', self::length($part), self::length($whole)) => self::length($whole - $part);
                    yield \sprintf('_ + %s = %s', self::length($part), self::length($whole)) => self::length($whole - $part);
                    yield \sprintf('%s - _ = %s', self::length($whole), self::length($part)) => self::length($whole - $part);
                    yield \sprintf('_ - %s = %s', self::length($whole), self::length($part)) => self::length($whole + $part);
                }
            }
        }, 300];
        yield 'how many times' => [static function (): iterable {
            for ($each = 5; $each < 130; $each += 15) {
                for ($times = 1; $times < 13; ++$times) {
                    yield self::length($each * $times).' / '.self::length($each) => (string) $times;
                    yield \sprintf('_ x %s = %s', self::length($each), self::length($each * $times)) => (string) $times;
                    yield \sprintf('%s / _ = %s', self::length($each * $times), self::length($each)) => (string) $times;
                    yield \sprintf('%d x _ = %s', $times, self::length($each * $times)) => self::length($each);
                    yield \sprintf('_ / %d = %s', $times, self::length($each)) => self::length($each * $times);
                }
            }
        }, 300];
        yield 'on the clock, step by step' => [static function (): iterable {
            for ($start = 0; $start < 1440; $start += 115) {
                foreach ([[25, 40], [40, -55], [-20, -35], [90, 45, -10], [-130, 60, 15], [720, 721], [5, 5, 5, 5, 5]] as $moves) {
                    $end = $start + array_sum($moves);
                    $days = (int) floor($end / 1440);
                    yield self::time($start).self::signed($moves) => self::shown(($end + 2880) % 1440).[-1 => ' (the day before)', 0 => '', 1 => ' (next day)', 2 => ' (2 days later)'][$days];
                }
            }
        }, 80];
        yield 'lengths, step by step' => [static function (): iterable {
            for ($first = 10; $first < 400; $first += 35) {
                foreach ([[40, -25], [-5, 90], [-100, 95], [55, 65, -80], [-30, -20, 45, 5]] as $moves) {
                    if ($first + array_sum($moves) >= 0) {
                        yield self::length($first).self::signed($moves) => self::length($first + array_sum($moves));
                    }
                }
            }
        }, 50];
        yield 'at equal distances' => [static function (): iterable {
            for ($start = 5; $start < 1440; $start += 95) {
                foreach ([1, 12, 25, 45, 60, 100] as $every) {
                    // the day is said where it changes
                    $times = array_map(static fn (int $i): string => self::shown(($start + $i * $every) % 1440).($i > 0 && intdiv($start + $i * $every, 1440) > intdiv($start + ($i - 1) * $every, 1440) ? ' (next day)' : ''), range(0, 6));
                    yield \sprintf('every %s from %s, 7 times', self::length($every), self::time($start)) => implode(', ', $times);
                    yield \sprintf('every %s from %s until %s', self::length($every), self::time($start), self::time(($start + 3 * $every + intdiv($every, 2)) % 1440)) => implode(', ', \array_slice($times, 0, 4));
                }
            }
        }, 150];
        yield 'more or less than' => [static function (): iterable {
            for ($start = 0; $start < 1440; $start += 85) {
                foreach ([5, 45, 59, 60, 61, 90, 240, 1440] as $long) {
                    foreach ([30, 60, 90] as $length) {
                        $sides = [self::time($start).' to '.self::time(($start + $long) % 1440), self::length($length)];
                        yield implode(' ? ', $sides) => ['<', '=', '>'][($long <=> $length) + 1];
                        yield implode(' ? ', array_reverse($sides)) => ['<', '=', '>'][($length <=> $long) + 1];
                    }
                    yield self::time($start).' to '.self::time(($start + $long) % 1440).' ? 3:10 am to 4:10 am' => ['<', '=', '>'][($long <=> 60) + 1];
                }
            }
        }, 700];
        yield 'earlier or later' => [static function (): iterable {
            for ($a = 0; $a < 1440; $a += 65) {
                for ($b = 0; $b < 1440; $b += 130) {
                    yield self::time($a).' ? '.self::time($b) => ['earlier', 'the same', 'later'][($a <=> $b) + 1];
                }
            }
        }, 200];
        yield 'one time taken from another' => [static function (): iterable {
            for ($a = 0; $a < 1440; $a += 65) {
                for ($b = 10; $b < 1440; $b += 130) {
                    yield self::time($a).' minus '.self::time($b) => self::length($a > $b ? $a - $b : $a - $b + 1440);
                }
            }
        }, 200];
        yield 'to the second' => [static function (): iterable {
            $clock = static fn (int $s): string => preg_replace('/:(\d\d)/', ':$1:'.\sprintf('%02d', $s % 60), self::time(intdiv($s, 60))) ?? '';
            $length = static fn (int $s): string => trim(($s >= 3600 ? intdiv($s, 3600).' h ' : '').(intdiv($s, 60) % 60 > 0 ? intdiv($s, 60) % 60 .' min ' : '').($s % 60 > 0 ? $s % 60 .' s' : ''));
            $shown = static fn (string $time): string => str_replace(['am', 'pm'], ['a.m.', 'p.m.'], $time);
            for ($start = 25; $start < 86400; $start += 3655) {
                foreach ([5, 35, 60, 95, 600, 3599, 3600, 40000] as $by) {
                    $later = $start + $by;
                    yield $clock($start).' + '.$length($by) => $shown($clock($later % 86400)).($later >= 86400 ? ' (next day)' : '');
                    $earlier = $start - $by;
                    yield $clock($start).' - '.$length($by) => $shown($clock(($earlier + 86400) % 86400)).($earlier < 0 ? ' (the day before)' : '');
                    yield $clock($start).' to '.$clock($later % 86400) => $length($by);
                }
            }
        }, 500];
        yield 'numbers with fractions' => [static function (): iterable {
            for ($whole = 0; $whole < 4; ++$whole) {
                foreach ([[1, 2], [1, 4], [3, 4], [2, 3], [4, 5], [5, 6]] as [$top, $bottom]) {
                    for ($each = 60; $each <= 300; $each += 60) {
                        yield \sprintf('%s%d/%d x %s', 0 === $whole ? '' : $whole.' ', $top, $bottom, self::length($each)) => self::length(intdiv(($whole * $bottom + $top) * $each, $bottom));
                    }
                }
            }
        }, 100];
    }

    /** @param list<int> $moves */
    private static function signed(array $moves): string
    {
        return implode('', array_map(static fn (int $move): string => ($move < 0 ? ' - ' : ' + ').self::length(abs($move)), $moves));
    }

    /** As it is written: noon and midnight by their names. */
    private static function shown(int $minutes): string
    {
        return match ($minutes) {
            0 => '12 midnight',
            720 => '12 noon',
            default => str_replace(['am', 'pm'], ['a.m.', 'p.m.'], self::time($minutes)),
        };
    }

    private static function time(int $minutes): string
    {
        return \sprintf('%d:%02d %s', (intdiv($minutes, 60) + 11) % 12 + 1, $minutes % 60, $minutes < 720 ? 'am' : 'pm');
    }

    private static function length(int $minutes): string
    {
        return trim(($minutes >= 60 ? intdiv($minutes, 60).' h ' : '').(0 !== $minutes % 60 || 0 === $minutes ? $minutes % 60 .' min' : ''));
    }
}
