<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Timetable;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Level;
use Rostik\Core\Tests\Core;
use Rostik\Core\Timetable\Kinds;
use Rostik\Core\Timetable\Misreading;
use Rostik\Core\Timetable\QuestionMaker;
use Rostik\Core\Timetable\ServiceTable;
use Rostik\Core\Timetable\TableDrawer;
use Rostik\Core\Timetable\TableQuestion;
use Rostik\Core\Timetable\With;

/** Every kind of question about made tables: one answer, as an independent look into the table finds it, and others where the table is misread. */
final class QuestionsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach (['find', 'how-long', 'next', 'wait', 'first-last', 'latest', 'longest', 'late', 'walk', 'leave-by', 'how-often', 'change', 'connection'] as $id) {
            yield $id => [$id];
        }
    }

    public function testTheseAreAllKinds(): void
    {
        self::assertSame(array_keys(iterator_to_array(self::kinds())), array_keys(Core::get(Kinds::class)->all));
    }

    #[DataProvider('kinds')]
    public function testAnswersAsAPlainLookIntoTheTableDoes(string $kind): void
    {
        $this->check($kind, 400);
    }

    #[DataProvider('kinds')]
    #[Group('every')]
    public function testTenThousandOfEachKind(string $kind): void
    {
        $this->check($kind, 10_000);
    }

    private function check(string $kind, int $wanted): void
    {
        $maker = Core::get(QuestionMaker::class);
        $drawer = new TableDrawer();
        $seen = 0;
        $misread = [];
        for ($seed = 1; $seen < $wanted; ++$seed) {
            foreach (Level::cases() as $level) {
                $table = $drawer->draw($level, $seed);
                foreach ($maker->make($table, $level, 12, $seed, [$kind]) as $question) {
                    ++$seen;
                    $where = \sprintf('seed %d, %s: %s', $seed, $level->value, $question->text);
                    self::assertSame($kind, $question->kind);
                    self::assertSame(self::looked($question, $table), $question->answer->value, $where);
                    self::assertNotSame([], $question->wrong, $where);
                    foreach ($question->wrong as $id => $wrong) {
                        self::assertNotSame($question->answer->value, $wrong->value, $where.' read by '.$id);
                        self::assertNotSame($question->answer->text, $wrong->text, $where.' read by '.$id);
                        $misread[$id] = true;
                    }
                    self::assertEquals($question->with, With::read($question->with->members()), $where);
                }
            }
            self::assertLessThan(20 * $wanted, $seed, 'there are hardly any of them');
        }
        foreach (['next' => Misreading::TakesEarlier, 'wait' => Misreading::TakesEarlier, 'find' => Misreading::WrongRow, 'how-long' => Misreading::NextColumn, 'walk' => Misreading::IgnoresTheWalk, 'leave-by' => Misreading::IgnoresTheWalk, 'connection' => Misreading::IgnoresTheDelay] as $of => $expected) {
            if ($of === $kind) {
                self::assertArrayHasKey($expected->value, $misread);
            }
        }
    }

    /** The answer, from nothing but the parameters and the CSV of the table. */
    private static function looked(TableQuestion $question, ServiceTable $table): string|int
    {
        $w = $question->with;
        $plain = PlainTable::of($table, $w->day);
        $iso = static fn (int $minutes): string => 'PT'.($minutes >= 60 ? intdiv($minutes, 60).'H' : '').(0 === $minutes % 60 ? '' : ($minutes % 60).'M');
        $clock = static fn (int $minutes): string => \sprintf('%02d:%02d', intdiv($minutes, 60), $minutes % 60);
        $stop = (string) $w->stop;
        [$from, $to, $via] = [(string) $w->from, (string) $w->to, (string) $w->via];
        $inTime = static function (int $by) use ($plain, $from, $to): int {
            $good = array_filter($plain->from($from, 0, $to), static fn (int $n): bool => (int) $plain->at($to, $n) <= $by, \ARRAY_FILTER_USE_KEY);

            return [] === $good ? -1 : max($good);
        };
        $next = static fn (int $at): int => array_key_first($plain->from($stop, $at)) ?? -1;

        return match ($question->kind) {
            'find' => $clock((int) $plain->at($to, (int) $w->service)),
            'how-long' => $iso((int) $plain->at($to, (int) $w->service) - (int) $plain->at($from, (int) $w->service)),
            'next' => $next((int) $w->at),
            'wait' => $iso((int) $plain->at($stop, $next((int) $w->at)) - (int) $w->at),
            'walk' => $next((int) $w->at + (int) $w->walk),
            'first-last' => (static function () use ($plain, $stop, $w, $clock, $iso): string {
                $times = array_values($plain->from($stop, 0));
                [$first, $last] = [$times[0], $times[\count($times) - 1]];

                return ['first' => $clock($first), 'last' => $clock($last), 'between' => $iso($last - $first)][(string) $w->which];
            })(),
            'latest' => $clock($inTime((int) $w->by)),
            'leave-by' => $clock($inTime((int) $w->by - (int) $w->walkOn) - (int) $w->walk),
            'longest' => (static function () use ($plain, $from, $to): int {
                $lengths = $plain->lengths($from, $to);
                arsort($lengths);
                self::assertCount(1, array_keys($lengths, reset($lengths)));

                return (int) array_key_first($lengths);
            })(),
            'late' => $clock((int) $plain->at($stop, (int) $w->service) + (int) $w->late),
            'how-often' => (static function () use ($plain, $stop, $w, $iso): string {
                $times = array_values(array_filter($plain->from($stop, (int) $w->after), static fn (int $time): bool => $time <= (int) $w->until));
                $apart = array_unique(array_map(static fn (int $a, int $b): int => $b - $a, \array_slice($times, 0, -1), \array_slice($times, 1)));
                self::assertCount(1, $apart);

                return $iso($apart[0]);
            })(),
            'change' => (static function () use ($plain, $from, $via, $to, $w, $clock): string {
                $one = (int) array_key_first($plain->from($from, (int) $w->at, $via));
                $two = (int) array_key_first($plain->from($via, (int) $plain->at($via, $one), $to));
                self::assertNotSame($one, $two);

                return $clock((int) $plain->at($to, $two));
            })(),
            'connection' => (int) $plain->at($via, (int) $w->service) + (int) $w->late < (int) $plain->at($via, (int) $w->then) ? 'yes' : 'no',
            default => self::fail('Nobody looks up '.$question->kind),
        };
    }

    /** The sums behind a question are lines of the notation, and the last one comes to the answer. */
    public function testWorksItsSums(): void
    {
        $forms = Core::get(Forms::class);
        $reader = Core::get(SumReader::class);
        foreach (Level::cases() as $level) {
            foreach (range(1, 40) as $seed) {
                foreach (Core::get(QuestionMaker::class)->make((new TableDrawer())->draw($level, $seed), $level, 26, $seed) as $question) {
                    $answer = '';
                    foreach ($question->sums as $sum) {
                        $line = $forms->write($sum, Writer::plain());
                        self::assertSame($line, $forms->write($reader->read($line)->sum, Writer::plain()));
                        $answer = $sum->answer()->value();
                    }
                    if (\in_array($question->kind, ['how-long', 'wait', 'late', 'leave-by', 'how-often'], true)) {
                        self::assertIsString($answer);
                        self::assertSame((string) preg_replace_callback('/^(\d\d)(?=:)/', static fn (array $m): string => \sprintf('%02d', (int) $m[1] % 24), (string) $question->answer->value), $answer, $question->text);
                    }
                }
            }
        }
    }

    /** At support nothing or one hour is crossed; a level is asked only what it is usually asked. */
    public function testKeepsToTheLevel(): void
    {
        $kinds = Core::get(Kinds::class)->all;
        foreach (Level::cases() as $level) {
            $found = [];
            foreach (range(1, 30) as $seed) {
                $made = Core::get(QuestionMaker::class)->make((new TableDrawer())->draw($level, $seed), $level, 15, $seed);
                self::assertCount(15, $made);
                self::assertCount(15, array_unique(array_map(static fn (TableQuestion $one): string => $one->text, $made)));
                foreach ($made as $question) {
                    $found[$question->kind] = true;
                    self::assertContains($level, $kinds[$question->kind]->levels());
                }
            }
            foreach ($kinds as $id => $kind) {
                self::assertSame(\in_array($level, $kind->levels(), true), isset($found[$id]), $level->value.' '.$id);
            }
        }
    }
}
