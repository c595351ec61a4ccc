<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Notation;

use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Rostik\Core\Notation\KnownWords;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Tests\Core;
use Rostik\Core\Weighing\Diagnostician;
use Rostik\Core\Work\Workbench;

/**
 * Any text whatever is answered, or refused with an example that works, soon and without a notice of PHP's. The text is
 * drawn from all the words and signs of the notation, from numbers of every size, and from what has no business there.
 */
final class AnyTextTest extends TestCase
{
    /** Milliseconds of work in which a line has its reply, worked or refused. */
    private const SOON = 50;

    /** The same for one that says the same over and over, as nobody types it. */
    private const SOON_ENOUGH = 100;

    private const SIGNS = ['+', '-', '–', '−', 'x', '×', '*', '/', '÷', '=', '?', '_', '____', ':', '.', ',', ';', '(', ')', '<', '>', '→', '&', '#', '"', '½', '¾', '⅔', '²', '…', '□', '  ', "\t", "\u{a0}", "\u{feff}", "\u{200b}", '।', 'é', '漢', '🙂', "\xff"];

    private const TIMES = ['9:45 am', '12:00', '00:60', '24:10', '7:75', '13:45', '1350', '0945 hrs', '1400 hours', '16.15 hrs', '2.30 hrs', '8 pm', 'noon', 'midnight', 'quarter to 6', 'half past', 'half 4', 'ten to two', '70 minutes past 3', 'in the morning', 'at night', 'in the afternoon', 'am', 'p.m.', "o'clock", 'next day', 'the day before', '９:４５', '१२:३०', '7 pm in the evening', '15:45 in the morning'];

    private const LENGTHS = ['3 h', '3 h 30 min', '2h15', '1 hr 30', '90 mins', '1.5 h', '.5 h', '3½ hours', '1/7 min', '3/4 of an hour', 'half hour', 'an hour & a half', '300 weeks', '999999 h', '1000000 days', '5 years 7 months', '1 y 6 m', 'a fortnight', 'PT3H30M', 'PT99999999999999H', 'P1Y2M3W', '1/999999999 h', '99999999999999999999 s', '2 h 3 h', '0 min', '1 month', '45 s'];

    private const ASKED = ['what time is it', 'what time will it be', 'how long is it from', 'how many minutes', 'how much longer is', 'than', 'convert', 'write', 'in words', 'as 24h', 'as 12h', 'as digital', 'in h min', 'in s', 'into weeks', 'which is longer', 'or', 'put', 'order', 'in order', 'latest first', 'add', 'subtract', 'from', 'take', 'the difference between', 'share', 'between', 'among', 'double', 'half of', 'a quarter of', 'divided by', 'is', 'to', 'until', 'after', 'before', 'later', 'ago', 'about', 'bananas', 'minuets', '(a)', 'Q3.', '1)', '•'];

    public function testIsAnsweredOrRefusedSoon(): void
    {
        $dice = new Randomizer(new Xoshiro256StarStar(20));
        $words = (new KnownWords())->all();
        $bench = Core::get(Workbench::class);
        $bench->work('1:50 pm + 3 h 30 min');
        $slow = [];
        $answered = 0;
        $refused = 0;
        set_error_handler(static function (int $level, string $message, string $file, int $line): never {
            throw new \ErrorException($message, 0, $level, $file, $line);
        });
        try {
            for ($n = 0; $n < 12_000; ++$n) {
                $typed = $this->text($dice, $words);
                try {
                    $ms = $this->reply($bench, $typed);
                    // a busy machine is no fault of the line's
                    for ($again = 0; $ms > self::SOON && $again < 3; ++$again) {
                        $ms = min($ms, $this->reply($bench, $typed));
                    }
                } catch (\Throwable $thrown) {
                    self::fail(json_encode($typed, \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_UNESCAPED_UNICODE).': '.$thrown->getMessage().' in '.basename($thrown->getFile()).':'.$thrown->getLine());
                }
                if ($ms > self::SOON) {
                    $slow[] = $typed.': '.round($ms).' ms';
                }
                $refused += $this->refused ? 1 : 0;
                $answered += $this->refused ? 0 : 1;
            }
        } finally {
            restore_error_handler();
        }
        self::assertSame([], $slow);
        self::assertGreaterThan(400, $answered);
        self::assertGreaterThan(4000, $refused);
    }

    public function testAnAnswerIsJudgedOrUnreadable(): void
    {
        $dice = new Randomizer(new Xoshiro256StarStar(21));
        $words = (new KnownWords())->all();
        $diagnostician = Core::get(Diagnostician::class);
        $sums = ['1:50 pm + 3 h 30 min', '2 h 40 min + 50 min', '105 min in h min', '3 days ? 70 h', 'order 7:40 am, 7 pm, 7 am', 'half past 4 as digital', '9 am to 4 pm', '_ x 15 min = 1 h', '1 month in days', '2 h / 15 min'];
        set_error_handler(static function (int $level, string $message, string $file, int $line): never {
            throw new \ErrorException($message, 0, $level, $file, $line);
        });
        $seen = [];
        try {
            for ($n = 0; $n < 3000; ++$n) {
                $written = $this->text($dice, $words);
                $seen[$diagnostician->judge($sums[$n % 10], $written)->verdict->value] = true;
            }
        } finally {
            restore_error_handler();
        }
        self::assertArrayHasKey('unreadable', $seen);
        self::assertArrayHasKey('wrong', $seen);
    }

