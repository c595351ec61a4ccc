<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Notation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Tests\Core;
use Rostik\Core\Work\Workbench;
use Rostik\Core\Work\WorkedSum;

/**
 * Ways of saying a sum that teachers use, each with many numbers: what comes out is worked out here by itself, in minutes,
 * and is the same however it is said. Where one line means two things, it is asked.
 */
final class SaidAgainTest extends TestCase
{
    private Randomizer $dice;

    protected function setUp(): void
    {
        $this->dice = new Randomizer(new Xoshiro256StarStar(31));
    }

    public function testPartsOfAUnitAreCounted(): void
    {
        $parts = ['halves' => 2, 'thirds' => 3, 'quarters' => 4, 'fifths' => 5, 'sixths' => 6, 'tenths' => 10, 'twelfths' => 12];
        $units = [['an hour', 'hours'], ['a minute', 'minutes'], ['a day', 'days']];
        for ($i = 0; $i < 200; ++$i) {
            $name = array_keys($parts)[$this->dice->getInt(0, 6)];
            [$one, $many] = $units[$this->dice->getInt(0, 2)];
            $count = $this->dice->getInt(2, 9);
            if ('days' === $many && 5 === $parts[$name]) {
                continue;
            }
            $ask = ['how many %s of %s in %d %s', 'How many %s of %s are there in %d %s?', 'how many %s of %s make %d %s'][$i % 3];
            $this->comesTo((string) ($count * $parts[$name]), \sprintf($ask, $name, $one, $count, $many));
            $top = $this->dice->getInt(1, $parts[$name] - 1);
            $minutes = ['hours' => 60, 'days' => 1440][$many] ?? null;
            if (null !== $minutes && 'halves' !== $name && 'quarters' !== $name) {
                $word = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven'][$top - 1];
                $said = \sprintf('%s %s of %s', $word, 1 === $top ? substr($name, 0, -1) : $name, $one);
                $this->comesTo(($minutes * $top / $parts[$name]).' min', $said.' in minutes');
            }
        }
    }

    #[DataProvider('stretches')]
    public function testAStretchIsAStretchHoweverItIsSaid(string $way): void
    {
        for ($i = 0; $i < 60; ++$i) {
            $start = $this->dice->getInt(0, 1200);
            $end = $this->dice->getInt($start + 1, 1439);
            [$a, $b] = [\sprintf('%02d:%02d', intdiv($start, 60), $start % 60), \sprintf('%02d:%02d', intdiv($end, 60), $end % 60)];
            $this->comesTo(self::length($end - $start), strtr($way, ['A' => $a, 'B' => $b]));
            $this->comesTo(self::length($end - $start), strtr($way, ['A' => self::by12($start), 'B' => self::by12($end)]));
        }
    }

    /** @return iterable<string, array{string}> */
    public static function stretches(): iterable
    {
        foreach (['dep A arr B', 'departs A, arrives B', 'start A, finish B', 'starts at A and ends at B', 'opens A, closes B', 'A thru B', 'A through B', 'how much later is B than A', 'how much earlier is A than B', 'open from A, closes at B', 'opened at A, closed at B', 'dep. A arr. B', 'the class started at A and finished at B'] as $way) {
            yield $way => [$way];
        }
    }

    #[DataProvider('lengths')]
    public function testLengthsInOtherUnits(string $way): void
    {
        for ($i = 0; $i < 60; ++$i) {
            $hours = $this->dice->getInt(2, 60);
            $this->comesTo((60 * $hours).' min', strtr($way, ['L' => $hours.' hours', 'U' => 'minutes']));
            $weeks = $this->dice->getInt(2, 60);
            $this->comesTo((7 * $weeks).' days', strtr($way, ['L' => $weeks.' weeks', 'U' => 'days']));
        }
    }

    /** @return iterable<string, array{string}> */
    public static function lengths(): iterable
    {
        foreach (['L is how many U?', 'L = how many U?', 'L are how many U', 'how many U are L?', 'L = U'] as $way) {
            yield $way => [$way];
        }
    }

