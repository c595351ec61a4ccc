<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Timetable;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Skill\Level;
use Rostik\Core\Timetable\ActivityMaker;
use Rostik\Core\Timetable\DayTeller;

/** A day told in sentences: read again here from the sentences alone, and put in order by trying. */
final class DayTellerTest extends TestCase
{
    public function testTheSentencesAllowOneOrderAndNoneIsNeedless(): void
    {
        $teller = new DayTeller(new ActivityMaker());
        $shapes = [];
        foreach (Level::cases() as $level) {
            foreach (range(1, 40) as $seed) {
                $tale = $teller->tell($level, $seed);
                self::assertCount(['support' => 4, 'core' => 5, 'stretch' => 6][$level->value], $tale->things);
                $told = array_map(static fn (int $i): string => $tale->things[$i], $tale->order);
                self::assertSame([$told], self::fitting($tale->things, $tale->sentences), implode(' ', $tale->sentences));
                foreach (array_keys($tale->sentences) as $i) {
                    $others = $tale->sentences;
                    unset($others[$i]);
                    self::assertGreaterThan(1, \count(self::fitting($tale->things, $others)), $tale->sentences[$i].' is needless');
                }
                foreach ($tale->sentences as $sentence) {
                    $shapes[(string) preg_replace(['/“[^”]+”/u', '/\d+:\d\d [ap]\.m\.|12 noon/'], ['X', 'T'], $sentence)] = true;
                }
                self::assertEquals($tale, $teller->tell($level, $seed), 'the same seed tells the same');
            }
        }
        self::assertCount(8, $shapes, implode("\n", array_keys($shapes)));
    }

    /**
     * @param list<string>       $things
     * @param array<int, string> $sentences
     *
     * @return list<list<string>>
     */
    private static function fitting(array $things, array $sentences): array
    {
        return array_values(array_filter(self::permutations($things), static function (array $order) use ($sentences): bool {
            foreach ($sentences as $sentence) {
                preg_match_all('/“([^”]+)”/u', $sentence, $m);
                [$a, $b, $c] = array_map(static fn (?string $name): int|false => null === $name ? false : array_search($name, $order, true), [$m[1][0] ?? null, $m[1][1] ?? null, $m[1][2] ?? null]);
                $holds = match (true) {
                    str_starts_with($sentence, 'First') => 0 === $a,
                    str_starts_with($sentence, 'Last') => \count($order) - 1 === $a,
                    str_contains($sentence, ' comes next after ') => $a === $b + 1,
                    str_contains($sentence, ' comes just before ') => $a + 1 === $b,
                    str_contains($sentence, ' is earlier than ') => $a < $b,
                    str_contains($sentence, ' is later than ') => $a > $b,
                    str_contains($sentence, ' is after ') => $a > $b && $a < $c,
                    1 === preg_match('/begins at (.+), “.+ at (.+?)\.?$/u', $sentence, $t) => ($a < $b) === (self::minutes($t[1]) < self::minutes($t[2])),
                    default => self::fail($sentence),
                };
                if (!$holds) {
                    return false;
                }
            }

            return true;
        }));
    }

    private static function minutes(string $time): int
    {
        if ('12 noon' === $time) {
            return 720;
        }
        preg_match('/^(\d+):(\d\d) ([ap])/', $time.'.m.', $m);

        return 60 * ((int) ($m[1] ?? 0) % 12 + ('p' === ($m[3] ?? '') ? 12 : 0)) + (int) ($m[2] ?? 0);
    }

    /**
     * @param list<string> $things
     *
     * @return list<list<string>>
     */
    private static function permutations(array $things): array
    {
        if ([] === $things) {
            return [[]];
        }
        $all = [];
        foreach ($things as $thing) {
            foreach (self::permutations(array_values(array_diff($things, [$thing]))) as $rest) {
                $all[] = [$thing, ...$rest];
            }
        }

        return $all;
    }
}
