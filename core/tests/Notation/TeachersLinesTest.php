<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Notation;

use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Rostik\Core\Tests\Core;
use Rostik\Core\Work\Workbench;

/**
 * Sums drawn from a seed and written in one of the ways in which teachers write them; the right answer is calculated here
 * from the numbers, in plain minutes, without the reader.
 */
final class TeachersLinesTest extends TestCase
{
    private const COUNT = 6000;

    /** @var array<int, string> */
    private const NUMBERS = ['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

    private Randomizer $dice;

    public function testTheAnswerIsTheOneThatWasCalculated(): void
    {
        $this->dice = new Randomizer(new Xoshiro256StarStar(53));
        $bench = Core::get(Workbench::class);
        $wrong = [];
        $kinds = [];
        for ($n = 0; $n < self::COUNT; ++$n) {
            [$typed, $answer] = match ($n % 8) {
                0 => $this->later(),
                1 => $this->earlier(),
                2 => $this->elapsed(),
                3 => $this->total(),
                4 => $this->difference(),
                5 => $this->severalTimes(),
                6 => $this->converted(),
                default => $this->missing(),
            };
            $dressed = $this->dressed($typed);
            try {
                $found = $bench->answer($dressed)->answer?->text;
            } catch (\DomainException $no) {
                $found = $no->getMessage();
            }
            if ($answer !== $found) {
                $wrong[] = $dressed.': '.($found ?? 'several readings').', not '.$answer;
            }
            if (0 === intdiv($n, 8) % 8 && $answer === $found) {
                foreach ($bench->work($dressed)->methods as $method) {
                    if ($method->answer !== $answer) {
                        $wrong[] = $dressed.' by '.$method->id.': '.$method->answer.', not '.$answer;
                    }
                }
            }
            $kinds[$n % 8] = true;
        }
        self::assertCount(8, $kinds);
        self::assertSame([], \array_slice($wrong, 0, 12), \count($wrong).' of '.self::COUNT);
    }

    /** @return array{string, string} */
    private function later(): array
    {
        [$start, $length] = [$this->number(0, 1439), $this->number(1, 700)];
        $time = $this->time($start);
        $long = $this->length($length);

        return [$this->one([
            $time.' + '.$long, $time.' plus '.$long, $long.' after '.$time, 'What time is it '.$long.' after '.$time.'?', 'add '.$long.' to '.$time, $time.', '.$long.' later',
            'What will be the time '.$long.' after '.$time.'?', $long.' later than '.$time, 'It is '.$time.'. What time will it be in '.$long.'?', $time.' to ___ = '.$long,
        ]), $this->moved($start, $length)];
    }

    /** @return array{string, string} */
    private function earlier(): array
    {
        [$start, $length] = [$this->number(0, 1439), $this->number(1, 700)];
        $time = $this->time($start);
        $long = $this->length($length);

        return [$this->one([
            $time.' - '.$long, $time.' – '.$long, $time.' minus '.$long, $long.' before '.$time, 'What time was it '.$long.' before '.$time.'?', 'subtract '.$long.' from '.$time, $time.', '.$long.' earlier', 'Find the time '.$long.' before '.$time, '___ + '.$long.' = '.$time,
        ]), $this->moved($start, -$length)];
    }

    /** @return array{string, string} */
    private function elapsed(): array
    {
        $start = $this->number(0, 1438);
        $end = $this->number($start + 1, 1439);
        [$from, $to] = [$this->time($start), $this->time($end)];

        return [$this->one([
            $from.' to '.$to, 'from '.$from.' until '.$to, 'How long is it from '.$from.' to '.$to.'?', 'between '.$from.' and '.$to, $from.'–'.$to, $from.' - '.$to, 'How many minutes from '.$from.' to '.$to.'?', $from.' till '.$to, $from.' + ___ = '.$to, 'Find the duration from '.$from.' to '.$to.'.',
        ]), $this->written($end - $start)];
    }

    /** @return array{string, string} */
    private function total(): array
    {
        [$a, $b] = [$this->number(1, 700), $this->number(1, 700)];
        [$one, $other] = [$this->length($a), $this->length($b)];

        return [$this->one([
            $one.' + '.$other, $one.' plus '.$other, 'Add '.$one.' and '.$other, 'the total of '.$one.' and '.$other, 'What is '.$one.' + '.$other.' altogether?', 'sum of '.$one.' and '.$other, $one.' more than '.$other, '___ - '.$one.' = '.$other,
        ]), $this->written($a + $b)];
    }

    /** @return array{string, string} */
    private function difference(): array
    {
        $b = $this->number(1, 600);
        $a = $b + $this->number(1, 300);
        [$large, $small] = [$this->length($a), $this->length($b)];

        return [$this->one([
            $large.' - '.$small, $large.' − '.$small, $large.' take away '.$small, 'subtract '.$small.' from '.$large, 'How much longer is '.$large.' than '.$small.'?', 'the difference between '.$small.' and '.$large, $small.' less than '.$large, $small.' + ___ = '.$large, $large.' - ___ = '.$small, 'take '.$small.' away from '.$large,
        ]), $this->written($a - $b)];
    }

    /** @return array{string, string} */
    private function severalTimes(): array
    {
        $times = $this->number(2, 9);
        $each = $this->number(1, 200);
        [$one, $all] = [$this->length($each), $this->length($each * $times)];
        if (1 === $this->number(0, 1)) {
            return [$this->one([
                $times.' x '.$one, $one.' × '.$times, $times.' times '.$one, $times.' lots of '.$one, 'multiply '.$one.' by '.$times, self::word($times).' times '.$one, '___ ÷ '.$times.' = '.$one,
            ]), $this->written($each * $times)];
        }

        return [$this->one([
            $all.' / '.$times, $all.' ÷ '.$times, $all.' divided by '.$times, 'share '.$all.' equally between '.$times, 'divide '.$all.' by '.$times, $all.' shared among '.$times.' children', $times.' x ___ = '.$all,
        ]), $this->written($each)];
    }

    /** @return array{string, string} */
    private function converted(): array
    {
        $minutes = $this->number(61, 900);
        $hours = intdiv($minutes, 60);
        $rest = $minutes % 60;
        if (1 === $this->number(0, 1)) {
            return [$this->one([
                $minutes.' min in h min', $minutes.' minutes in hours and minutes', 'Convert '.$minutes.' minutes to hours and minutes', $minutes.' min = ___ h ___ min', 'write '.$minutes.' mins in hrs and mins', '__ h __ min = '.$minutes.' min',
            ]), $hours.' h '.$rest.' min'];
        }
        $long = $this->length($minutes);

        return [$this->one([
            $long.' in min', 'change '.$long.' into minutes', 'how many minutes are there in '.$long.'?', $long.' = ___ min', '___ minutes = '.$long, 'How many minutes in '.$long,
        ]), $minutes.' min'];
    }

    /** @return array{string, string} */
    private function missing(): array
    {
        $small = $this->number(1, 300);
        $large = $small + $this->number(1, 300);
        if (1 === $this->number(0, 1)) {
            return [$this->length($large).' = '.$this->length($small).' + ?', $this->written($large - $small)];
        }
        $times = $this->number(2, 12);

        return [$this->one(['___ x '.$small.' min = ', 'how many times does '.$small.' min go into ']).($small * $times).' min', (string) $times];
    }

    /** A number, a bullet or nothing before it, spaces and capitals of any kind. */
    private function dressed(string $line): string
    {
        $line = match ($this->number(0, 7)) {
            0 => strtoupper($line),
            1 => ucfirst($line),
            2 => '  '.$line.'  ',
            3 => str_replace(' ', "\u{a0}", $line),
            4 => '“'.$line.'”',
            default => $line,
        };

        return match ($this->number(0, 9)) {
            0 => $this->number(1, 40).') '.$line,
            1 => '('.$this->one(['a', 'b', 'ii', '3']).') '.$line,
            2 => '• '.$line,
            3 => 'Q'.$this->number(1, 20).'. '.$line,
            4 => $line.' =',
            default => $line,
        };
    }

    /** A time of day that says which half it is in, in one of many ways. */
    private function time(int $at): string
    {
        $hour = intdiv($at, 60);
        $minute = $at % 60;
        $twelve = 0 === $hour % 12 ? 12 : $hour % 12;
        $half = $hour < 12 ? 'am' : 'pm';
        $part = match (true) {
            $hour < 4 => 'at night',
            $hour < 12 => 'in the morning',
            $hour < 18 => 'in the afternoon',
            $hour < 21 => 'in the evening',
            default => 'at night',
        };
        $ways = [
            \sprintf('%d:%02d %s', $twelve, $minute, $half),
            \sprintf('%d.%02d%s', $twelve, $minute, $half),
            \sprintf('%d:%02d %s.m.', $twelve, $minute, $half[0]),
            \sprintf('%d:%02d %s', $twelve, $minute, strtoupper($half)),
            \sprintf('%d:%02d %s', $twelve, $minute, $part),
        ];
        if (0 === $minute) {
            $ways = [...$ways, $twelve.' '.$half, $twelve.$half, self::word($twelve).' o’clock '.$part];
        }
        if (720 === $at) {
            $ways = ['noon', '12 noon', 'midday', '12:00 noon'];
        }
        // 12 and minutes at the edges of the day are named so only where nobody doubts it
        if (0 === $minute % 5 && 0 !== $minute && 11 !== $hour && 23 !== $hour && 12 !== $twelve) {
            $next = self::word($twelve % 12 + 1);
            $nextPart = match (true) {
                $hour + 1 < 4 => 'at night',
                $hour + 1 < 12 => 'in the morning',
                $hour + 1 < 18 => 'in the afternoon',
                $hour + 1 < 21 => 'in the evening',
                default => 'at night',
            };
            $ways[] = $minute <= 30
                ? (30 === $minute ? 'half past' : (15 === $minute ? 'quarter past' : $minute.' past')).' '.self::word($twelve).' '.$part
                : (45 === $minute ? 'a quarter to' : (60 - $minute).' to').' '.$next.' '.$nextPart;
        }

        return $this->one($ways);
    }

    private function length(int $minutes): string
    {
        $hours = intdiv($minutes, 60);
        $rest = $minutes % 60;
        if (0 === $hours) {
            return $this->one([$rest.' min', $rest.'min', $rest.' minutes', $rest.' mins', ...(30 === $rest ? ['half an hour', 'half hour', '½ hour'] : []), ...(45 === $rest ? ['three quarters of an hour', '¾ of an hour'] : [])]);
        }
        if (0 === $rest) {
            return $this->one([$hours.' h', $hours.' hours', $hours.'h', $hours.' hrs', ...($hours < 13 ? [self::word($hours).' hours'] : []), ...(1 === $hours ? ['an hour', 'one hour'] : [])]);
        }
        $ways = [
            $hours.' h '.$rest.' min', $hours.'h'.$rest.'min', $hours.'h '.$rest.'m', $hours.' hours '.$rest.' minutes', $hours.' hrs '.$rest.' mins', $hours.' hr. '.$rest.' min.', $hours.' hours and '.$rest.' minutes', $minutes.' min', \sprintf('PT%dH%dM', $hours, $rest),
        ];
        if (30 === $rest) {
            $ways = [...$ways, $hours.'½ hours', $hours.'.5 h', $hours.' 1/2 hours', ...($hours < 13 ? [self::word($hours).' and a half hours'] : []), ...(1 === $hours ? ['an hour and a half'] : [])];
        }
        if (15 === $rest) {
            $ways = [...$ways, $hours.'¼ h', $hours.' and a quarter hours'];
        }

        return $this->one($ways);
    }

    /** A length as it is written for an answer. */
    private function written(int $minutes): string
    {
        $hours = intdiv($minutes, 60);
        $rest = $minutes % 60;

        return implode(' ', array_filter([$hours > 0 ? $hours.' h' : '', $rest > 0 ? $rest.' min' : '']));
    }

    private function moved(int $start, int $by): string
    {
        $end = $start + $by;
        $at = ($end + 2880) % 1440;
        $hour = intdiv($at, 60);
        $time = match ($at) {
            0 => '12 midnight',
            720 => '12 noon',
            default => \sprintf('%d:%02d %s', ($hour + 11) % 12 + 1, $at % 60, $hour < 12 ? 'a.m.' : 'p.m.'),
        };

        return $time.($end >= 1440 ? ' (next day)' : ($end < 0 ? ' (the day before)' : ''));
    }

    private static function word(int $number): string
    {
        return self::NUMBERS[$number] ?? '';
    }

    private function number(int $from, int $to): int
    {
        return $this->dice->getInt($from, $to);
    }

    /** @param non-empty-list<string> $from */
    private function one(array $from): string
    {
        return $from[$this->dice->getInt(0, \count($from) - 1)];
    }
}
