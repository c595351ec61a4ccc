<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Method;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Method\MethodBook;
use Rostik\Core\Method\Step;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Tests\Core;
use Rostik\Core\Work\Workbench;

/**
 * Lengths with fractions in them that are set to be converted or compared: what was typed as a fraction stays one, every
 * written sum in the working is true, and it ends in the answer. All fractions with up to 12 parts, and up to 3 wholes.
 */
final class FractionsOfUnitsTest extends TestCase
{
    private const UNITS = ['h' => ['min', 60], 'min' => ['s', 60], 'day' => ['h', 24], 'week' => ['days', 7]];

    #[DataProvider('units')]
    public function testAFractionIsConvertedByItsParts(string $unit, string $smaller, int $size): void
    {
        $reader = Core::get(SumReader::class);
        $plain = Writer::plain();
        $seen = 0;
        for ($parts = 2; $parts <= 12; ++$parts) {
            for ($whole = 0; $whole <= 3; ++$whole) {
                for ($of = 1; $of < $parts; ++$of) {
                    $common = self::common($of, $parts);
                    [$a, $b] = [intdiv($of, $common), intdiv($parts, $common)];
                    if (0 !== $size % $b) {
                        continue;
                    }
                    ++$seen;
                    $wholes = 0 === $whole ? '' : $whole.' ';
                    $written = $wholes.$a.'/'.$b.' '.(0 === $whole || \in_array($unit, ['h', 'min'], true) ? $unit : $unit.'s').' in '.$smaller;
                    $sum = $reader->read($wholes.$of.'/'.$parts.' '.$unit.' in '.$smaller)->sum;
                    self::assertSame($written, Core::get(Forms::class)->write($sum, $plain));
                    self::assertSame($written, Core::get(Forms::class)->write($reader->read($written)->sum, $plain), 'read again it is the same');
                    $answer = ($whole * $size + intdiv($size, $b) * $a).' '.$smaller;
                    self::assertSame('1 days' === $answer ? '1 day' : $answer, $plain->answer($sum->answer()));
                    $this->assertWorked($sum, $written);
                }
            }
        }
        self::assertGreaterThan(5, $seen);
    }

    private function assertWorked(Sum $sum, string $typed): void
    {
        $writer = Writer::marked();
        $workings = Core::get(MethodBook::class)->work($sum, $writer);
        self::assertNotSame([], $workings, $typed);
        foreach ($workings as $working) {
            self::assertNull(WorkingCheck::fault($working, $sum), $typed);
            $last = $working->steps[array_key_last($working->steps)];
            self::assertStringEndsWith(Marked::plain($writer->answer($sum->answer())).'.', Marked::plain($last->say), $typed);
        }
    }

    public function testADecimalStaysADecimalAndAFractionAFraction(): void
    {
        $shown = [];
        foreach (['1.5 h in min', '1½ hours in min', 'an hour and a half in min', '0.75 h ? 50 min', 'three quarters of an hour ? 50 min', 'order 1/3 h, 0.5 h, 25 min', '4/2 h in min'] as $typed) {
            $read = Core::get(SumReader::class)->read($typed)->sum;
            $shown[$typed] = Marked::plain(Core::get(Forms::class)->write($read, Writer::marked()));
        }
        self::assertSame(['1.5 h in min', '1½ h in min', '1½ h in min', '0.75 h ? 50 min', '¾ h ? 50 min', 'order ⅓ h, 0.5 h, 25 min', '2 h in min'], array_values($shown));
    }

    /** What is not whole is said in whole units before it is compared. */
    public function testAComparisonSaysFirstWhatAFractionIs(): void
    {
        $bench = Core::get(Workbench::class);
        $says = static fn (string $typed): array => array_map(static fn (Step $step): string => Marked::plain($step->say), $bench->work($typed)->methods[0]->steps);
        self::assertSame(['⅔ h = 40 min.', '40 min is less than 45 min, so ⅔ h < 45 min.'], $says('2/3 h ? 45 min'));
        self::assertSame(['1.5 h = 1 h 30 min.', '1 h 30 min = 1 × 60 + 30 = 90 min.', '90 min is less than 100 min, so 1.5 h < 100 min.'], $says('1.5 h ? 100 min'));
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function units(): iterable
    {
        foreach (self::UNITS as $unit => [$smaller, $size]) {
            yield $unit => [$unit, $smaller, $size];
        }
    }

    private static function common(int $a, int $b): int
    {
        return 0 === $b ? $a : self::common($b, $a % $b);
    }
}
