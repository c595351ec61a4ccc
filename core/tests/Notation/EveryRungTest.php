<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Notation;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Setting;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Tests\Core;
use Rostik\Core\Work\Workbench;

/** Sums of every rung, written in every way a school writes them, are read as what they are. */
final class EveryRungTest extends TestCase
{
    /** @return iterable<array{string, Sum}> */
    private static function sums(int $count): iterable
    {
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                foreach (Core::get(Generator::class)->draw($rung, $level, $count, 53)->sums as $sum) {
                    yield [$rung->id, $sum];
                }
            }
        }
    }

    public function testWhatIsWrittenIsReadAsTheSameSum(): void
    {
        $forms = Core::get(Forms::class);
        $reader = Core::get(SumReader::class);
        $plain = Writer::plain();
        $read = 0;
        foreach (self::sums(25) as [, $sum]) {
            $text = $forms->write($sum, $plain);
            self::assertSame($text, $forms->write($reader->read($text)->sum, $plain));
            // as it stands on a sheet: with its real minus and times signs, and in whatever case and spacing
            $shown = Marked::plain($forms->write($sum, Writer::marked()));
            if (!str_contains($text, ' hours')) {
                self::assertSame($text, $forms->write($reader->read($shown)->sum, $plain), $shown);
            }
            self::assertSame($text, $forms->write($reader->read('  '.strtoupper($text).' ')->sum, $plain));
            ++$read;
        }
        self::assertGreaterThan(2000, $read);
    }

    /** Where the style says which half of the day it is, nothing is lost. */
    public function testEverySchoolsOwnWayOfWritingIsUnderstood(): void
    {
        $forms = Core::get(Forms::class);
        $bench = Core::get(Workbench::class);
        $read = 0;
        foreach (array_filter(Style::all(), static fn (Style $style): bool => !$style->always24) as $style) {
            foreach (self::sums(1) as [$rung, $sum]) {
                $text = $forms->write($sum, Writer::plain($style));
                self::assertSame($bench->answer($forms->write($sum, Writer::plain()))->answer?->text, $bench->answer($text)->answer?->text, $rung.': '.$text);
                ++$read;
            }
        }
        self::assertGreaterThan(2000, $read);
    }

    /** The bare answer, the worked sum and each of its methods come to the same, and the sum exercises its rung. */
    public function testAnswerWorkingAndRungAgree(): void
    {
        $bench = Core::get(Workbench::class);
        $ladder = Core::get(Ladder::class);
        foreach (self::sums(6) as [$rung, $sum]) {
            $text = Core::get(Forms::class)->write($sum, Writer::plain());
            $worked = $bench->work($text);
            self::assertSame($worked->answer?->text, $bench->answer($text)->answer?->text, $text);
            self::assertSame($worked->shown, $bench->answer($text)->shown, $text);
            foreach ($worked->methods as $method) {
                self::assertSame($worked->answer?->text, $method->answer, $text.' by '.$method->id);
            }
            if (Setting::Bare === $ladder->rung($rung)->setting) {
                self::assertContains($rung, $worked->skills, $text);
            }
        }
    }
}
