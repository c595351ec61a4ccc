<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Method;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Style;
use Rostik\Core\Picture\ColumnsPicture;
use Rostik\Core\Tests\Core;
use Rostik\Core\Work\Workbench;

/** Where one column's ones are too few, the ten that is exchanged stands above its digits: in every taking of minutes. */
final class ExchangedWithinTest extends TestCase
{
    public function testEveryTakingOfMinutesShowsItsTens(): void
    {
        $bench = Core::get(Workbench::class);
        $seen = 0;
        for ($top = 0; $top < 60; ++$top) {
            for ($bottom = 1; $bottom < 60; $bottom += 3) {
                $text = \sprintf('5 h %d min - 2 h %d min', $top, $bottom);
                foreach ($bench->work($text, new Style())->methods as $method) {
                    if ('column' !== $method->id) {
                        continue;
                    }
                    $picture = $method->steps[\count($method->steps) - 1]->picture;
                    self::assertInstanceOf(ColumnsPicture::class, $picture);
                    $cell = $picture->rows[0]->cells[1];
                    $counts = '' === $cell->instead ? $cell->digits : $cell->instead;
                    // each digit has at least what is taken from it, and together they are the number
                    $now = 0;
                    $needed = false;
                    foreach (str_split($counts) as $i => $digit) {
                        $place = 10 ** (\strlen($counts) - 1 - $i);
                        $is = (int) ('' === ($cell->within[$i] ?? '') ? $digit : $cell->within[$i]);
                        // the 10 of 102, and the 1 of 12, are read as they stand
                        $stands = 1 === $i && '' === ($cell->within[0] ?? '') && '1' === $counts[0] ? 10 : 0;
                        self::assertGreaterThanOrEqual(intdiv($bottom, $place) % 10, $is + $stands, $text);
                        $needed = $needed || (int) $digit + $stands < intdiv($bottom, $place) % 10;
                        $now += $is * $place;
                    }
                    self::assertSame((int) $counts, $now, $text);
                    self::assertSame($needed, [] !== $cell->within, $text);
                    $seen += [] === $cell->within ? 0 : 1;
                }
            }
        }
        self::assertGreaterThan(400, $seen);
    }

    public function testThroughANoughtAndInHundreds(): void
    {
        $say = static function (string $text): array {
            foreach (Core::get(Workbench::class)->work($text, new Style())->methods as $method) {
                if ('column' === $method->id) {
                    $last = $method->steps[\count($method->steps) - 1]->picture;

                    return [$last instanceof ColumnsPicture ? $last->rows[0]->cells[0]->within : null, Marked::plain($method->steps[1]->say)];
                }
            }

            return [null, ''];
        };
        self::assertSame([['0', '9', '15'], 'Hours: 105 − 78 = 27, with 105 as 90 + 15.'], $say('105 h - 78 h'));
        self::assertSame([['4', '11', ''], 'Days: 512 − 371 = 141, with 512 as 400 + 110 + 2.'], $say('512 days - 371 days'));
        self::assertSame([[], 'Days: 512 − 311 = 201.'], $say('512 days - 311 days'));
    }
}
