<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Method;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Method\Jump;
use Rostik\Core\Method\Jumps;
use Rostik\Core\Method\MethodBook;
use Rostik\Core\Notation\Changed;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Tests\Core;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/**
 * The whole domain, in each method.
 *
 * Later and earlier: every minute of the day with every length from 0 to 24 h, 1440 x 1441 sums each way. All of them
 * are answered, and cut into jumps in both ways of jumping. Of the full workings, with every sentence and picture in
 * every method, one in {@see share()} is made: chosen so that every minute of the hour meets every length, and every
 * minute of the day meets every eighth length. `./rostik test every` makes all of them, in about ten minutes.
 *
 * Totals and differences: all pairs of lengths up to 12 h (720 x 720 totals, 721 x 722 / 2 differences), answered
 * and worked in the same way.
 */
#[Group('every')]
final class EveryTest extends TestCase
{
    private const DAY = 1440;

    /** One in so many sums is worked in full; 1 for all of them. */
    private static function share(): int
    {
        return max(1, (int) (getenv('ROSTIK_EVERY') ?: 8));
    }

    /** @return iterable<string, array{class-string<ClockMove>, int}> */
    public static function ways(): iterable
    {
        yield 'later' => [Later::class, 1];
        yield 'earlier' => [Earlier::class, -1];
    }

    /** @param class-string<ClockMove> $kind */
    #[DataProvider('ways')]
    public function testEveryMinuteWithEveryLength(string $kind, int $way): void
    {
        $starts = [];
        for ($m = 0; $m < self::DAY; ++$m) {
            $starts[] = StatedTime::of(TimeOfDay::ofMinutes($m), 0 === $m % 7 ? ClockForm::TwentyFour : ClockForm::Twelve);
        }
        $faults = [];
        $full = 0;
        for ($length = 0; $length <= self::DAY; ++$length) {
            $amount = Amount::minutes($length);
            foreach ($starts as $m => $start) {
                $sum = $kind::of($start, $amount);
                // plain minutes, wrapped at the day
                $end = $m + $way * $length;
                $day = $end < 0 ? ($end < -self::DAY ? -2 : -1) : ($end >= 2 * self::DAY ? 2 : ($end >= self::DAY ? 1 : 0));
                $answer = $sum->answer();
                if ($answer->time->minutes !== $end - $day * self::DAY || $answer->dayOffset !== $day) {
                    $faults[] = $kind.' '.$m.' '.$length.': the answer';
                }
                foreach ([Jumps::through($m, $end, 60, 12), Jumps::hoursFirst($m, $end)] as $jumps) {
                    if (!$this->lands($jumps, $m, $end)) {
                        $faults[] = $kind.' '.$m.' '.$length.': the jumps';
                    }
                }
                if (0 === ($length + $m + intdiv($m, 60)) % self::share()) {
                    ++$full;
                    $fault = $this->faultOf($sum, $full);
                    if (null !== $fault) {
                        $faults[] = $kind.' '.$m.' '.$length.': '.$fault;
                    }
                    if (!$this->changedRightly($sum, $m, $end)) {
                        $faults[] = $kind.' '.$m.' '.$length.': what changed';
                    }
                }
            }
            self::assertSame([], \array_slice($faults, 0, 5));
        }
        self::assertGreaterThanOrEqual(intdiv(self::DAY * self::DAY, self::share()), $full);
    }

    /** @return iterable<string, array{bool}> */
    public static function signs(): iterable
    {
        yield 'later: totals' => [true];
        yield 'earlier: differences' => [false];
    }

    #[DataProvider('signs')]
    public function testEveryTwoLengthsUpToTwelveHours(bool $adds): void
    {
        $amounts = [];
        for ($m = 0; $m <= 720; ++$m) {
            $amounts[] = Amount::minutes($m);
        }
        $full = 0;
        $faults = [];
        for ($a = $adds ? 1 : 0; $a <= 720; ++$a) {
            for ($b = $adds ? 1 : 0; $b <= ($adds ? 720 : $a); ++$b) {
                $sum = $adds ? Total::of($amounts[$a], $amounts[$b]) : Difference::of($amounts[$a], $amounts[$b]);
                $length = $sum->answer()->amount;
                $minutes = $adds ? $a + $b : $a - $b;
                if ($length->duration->minutes() !== $minutes || $sum->regroups() !== ($adds ? $a % 60 + $b % 60 >= 60 : $b % 60 > $a % 60)) {
                    $faults[] = $a.' and '.$b.': the answer';
                }
                if (0 === ($a + $b + intdiv($a, 60)) % self::share()) {
                    $fault = $this->faultOf($sum, ++$full);
                    if (null !== $fault) {
                        $faults[] = $a.' and '.$b.': '.$fault;
                    }
                }
            }
            self::assertSame([], \array_slice($faults, 0, 5));
        }
        self::assertGreaterThan(intdiv($adds ? 720 * 720 : 720 * 360, self::share()) - 1000, $full);
    }

    /** Every method ends at the answer; every fourth working is also gone through number by number. */
    private function faultOf(Sum $sum, int $count): ?string
    {
        static $book = null;
        static $writer = null;
        $book ??= Core::get(MethodBook::class);
        $writer ??= Writer::marked();
        \assert($book instanceof MethodBook && $writer instanceof Writer);
        $answer = $sum->answer();
        foreach ($book->choose($sum, Writer::marked()) as $chosen) {
            $working = $chosen->work($writer);
            if (!$working->answer->equals($answer)) {
                return $working->method->id().' ends elsewhere';
            }
            $fault = 0 === $count % 4 ? WorkingCheck::fault($working, $sum) : null;
            if (null !== $fault) {
                return $working->method->id().': '.$fault;
            }
        }

        return null;
    }

    /** @param list<Jump> $jumps */
    private function lands(array $jumps, int $from, int $to): bool
    {
        $at = $from;
        foreach ($jumps as $jump) {
            if ($jump->from !== $at || $jump->to === $at || ($jump->to > $at) !== ($to > $from)) {
                return false;
            }
            $at = $jump->to;
        }

        return $at === $to;
    }

    /** What changed, said once more from the minutes of the day. */
    private function changedRightly(ClockMove $sum, int $from, int $end): bool
    {
        $to = (($end % self::DAY) + self::DAY) % self::DAY;
        $changed = Changed::by($sum, Writer::marked());
        $twelve = ClockForm::Twelve === $sum->start->form;
        $hour = static fn (int $m): int => $twelve ? intdiv($m, 60) % 12 : intdiv($m, 60);

        return $changed->minute->changed === (0 !== ($to - $from) % 60)
            && $changed->hour->changed === ($hour($from) !== $hour($to))
            && null !== $changed->half && $changed->half->changed === (($from < 720) !== ($to < 720))
            && null !== $changed->day && $changed->day->changed === ($end < 0 || $end >= self::DAY);
    }
}
