<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Work;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\HalfSigns;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\PastWord;
use Rostik\Core\Notation\Separator;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\AnswerForms;
use Rostik\Core\Question\Manner;
use Rostik\Core\Question\Posing;
use Rostik\Core\Question\Question;
use Rostik\Core\Question\Scaffold;
use Rostik\Core\Question\TimesGiven;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Tests\Core;
use Rostik\Core\Work\Workbench;

/** Whatever is said, drawn or printed of a sum is in the way in which the class writes, and in no other. */
final class StylesTest extends TestCase
{
    /** @return iterable<string, array{Style}> */
    public static function styles(): iterable
    {
        yield 'a.m., 1:50, 12 noon' => [new Style()];
        yield 'am, 1.50' => [new Style(HalfSigns::Small, Separator::Point)];
        yield 'AM, 12:00 PM' => [new Style(HalfSigns::Large, nameTwelve: false)];
        yield '24-hour, 09:20' => [new Style(HalfSigns::Small, always24: true)];
        yield '24-hour, 9:20' => [new Style(always24: true, leadingNought: false)];
        yield 'a.m., 1.50, after, minutes first, converts' => [new Style(separator: Separator::Point, past: PastWord::After, nameTwelve: false, minutesFirst: true, converts: true)];
        yield 'totals first' => [new Style(totalsFirst: true)];
    }

    #[DataProvider('styles')]
    public function testWhateverIsSaidOfASumIsInTheWayOfTheClass(Style $style): void
    {
        $bench = Core::get(Workbench::class);
        $checked = 0;
        foreach (self::sums(3) as $sum) {
            $text = Core::get(Forms::class)->write($sum, Writer::plain());
            $worked = $bench->work($text, $style);
            self::assertSame($text, $worked->sum, 'what is kept is the same for all');
            $rewrite = Kind::Rewrite === $sum->kind();
            $open = [] !== array_filter($sum->times(), static fn ($t): bool => !$t->halfSaid);
            foreach (self::strings($worked) as $where => $said) {
                // the text by which a sum is known is no sentence; a clock face has twelve hours for everybody
                if ('sum' === $where || str_ends_with($where, '.value') || str_ends_with($where, '.sum') || ($style->always24 && str_ends_with($where, '.reads'))) {
                    continue;
                }
                self::assertNull(self::foreign(Marked::plain($said), $style, $rewrite || $open), $text.', '.$where.': '.$said);
                ++$checked;
            }
        }
        self::assertGreaterThan(2000, $checked);
    }

    #[DataProvider('styles')]
    public function testWhateverIsPrintedIsInTheWayOfTheClass(Style $style): void
    {
        $posing = Core::get(Posing::class);
        foreach (self::sums(1) as $sum) {
            $rewrite = Kind::Rewrite === $sum->kind();
            $open = [] !== array_filter($sum->times(), static fn ($t): bool => !$t->halfSaid);
            foreach (array_keys(Core::get(AnswerForms::class)->all()) as $form) {
                foreach ([TimesGiven::AsWritten, TimesGiven::Clocks, TimesGiven::Words] as $times) {
                    $posed = $posing->pose(new Question($sum), new Manner(Scaffold::Full, $form, $times, [], $style));
                    foreach (self::strings([$posed->asked, $posed->form, $posed->answer, $posed->problem, array_column($posed->clocks, 'half'), $posed->form->rule(), $posed->working?->steps]) as $where => $said) {
                        if ($style->always24 && str_ends_with($where, '.reads')) {
                            continue;
                        }
                        self::assertNull(self::foreign(Marked::plain($said), $style, $rewrite || $open), Core::get(Forms::class)->write($sum, Writer::plain()).', '.$form.', '.$where.': '.$said);
                    }
                }
            }
        }
    }

    #[DataProvider('styles')]
    public function testHintsHaveTheSignsOfTheClass(Style $style): void
    {
        foreach (Core::get(MistakeBook::class)->all() as $mistake) {
            foreach ([$mistake->may(), $mistake->look()] as $said) {
                self::assertNull(self::foreign($style->signs($said), new Style($style->halves, $style->separator, $style->past), true), $style->signs($said));
            }
        }
        self::assertSame('I can tell am from pm.', (new Style(HalfSigns::Small))->signs('I can tell a.m. from p.m.'));
    }

