<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Notation;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\HalfSigns;
use Rostik\Core\Notation\LengthReader;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\PastWord;
use Rostik\Core\Notation\Separator;
use Rostik\Core\Notation\SpokenTime;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\TimeReader;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Tests\Core;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

final class StyleTest extends TestCase
{
    /** Every minute of the day through every style of writing and back: 1440 minutes, 72 styles, both clocks. */
    public function testEveryMinuteInEveryStyleIsReadBack(): void
    {
        $times = new TimeReader();
        $lengths = new LengthReader();
        $wrong = [];
        foreach (Style::all() as $style) {
            $writer = Writer::plain($style);
            for ($m = 0; $m < 1440; ++$m) {
                $time = TimeOfDay::ofMinutes($m);
                foreach (ClockForm::cases() as $form) {
                    $written = $writer->time(StatedTime::of($time, $form));
                    $read = (new TypedLine($written, $times, $lengths))->times(0)[0] ?? null;
                    if (null === $read || !$read->time->halfSaid && ClockForm::Twelve === $form && !$style->always24 || $read->time->minutes % 720 !== $m % 720 || ($read->time->halfSaid && $read->time->minutes !== $m)) {
                        $wrong[] = $written;
                    }
                }
            }
        }
        self::assertSame([], $wrong);
    }

    /** Every minute of the day said and understood again, past and after. */
    public function testEveryMinuteSaidIsUnderstood(): void
    {
        $times = new TimeReader();
        $lengths = new LengthReader();
        foreach (['past', 'after'] as $past) {
            $spoken = new SpokenTime($past);
            for ($m = 0; $m < 1440; ++$m) {
                $said = $spoken->of(StatedTime::of(TimeOfDay::ofMinutes($m)));
                $found = array_filter((new TypedLine($said, $times, $lengths))->times(0), static fn ($r): bool => $r->time->halfSaid && $r->time->minutes === $m);
                self::assertNotEmpty($found, $said);
                foreach ([true, false] as $marked) {
                    // with numerals, as a question says it
                    $asked = Marked::plain((new SpokenTime($past, true, $marked))->of(StatedTime::of(TimeOfDay::ofMinutes($m))));
                    $found = array_filter((new TypedLine($asked, $times, $lengths))->times(0), static fn ($r): bool => $r->time->halfSaid && $r->time->minutes === $m);
                    self::assertNotEmpty($found, $asked);
                }
                $open = $spoken->of(StatedTime::open(TimeOfDay::ofMinutes($m)->hour12(), $m % 60));
                $found = array_filter((new TypedLine($open, $times, $lengths))->times(0), static fn ($r): bool => $r->time->minutes % 720 === $m % 720);
                self::assertNotEmpty($found, $open);
            }
        }
    }

    public function testSpeaking(): void
    {
        $say = static fn (int $h, int $m): string => (new SpokenTime())->of(StatedTime::of(TimeOfDay::of($h, $m)));
        self::assertSame('twenty-three minutes to nine in the morning', $say(8, 37));
        self::assertSame('ten to eleven at night', $say(22, 50));
        self::assertSame('half past twelve in the afternoon', $say(12, 30));
        self::assertSame('twenty-five to nine in the evening', $say(20, 35));
        self::assertSame('one minute past three in the afternoon', $say(15, 1));
        self::assertSame('three o’clock in the afternoon', $say(15, 0));
        self::assertSame('noon', $say(12, 0));
        self::assertSame('midnight', $say(0, 0));
    }

    public function testSchoolsWriteDifferently(): void
    {
        $time = StatedTime::of(TimeOfDay::of(13, 50));
        $write = static fn (Style $style): string => Writer::plain($style)->time($time);
        self::assertSame('1:50 p.m.', $write(Style::canonical()));
        self::assertSame('1.50 pm', $write(new Style(HalfSigns::Small, Separator::Point)));
        self::assertSame('13:50', $write(new Style(always24: true)));
        self::assertSame('12:00 PM', Writer::plain(new Style(HalfSigns::Large, nameTwelve: false))->time(StatedTime::of(TimeOfDay::of(12, 0))));
        $sum = Core::get(SumReader::class)->read('3:20 pm as words')->sum;
        self::assertInstanceOf(Rewrite::class, $sum);
        self::assertSame('twenty after three in the afternoon', Writer::plain(new Style(past: PastWord::After))->answer($sum->answer()));
        self::assertSame('3.20 pm as words', Core::get(Forms::class)->write($sum, Writer::plain(new Style(HalfSigns::Small, Separator::Point))));
    }
}
