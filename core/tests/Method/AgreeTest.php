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
 * Sums with a part to be found, how many times one length goes into another, and stretches that are said to end on the
 * next day: every method ends in the answer, which is worked out here with plain numbers of minutes.
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
