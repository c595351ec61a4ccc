<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Mistake;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Mistake\Catalogue\FlipsAmPm;
use Rostik\Core\Mistake\Catalogue\KeepsAmPm;
use Rostik\Core\Mistake\Catalogue\ToAsPast;
use Rostik\Core\Mistake\Catalogue\ToThisHour;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/** The mistakes of the clock, for every minute of the day. */
final class ClockMistakesTest extends TestCase
{
    /**
     * Every start with lengths up to 23 h 59 min in steps of 53 min, later and earlier: below 12 hours, where the hour
     * changes, exactly one of the two mistakes with a.m. and p.m. shows; what is written is the other half of PHP's own answer.
     */
    public function testTheWrongHalfIsTheOtherHalfOfTheRightReading(): void
    {
        $seen = ['flips' => 0, 'keeps' => 0];
        for ($start = 0; $start < 1440; ++$start) {
            $stated = StatedTime::of(TimeOfDay::ofMinutes($start));
            for ($length = 1; $length < 1440; $length += 53) {
                foreach (['+' => Later::of($stated, Amount::minutes($length)), '-' => Earlier::of($stated, Amount::minutes($length))] as $sign => $sum) {
                    // a calendar and a clock that are not ours
                    $from = (new \DateTimeImmutable('2026-01-05 00:00', new \DateTimeZone('UTC')))->modify("+{$start} minutes");
                    $to = $from->modify("{$sign}{$length} minutes");
                    $other = $to->format('g:i').('am' === $to->format('a') ? ' p.m.' : ' a.m.');
                    $same = $from->format('a') === $to->format('a');
                    $flips = (new FlipsAmPm())->predict($sum)?->text();
                    $keeps = (new KeepsAmPm())->predict($sum)?->text();
                    if ($flips !== ($same && $length < 720 && $from->format('G') !== $to->format('G') ? $other : null) || $keeps !== ($same ? null : $other)) {
                        self::fail("{$from->format('g:i a')} {$sign} {$length} min: flips to ".($flips ?? 'nothing').', keeps '.($keeps ?? 'nothing'));
                    }
                    $seen['flips'] += null === $flips ? 0 : 1;
                    $seen['keeps'] += null === $keeps ? 0 : 1;
                }
            }
        }
        self::assertGreaterThan(17_000, min($seen));
    }

    public function testWithoutAHalfOfTheDayThereIsNoneToGetWrong(): void
    {
        foreach ([StatedTime::open(11, 30), StatedTime::of(TimeOfDay::of(11, 30), ClockForm::TwentyFour)] as $start) {
            $sum = Later::of($start, Amount::minutes(20));
            self::assertNull((new FlipsAmPm())->predict($sum));
            self::assertNull((new KeepsAmPm())->predict($sum));
        }
    }

    /** Every minute of the day, from words to digits and from digits to words: shown after half past alone. */
    public function testToIsMistakenInTheSecondHalfOfTheHour(): void
    {
        for ($m = 0; $m < 1440; ++$m) {
            $time = TimeOfDay::ofMinutes($m);
            $clock = (new \DateTimeImmutable('2026-01-05 00:00', new \DateTimeZone('UTC')))->modify("+{$m} minutes");
            [$minute, $half] = [(int) $clock->format('i'), $clock->format('a')];
            [$before, $after] = [(int) $clock->modify('-1 hour')->format('g'), (int) $clock->modify('+1 hour')->format('g')];
            foreach ([TimeForm::Digital, TimeForm::Words] as $as) {
                $sum = Rewrite::of(StatedTime::of($time), $as);
                $wanted = $minute <= 30 ? [null, null] : [
                    [$after, 60 - $minute, $half],
                    [TimeForm::Words === $as ? $before : $after, $minute, $half],
                ];
                $found = array_map(self::parts(...), [(new ToAsPast())->predict($sum), (new ToThisHour())->predict($sum)]);
                if ($wanted !== $found) {
                    self::assertSame($wanted, $found, $clock->format('g:i a').' as '.$as->value);
                }
            }
        }
        self::assertNull((new ToAsPast())->predict(Rewrite::of(StatedTime::of(TimeOfDay::of(8, 37)), TimeForm::TwentyFour)));
        self::assertNull((new ToThisHour())->predict(Later::of(StatedTime::open(8, 37), Amount::minutes(5))));
    }

    /** @return array{int, int, string}|null */
    private static function parts(mixed $given): ?array
    {
        return $given instanceof GivenTime ? [$given->hour, $given->minute, str_replace('.', '', $given->half->value ?? '')] : null;
    }
}