    public function testOneSumAfterTheOther(): void
    {
        for ($i = 0; $i < 80; ++$i) {
            $times = $this->dice->getInt(2, 9);
            $each = 5 * $this->dice->getInt(1, 11);
            $more = 5 * $this->dice->getInt(1, 11);
            $this->comesTo(self::length($times * $each + $more), "$times x $each min + $more min");
            $this->comesTo(self::length($times * $each + $more), "$more min + $times x $each min");
            $start = $this->dice->getInt(360, 700);
            $end = $this->dice->getInt($start + 61, 1200);
            $this->comesTo(self::length($end - $start - $more), self::by12($start).' to '.self::by12($end)." - $more min");
            $this->comesTo(($end - $start).' min', 'from '.self::by12($start).' to '.self::by12($end).' in minutes');
            $this->comesTo(self::by12(($start + $times * $each) % 1440), self::by12($start)." + $times x $each min");
        }
    }

    public function testMinusBetweenTimesHangsOnNothingButTheTimes(): void
    {
        for ($i = 0; $i < 150; ++$i) {
            $early = $this->dice->getInt(100, 1000);
            $late = $this->dice->getInt(max(780, $early + 1), min(1439, $early + 700));
            $nought = \sprintf('%02d:%02d', intdiv($early, 60), $early % 60);
            $plain = \sprintf('%d:%02d', intdiv($early, 60), $early % 60);
            $from = \sprintf('%d:%02d', intdiv($late, 60), $late % 60);
            foreach (["$from - $nought", "$from - $plain", "$from-$plain", "$from – $plain", "$from minus $plain", "$from minus $nought"] as $line) {
                $this->comesTo(self::length($late - $early), $line);
            }
        }
    }

    public function testAPointBeforeAnyUnitAndFourDigitsWithAnHAreAskedAboutOrTimes(): void
    {
        $bench = Core::get(Workbench::class);
        foreach (['h', 'hr', 'hrs', 'hour', 'hours', ' h', ' hours'] as $unit) {
            for ($i = 0; $i < 20; ++$i) {
                $minutes = 5 * $this->dice->getInt(1, 11);
                $hours = $this->dice->getInt(1, 9);
                $readings = $bench->work(\sprintf('%d.%02d%s + 20 min', $hours, $minutes, $unit))->readings;
                self::assertSame([self::length(60 * $hours + $minutes + 20), self::length(60 * $hours + intdiv($minutes * 60, 100) + 20)], array_map(static fn ($one): string => $one->answer->text, $readings), $unit.$minutes);
            }
        }
        for ($i = 0; $i < 100; ++$i) {
            $at = $this->dice->getInt(0, 1300);
            $said = \sprintf('%02d%02dh', intdiv($at, 60), $at % 60);
            $this->comesTo(\sprintf('%02d:%02d', intdiv($at + 45, 60), ($at + 45) % 60), $said.' + 45 min');
        }
    }

    public function testWhatIsSaidOfTwoIsJudged(): void
    {
        $bench = Core::get(Workbench::class);
        for ($i = 0; $i < 150; ++$i) {
            $a = 10 * $this->dice->getInt(3, 30);
            $b = $this->dice->getInt(1, 5);
            $is = $a <=> 60 * $b;
            foreach (['<' => -1, '>' => 1, 'is longer than' => 1, 'is shorter than' => -1, 'is the same as' => 0] as $sign => $right) {
                $claim = $bench->work("$a min $sign $b h")->claim;
                self::assertNotNull($claim);
                self::assertSame($is === $right, $claim->right, "$a min $sign $b h");
            }
            // a decimal counts by its value
            $minutes = 6 * $this->dice->getInt(1, 9);
            $line = \sprintf('%d h + %d min = ', $b, $minutes);
            self::assertTrue($bench->work($line.$b.'.'.intdiv($minutes, 6).' h')->claim?->right, $line);
            $pointed = $bench->work($line.\sprintf('%d.%02d h', $b, $minutes))->claim;
            self::assertNotNull($pointed);
            self::assertFalse($pointed->right, $line);
            self::assertSame(['may be reading the decimal part as minutes'], $pointed->may, $line);
            // how often one length goes into another is a number
            $every = [5, 10, 15, 20, 30][$i % 5];
            $times = intdiv(60 * $b, $every);
            foreach ([$times => true, $times.' times' => true, $times.' min' => false, $times.' h' => false] as $claimed => $right) {
                self::assertSame($right, $bench->work("$b h / $every min = $claimed")->claim?->right, "$b h / $every min = $claimed");
            }
        }
        foreach (['1 year = 365 days', '1 month = 4 weeks', '52 weeks = 1 year'] as $nearly) {
            self::assertStringStartsWith('Not exactly: it is ', $bench->work($nearly)->claim->say ?? '');
        }
    }

