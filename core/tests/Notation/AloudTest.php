<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Notation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\Aloud;

final class AloudTest extends TestCase
{
    /** @return iterable<array{string, string}> */
    public static function texts(): iterable
    {
        yield ['{h:2} h {m:56} min + {m:45} min', '2 hours 56 minutes plus 45 minutes.'];
        yield ["{h:1}\u{a0}h {m:1}\u{a0}min − {m:30}\u{a0}min", '1 hour 1 minute minus 30 minutes.'];
        yield ['{h:9}:{m:40} {x:p.m.} to {h:5}:{m:25} {x:a.m.}', '9:40 p.m. to 5:25 a.m.'];
        yield ['9.40 pm + 1.5 h', '9:40 pm plus 1.5 hours.'];
        yield ['4 × 35 min', '4 times 35 minutes.'];
        yield ['2 h 15 min ÷ 3', '2 hours 15 minutes divided by 3.'];
        yield ['___ + 50 min = 10:30 a.m.', 'what plus 50 minutes is 10:30 a.m.'];
        yield ['105 min = __ h __ min', '105 minutes is what hours what minutes.'];
        yield ['3½ h', '3½ hours.'];
        yield ['12 s', '12 seconds.'];
        yield ['The ferry leaves at 8:40 a.m. When is it there?', 'The ferry leaves at 8:40 a.m. When is it there?'];
        yield ['Greta’s watch is 5 min slow.', 'Greta’s watch is 5 minutes slow.'];
        yield ['', ''];
    }

    #[DataProvider('texts')]
    public function testAVoiceReadsSentences(string $written, string $said): void
    {
        self::assertSame($said, Aloud::said($written));
    }

    public function testSeveralAreSaidOneAfterTheOther(): void
    {
        self::assertSame('6 h 25 min is told nowhere.', str_replace('6 hours 25 minutes', '6 h 25 min', Aloud::said('{h:6} h {m:25} min is told nowhere')));
        self::assertSame('How long is it? Choose. 25 minutes. 1 hour 25 minutes.', Aloud::said('How long is it?', 'Choose', '25 min', '', '1 h 25 min'));
    }

    /** Every length that has hours and minutes under a day, and every sign: no short unit and no sign is left. */
    public function testNoSignIsLeft(): void
    {
        foreach (['+', '−', '-', '×', '÷'] as $sign) {
            for ($minutes = 0; $minutes < 1440; ++$minutes) {
                $said = Aloud::said(\sprintf('%d h %d min %s %d min', intdiv($minutes, 60), $minutes % 60, $sign, $minutes));
                self::assertDoesNotMatchRegularExpression('/\b(h|min|s)\b|[+−×÷_=-]/u', $said);
                self::assertSame(1 === intdiv($minutes, 60), str_contains($said, '1 hour ') && 1 === preg_match('/^1 hour /', $said), $said);
            }
        }
    }
}