    private bool $refused = false;

    private function reply(Workbench $bench, string $typed): float
    {
        $start = self::worked();
        try {
            $worked = $bench->work($typed);
            $this->refused = false;
            self::assertNotSame('', $worked->sum);
            self::assertTrue(null !== $worked->answer || \count($worked->readings) > 1, $typed);
            foreach ($worked->methods as $method) {
                self::assertSame($worked->answer?->text, $method->answer, $typed.': '.$method->id);
            }
            // what comes with it can be sent
            self::assertLessThan(2_000_000, \strlen((string) json_encode($worked)), $typed);
        } catch (NotUnderstood $no) {
            $this->refused = true;
            self::assertNotSame('', $no->getMessage());
            self::assertGreaterThanOrEqual(0, $no->at);
            self::assertLessThanOrEqual(mb_strlen(mb_scrub($typed, 'UTF-8'), 'UTF-8'), $no->at, $typed);
            $ms = self::worked() - $start;
            try {
                self::assertNotNull($bench->work($no->example)->answer, $no->example.' for '.$typed);
            } catch (NotUnderstood $example) {
                self::fail('The example '.$no->example.' for '.$typed.': '.$example->getMessage());
            }

            return $ms;
        }

        $ms = self::worked() - $start;
        // what is written of it says the same again
        $again = $bench->answer($worked->sum);
        self::assertSame([$worked->sum, $worked->answer?->text], [$again->sum, $again->answer?->text], $typed);

        return $ms;
    }

    /** @param list<string> $words */
    private function text(Randomizer $dice, array $words): string
    {
        if (0 === $dice->getInt(0, 2)) {
            // what looks like a sum, with whatever numbers
            $any = fn (): string => $this->one($dice, 0 === $dice->getInt(0, 1) ? self::TIMES : self::LENGTHS);

            return $any().' '.$this->one($dice, ['+', '-', 'to', '?', 'in', 'after', 'before', 'x', '/', '=', 'and', '+ _ =', '- _ =']).' '.$any().(0 === $dice->getInt(0, 3) ? ' '.$this->one($dice, ['=', '?', '= ___', 'next day', '+ 20 min', '= 3 h', 'min', '7']) : '');
        }
        $text = '';
        for ($pieces = $dice->getInt(1, 7); $pieces > 0; --$pieces) {
            $text .= match ($dice->getInt(0, 9)) {
                0, 1 => $this->one($dice, self::TIMES),
                2, 3, 4 => $this->one($dice, self::LENGTHS),
                5, 6 => $this->one($dice, self::SIGNS),
                7 => $this->one($dice, self::ASKED),
                8 => $this->one($dice, [] === $words ? [''] : $words),
                default => (string) $dice->getInt(0, 10 ** $dice->getInt(1, 18)),
            }.(0 === $dice->getInt(0, 5) ? '' : ' ');
        }

        return $text;
    }

    /** The same few words over and over, up to the longest text that is read: nothing that grows with its square. */
    public function testTheSameOverAndOverIsAnsweredSoonToo(): void
    {
        $dice = new Randomizer(new Xoshiro256StarStar(77));
        $bench = Core::get(Workbench::class);
        $bench->work('1:50 pm + 3 h 30 min');
        $told = ['How long?', 'When?', 'Ann takes 20 min.', 'The boat leaves at 9:20 am.', 'It takes 20 min longer than Bo.', 'from 9 am to 10 am', 'and', 'twice as long as', 'every 20 min', 'then', 'first', 'How much longer is it?', 'x 3', 'with a break of 15 min', 'half', '12:30,'];
        $slow = [];
        for ($n = 0; $n < 400; ++$n) {
            $pieces = '';
            for ($i = $dice->getInt(1, 4); $i > 0; --$i) {
                $pieces .= $this->one($dice, [self::TIMES, self::LENGTHS, self::ASKED, $told, $told][$dice->getInt(0, 4)]).$this->one($dice, [' ', ' ', '. ', '? ', ', ', '; ']);
            }
            $once = 0 === $n % 3 ? $this->one($dice, $told).' ' : '';
            $typed = mb_substr(str_repeat($pieces, 400), 0, $dice->getInt(200, 1150)).' '.$once;
            $ms = $this->reply($bench, $typed);
            for ($again = 0; $ms > self::SOON_ENOUGH && $again < 4; ++$again) {
                $ms = min($ms, $this->reply($bench, $typed));
            }
            if ($ms > self::SOON_ENOUGH) {
                $slow[] = $pieces.': '.round($ms).' ms';
            }
        }
        self::assertSame([], $slow);
    }

    /** @param non-empty-list<string> $from */
    private function one(Randomizer $dice, array $from): string
    {
        return $from[$dice->getInt(0, \count($from) - 1)];
    }

    /** Milliseconds that this process has worked, and not waited for a machine that has other things to do. */
    private static function worked(): float
    {
        $used = getrusage();
        $of = static fn (string $name): float => \is_array($used) && is_numeric($used[$name] ?? null) ? (float) $used[$name] : self::fail('It is not known how long was worked.');

        return 1e3 * ($of('ru_utime.tv_sec') + $of('ru_stime.tv_sec')) + ($of('ru_utime.tv_usec') + $of('ru_stime.tv_usec')) / 1e3;
    }
}