    public function testATimeInTheFirstHourMayBeginWithANought(): void
    {
        for ($minute = 0; $minute < 60; ++$minute) {
            $this->comesTo(self::by12(($minute + 75) % 1440), \sprintf('0:%02d am + 1 h 15 min', $minute));
            self::assertTrue(Core::get(Workbench::class)->work(\sprintf('11:%02d pm + 1 h = 0:%02d am', $minute, $minute))->claim?->right);
        }
    }

    public function testASeriesSaysItsDays(): void
    {
        for ($days = 1; $days < 12; ++$days) {
            $answer = $this->work(\sprintf('every %d days from 9 am, 4 times', $days))->answer->text ?? '';
            self::assertSame([1, 1, 1], array_map(static fn (int $n): int => substr_count($answer, 1 === $days * $n ? '(next day)' : \sprintf('(%d days later)', $days * $n)), [1, 2, 3]), $answer);
        }
    }

    /** In words it is not said how far "half of" or "double" reaches: such a line is not taken for one of the two. */
    public function testWhatWordsDoNotPutInOrderIsNotGuessed(): void
    {
        foreach (['half of 2 h + 20 min', 'double 20 min + 5 min', 'twice 1 h 10 min - 20 min', 'a quarter of 3 h + 15 min', '10 min + double 20 min'] as $line) {
            try {
                self::fail($line.' came to '.(Core::get(Workbench::class)->work($line)->answer->text ?? 'a question'));
            } catch (NotUnderstood $no) {
                self::assertNotNull(Core::get(Workbench::class)->work($no->example)->answer, $line);
            }
        }
    }

    /** Whatever cannot be done is refused with a sentence and an example that works: 34 000 lines of two operands and a sign, every seventh of them here. */
    public function testWhatIsImpossibleIsRefused(): void
    {
        $bench = Core::get(Workbench::class);
        $operands = ['_', '0', '0 min', '20 min', '3', '1 h', '9 am', '13:40', 'half past 4', '0 h', '5 months', '2.5', '1.30 h', 'an hour', '', '7 weeks', '12:00', '24:00', '0:00', 'noon', '-5 min'];
        $n = 0;
        foreach ($operands as $a) {
            foreach (['+', '-', 'x', '/', 'to', 'in', '?', '=', '<', 'as', 'times', 'of', 'or'] as $sign) {
                foreach ($operands as $b) {
                    foreach (['', ' = 1 h', ' = 3', ' = _', ' = 9:30 am', ' = 0 min'] as $result) {
                        if (0 !== ++$n % 7) {
                            continue;
                        }
                        try {
                            $bench->work("$a $sign $b$result");
                        } catch (NotUnderstood $no) {
                            self::assertNotSame('', $no->getMessage());
                            $bench->work($no->example);
                        }
                    }
                }
            }
        }
        foreach (['_ / 20 min = 5 min' => 'length-by-a-length', '_ / 0 = 1 h' => 'shared-by-nothing'] as $line => $reason) {
            try {
                $bench->work($line);
                self::fail($line);
            } catch (NotUnderstood $no) {
                self::assertSame($reason, $no->reason);
            }
        }
    }