    /** What is foreign is found out, so that finding nothing means something. */
    public function testWhatIsForeignIsFoundOut(): void
    {
        $styles = array_map(static fn (array $one): Style => $one[0], iterator_to_array(self::styles(), false));
        foreach ([
            [0, '1:50 pm'], [0, '1.50 p.m.'], [0, '12:00 p.m.'], [0, 'twenty after three'], [0, '1:50 PM'],
            [1, '1:50 pm'], [1, '1.50 p.m.'], [1, '12.00 pm'],
            [2, '12 noon'], [2, '1:50 pm'],
            [3, '1:50'], [3, '1.50 pm'], [3, 'before noon, a.m.'],
            [4, '09:20'], [4, '1:50 p.m.'],
            [5, '1:50 p.m.'], [5, 'twenty past three'], [5, '12 midnight'],
        ] as [$i, $said]) {
            self::assertNotNull(self::foreign($said, $styles[$i], false), $i.': '.$said);
        }
        self::assertNull(self::foreign('Write 1.50 pm as 13:50.', $styles[1], false));
        self::assertNull(self::foreign('quarter past three, half past 4, 2.25 h', $styles[0], false));
    }

    /** The form of another way of writing that stands in it; null where there is none. */
    private static function foreign(string $said, Style $style, bool $bothClocks): ?string
    {
        $patterns = [];
        foreach (HalfSigns::cases() as $signs) {
            if ($signs !== $style->halves || ($style->always24 && !$bothClocks)) {
                $patterns[] = match ($signs) {
                    HalfSigns::Dotted => '/\b[ap]\.m\./',
                    HalfSigns::Small => '/\b[ap]m\b/',
                    HalfSigns::Large => '/\b[AP]M\b/',
                };
            }
        }
        $patterns[] = Separator::Point === $style->separator || ($style->always24 && $style->leadingNought && !$bothClocks) ? '/(?<![\d:])[1-9]:\d\d(?!\d)/' : null;
        $patterns[] = Separator::Colon === $style->separator ? '/(?<![\d.])\d{1,2}\.\d\d(?![\d.]| h| min| s| days?| weeks?| years?)/' : null;
        $patterns[] = $style->always24 ? null : (Separator::Point === $style->separator ? '/\ba colon\b/' : '/\bfull stop\b/');
        $patterns[] = !$style->leadingNought ? '/(?<![\d:])0\d:\d\d/' : null;
        $patterns[] = PastWord::After === $style->past ? '/\b(?:quarter|minutes?|five|ten|twenty(?:-[a-z]+)?) past\b/' : '/\b(?:quarter|minutes?|five|ten|twenty(?:-[a-z]+)?) after (?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)\b/';
        $patterns[] = $style->nameTwelve ? '/(?<![\d:.])12[:.]00 ?[apAP]/' : '/\b12 (?:noon|midnight)\b/';
        foreach (array_filter($patterns) as $pattern) {
            if (1 === preg_match($pattern, $said, $found)) {
                return $found[0];
            }
        }

        return null;
    }

    /**
     * Every text within a thing, by where it stands.
     *
     * @return iterable<string, string>
     */
    private static function strings(mixed $thing, string $where = ''): iterable
    {
        if (\is_string($thing)) {
            yield $where => $thing;
        } elseif (\is_array($thing) || (\is_object($thing) && !$thing instanceof \UnitEnum && !$thing instanceof Sum)) {
            foreach (\is_array($thing) ? $thing : get_object_vars($thing) as $name => $part) {
                if (!\in_array($name, ['type', 'id', 'method', 'role', 'code', 'skills', 'mistake'], true)) {
                    yield from self::strings($part, '' === $where ? (string) $name : $where.'.'.$name);
                }
            }
        }
    }

    /** @return iterable<Sum> */
    private static function sums(int $ofEach): iterable
    {
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                yield from Core::get(Generator::class)->draw($rung, $level, $ofEach, 53)->sums;
            }
        }
    }
}
