<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Method;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Tests\Core;
use Rostik\Core\Work\Workbench;

/** Every sentence that is said to a sum: number and article are right, no word stands twice, and it ends as a sentence does. */
final class SentencesTest extends TestCase
{
    public function testEverySentenceIsEnglish(): void
    {
        $bench = Core::get(Workbench::class);
        $forms = Core::get(Forms::class);
        $patterns = [];
        $faults = [];
        foreach (self::sums() as $sum) {
            $worked = $bench->work($forms->write($sum, Writer::plain()));
            $sentences = [$worked->recommended->because ?? ''];
            foreach ($worked->notes as $note) {
                $sentences[] = $note->text;
            }
            foreach ($worked->methods as $method) {
                self::assertSame($worked->answer?->text, $method->answer, $worked->sum.' by '.$method->id);
                foreach ($method->steps as $step) {
                    $sentences[] = Marked::plain($step->say);
                }
            }
            foreach (array_filter($sentences) as $sentence) {
                $pattern = (string) preg_replace('/\d+/', '#', $sentence);
                $fault = self::fault($sentence);
                if (null !== $fault) {
                    $faults[$pattern] ??= $worked->sum.': '.$sentence.' ('.$fault.')';
                }
                $patterns[$pattern] = true;
            }
        }
        foreach (Core::get(MistakeBook::class)->all() as $mistake) {
            self::assertNull(self::fault('It '.rtrim($mistake->may(), '.').'.'), $mistake->may());
            self::assertNull(self::fault($mistake->look()), $mistake->look());
        }
        self::assertGreaterThan(400, \count($patterns));
        self::assertSame([], \array_slice(array_values($faults), 0, 20));
    }

    #[DataProvider('bad')]
    public function testWhatIsNoEnglishIsFoundOut(string $sentence): void
    {
        self::assertNotNull(self::fault($sentence));
    }

    /** @return iterable<array{string}> sentences that were once said */
    public static function bad(): iterable
    {
        yield ['5 min is 1 fives: count them round the clock.'];
        yield ['It is not yet 8 o’clock: 1 minute are missing.'];
        yield ['It is not yet 8 o’clock: 18 minutes is missing.'];
        yield ['29 hours goes past midnight, so take 24 h away: 29 − 24 = 5.'];
        yield ['Then 4 days in whole days, to 6 days.'];
        yield ['15:00 is 15 × 60 + 0 = 900 min after midnight.'];
        yield ['Hours: 0 − 1 = −1.'];
        yield ['From 2 min it is 1 s to the next whole minutes.'];
        yield ['The answer is the the same.'];
        yield ['Take a hour away.'];
        yield ['Take 1 hours away.'];
        yield ['It is 6:15 p.m..'];
        yield ['It is 7 h 25 min'];
        yield ['2:55 p.m. put right by 10 min: 2:45 p.m.'];
    }

    private static function fault(string $sentence): ?string
    {
        $units = 'seconds|minutes|hours|days|weeks|months|years|fives|jumps|columns|times|half days';

        return match (true) {
            1 === preg_match('/(?<![\d:.,])1 (?:'.$units.')\b/', $sentence) => 'one, and many',
            1 === preg_match('/(?<![\d:.,\/])(?:[02-9]|\d\d+) (?:second|minute|hour|day|week|month|year|jump|column)\b/', $sentence) => 'many, and one',
            1 === preg_match('/(?<![\d:.,])1 (?:minute|hour) (?:are|go|make)\b/', $sentence), 1 === preg_match('/\d\d+ (?:minutes|hours) (?:is|goes|makes)\b/', $sentence) => 'verb and number',
            1 === preg_match('/\ba (?:hour|eight|11\b|18\b|8\b)/', $sentence), 1 === preg_match('/\ban (?:minute|second|day|week|month|year)/', $sentence) => 'the article',
            1 === preg_match('/\b([a-z]+) \1\b/i', $sentence) => 'a word twice',
            1 === preg_match('/\b(days|hours|weeks|minutes|months|years) in whole \1/', $sentence) => 'the unit twice',
            str_contains($sentence, '..') || str_contains($sentence, '  ') || str_contains($sentence, ' .') || str_contains($sentence, ' ,') => 'the stops',
            1 === preg_match('/× \d+ \+ 0\b/', $sentence) => 'nothing added',
            1 === preg_match('/= −/', $sentence) => 'less than nothing',
            1 === preg_match('/next whole (?:'.$units.')\b/', $sentence) => 'the next of many',
            1 === preg_match('/put right by|by itself, then join|Start at the right/', $sentence) => 'nobody says so',
            1 !== preg_match('/[.?!]$/', $sentence) => 'no end',
            1 !== preg_match('/^[A-Z0-9“‘_]/u', $sentence) => 'no beginning',
            default => null,
        };
    }

    /** @return iterable<Sum> */
    private static function sums(): iterable
    {
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                yield from Core::get(Generator::class)->draw($rung, $level, 20, 41)->sums;
            }
        }
        foreach (BecauseTest::odd() as $sum) {
            yield $sum;
        }
    }
}