    /** What stands in brackets is worked first, wherever they stand: drawn lengths, taken apart by bare arithmetic. */
    public function testWhatStandsInBracketsIsWorkedFirst(): void
    {
        for ($a = 25; $a < 170; $a += 12) {
            for ($b = 5; $b < $a; $b += 9) {
                [$one, $two, $most] = [self::length($a), self::length($b), self::length(2 * $a + 30)];
                $this->comesTo(self::length(3 * ($a + $b)), \sprintf('3 x (%s + %s)', $one, $two));
                $this->comesTo(self::length(2 * ($a + $b)), \sprintf('(%s + %s) x 2', $one, $two));
                $this->comesTo(self::length(4 * ($a - $b)), \sprintf('(%s - %s) x 4', $one, $two));
                $this->comesTo(self::length(2 * $a + 30 - ($a + $b)), \sprintf('%s - (%s + %s)', $most, $one, $two));
                $this->comesTo(self::length(2 * $a + 30 - ($a - $b)), \sprintf('%s - (%s - %s)', $most, $one, $two));
                $this->comesTo(self::length($a + $b), \sprintf('(%s) + %s', $one, $two));
                $this->comesTo(self::length($a + $b + 3 * $b), \sprintf('(%s + %s) + 3 x %s', $one, $two, $two));
                foreach (['2 x [%s + %s]', '{%s + %s} x 2', '2 x （%s + %s）', '(a) 2 x (%s + %s)', 'b) (%s + %s) x 2', '3) twice (%s + %s)', '2 x ((%s) + (%s))'] as $way) {
                    $this->comesTo(self::length(2 * ($a + $b)), \sprintf($way, $one, $two));
                }
                $claim = $this->work(\sprintf('(%s + %s) x 2 = %s', $one, $two, self::length($a + 2 * $b)))->claim;
                self::assertFalse($claim?->right, 'as if the brackets were not there');
            }
        }
        // one that holds nobody knows what is not passed over
        foreach (['(45 min + 10 min) + 3 pm + 2 pm', '2 x (45 min + 10 min', '45 min + 10 min) x 2', '3 h - (1 h + 20 min', '2 x [45 min + 10 min', str_repeat('(', 60).'1 h + 2 h'.str_repeat(')', 50), str_repeat('(a)', 30)] as $askew) {
            try {
                Core::get(SumReader::class)->read($askew);
                self::fail($askew.' was taken for a sum.');
            } catch (NotUnderstood $no) {
                self::assertSame('brackets', $no->reason, $askew);
            }
        }
    }

    /** One-figure hours with a colon and an h: a time or a length; with two figures, or a nought, a time. */
    public function testAColonBeforeAnHIsAskedAbout(): void
    {
        foreach (['h', ' h', ' hrs', ' hours'] as $unit) {
            for ($m = 60; $m < 600; $m += 7) {
                $said = \sprintf('%d:%02d%s', intdiv($m, 60), $m % 60, $unit);
                $read = Core::get(SumReader::class)->read($said.' + 20 min')->sum->readings();
                self::assertCount(2, $read, $said);
                self::assertSame(self::length($m + 20), Writer::plain()->answer($read[0]->sum->answer()));
                $this->comesTo(self::length(2 * $m), '2 x '.$said);
                $this->comesTo($m.' min', $said.' in min');
            }
            for ($at = 600; $at < 1380; $at += 11) {
                $this->comesTo(\sprintf('%02d:%02d', intdiv($at + 20, 60), ($at + 20) % 60), \sprintf('%d:%02d%s + 20 min', intdiv($at, 60), $at % 60, $unit));
            }
        }
    }

    public function testDaysOfAYearAndPartsInPercent(): void
    {
        for ($year = 1990; $year < 2110; ++$year) {
            $days = (new \DateTimeImmutable($year.'-12-31'))->format('z') + 1;
            foreach (['days in %d', 'how many days are there in %d?', 'how many days does %d have', 'How many days has the year %d?'] as $way) {
                $this->comesTo($days.' days', \sprintf($way, $year));
            }
        }
        for ($n = 5; $n < 100; $n += 5) {
            $this->comesTo(self::length(3 * $n), $n.'% of 5 h');
            $this->comesTo(self::length(300 - $n), 'decrease 5 h by '.$n.' min');
            $this->comesTo(self::length(300 + $n), 'increase 5 h by '.$n.' min');
            $this->comesTo(self::length($n), '_ x 4 = '.self::length(4 * $n));
            $this->comesTo(self::length(390 - $n), '9:00 to 15:30 with a break of '.$n.' min');
        }
    }

    private function comesTo(string $answer, string $line): void
    {
        self::assertSame($answer, $this->work($line)->answer->text ?? 'asked', $line);
    }

    private function work(string $line): WorkedSum
    {
        try {
            return Core::get(Workbench::class)->work($line, new Style());
        } catch (NotUnderstood $no) {
            self::fail($line.': '.$no->getMessage());
        }
    }

    private static function length(int $minutes): string
    {
        return match (true) {
            0 === $minutes % 60 => intdiv($minutes, 60).' h',
            $minutes < 60 => $minutes.' min',
            default => intdiv($minutes, 60).' h '.($minutes % 60).' min',
        };
    }

    private static function by12(int $at): string
    {
        $at %= 1440;

        return match ($at) {
            0 => '12 midnight',
            720 => '12 noon',
            default => \sprintf('%d:%02d %s', (intdiv($at, 60) + 11) % 12 + 1, $at % 60, $at < 720 ? 'a.m.' : 'p.m.'),
        };
    }
}
