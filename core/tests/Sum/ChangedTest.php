<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Sum;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\Changed;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Crossing;
use Rostik\Core\Tests\Core;

final class ChangedTest extends TestCase
{
    /**
     * @param list<string> $changed
     * @param list<string> $crosses
     */
    #[DataProvider('moves')]
    public function testWhatChangesAndWhatIsCrossed(string $text, array $changed, array $crosses): void
    {
        $sum = Core::get(SumReader::class)->read($text)->sum;
        self::assertInstanceOf(ClockMove::class, $sum);
        $found = Changed::by($sum, Writer::marked());
        $parts = array_filter([
            'hour' => $found->hour->changed,
            'minute' => $found->minute->changed,
            'half' => true === $found->half?->changed,
            'day' => true === $found->day?->changed,
        ]);
        self::assertSame($changed, array_keys($parts));
        self::assertSame($crosses, array_map(static fn (Crossing $c): string => $c->value, Crossing::of($sum)));
    }

    /** @return iterable<string, array{string, list<string>, list<string>}> set by hand */
    public static function moves(): iterable
    {
        yield 'within the hour' => ['3:05 pm + 20 min', ['minute'], []];
        yield 'whole hours' => ['1:50 pm + 2 h', ['hour'], ['hour']];
        yield 'across the hour' => ['1:50 pm + 3 h 30 min', ['hour', 'minute'], ['hour']];
        yield 'across noon' => ['11:15 am + 2 h', ['hour', 'half'], ['hour', 'noon']];
        yield 'to noon itself' => ['11:15 am + 45 min', ['hour', 'minute', 'half'], ['hour', 'noon']];
        yield 'across midnight' => ['10:30 pm + 3 h', ['hour', 'half', 'day'], ['hour', 'midnight']];
        yield 'back across noon' => ['12:50 pm - 3 h', ['hour', 'half'], ['hour', 'noon']];
        yield 'back to noon itself' => ['2:00 pm - 2 h', ['hour'], ['hour']];
        yield 'back across midnight' => ['12:10 am - 20 min', ['hour', 'minute', 'half', 'day'], ['hour', 'midnight']];
        yield 'half a day' => ['3:00 am + 12 h', ['half'], ['hour', 'noon']];
        yield 'a whole day' => ['3:00 am + 24 h', ['day'], ['hour', 'noon', 'midnight']];
        yield 'nothing' => ['3:00 am + 0 min', [], []];
        yield '24-hour time over midnight' => ['22:50 + 2 h', ['hour', 'half', 'day'], ['hour', 'midnight']];
        yield 'half not said' => ['11:50 + 20 min', ['hour', 'minute'], ['hour']];
    }

    public function testReasonsNameWhatWasCrossed(): void
    {
        $read = static function (string $text): Changed {
            $sum = Core::get(SumReader::class)->read($text)->sum;
            self::assertInstanceOf(ClockMove::class, $sum);

            return Changed::by($sum, Writer::marked());
        };
        self::assertSame('12 noon was crossed', $read('12:50 pm - 3 h')->half?->why);
        self::assertSame('12 was not crossed', $read('1:50 pm + 3 h 30 min')->half?->why);
        self::assertSame('whole hours bring the minute hand back', $read('1:50 pm + 2 h')->minute->why);
        self::assertSame('both noon and midnight were crossed', $read('3:00 am + 24 h')->half?->why);
        self::assertSame('day before', $read('12:10 am - 20 min')->day?->to);
    }
}
