<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Problem;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Problem\ProblemReader;
use Rostik\Core\Problem\ReadProblem;
use Rostik\Core\Problem\Remark;
use Rostik\Core\Problem\Stories;
use Rostik\Core\Problem\Teller;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Tests\Core;

final class ProblemReaderTest extends TestCase
{
    /** Twenty thousand made problems are read back, surely, to just their own sums. */
    public function testEveryMadeProblemIsReadBack(): void
    {
        $teller = Core::get(Teller::class);
        $reader = Core::get(ProblemReader::class);
        $count = 0;
        $slowest = 0.0;
        foreach (Core::get(Stories::class)->all() as $frame) {
            foreach (Level::cases() as $level) {
                $dice = new Dice(crc32('read '.$frame->id.$level->value));
                for ($n = 0; $n < 120; ++$n) {
                    $told = $teller->tell($frame, $level, $dice);
                    if (null === $told) {
                        continue;
                    }
                    ++$count;
                    $begun = microtime(true);
                    $read = $reader->read($told->text.' '.$told->ask);
                    $slowest += microtime(true) - $begun;
                    self::assertSame(self::written($told->sums), self::written($read->questions[0]->sums), $told->text.' '.$told->ask);
                    self::assertTrue($read->sure, $told->text.' '.$told->ask);
                    self::assertCount(1, $read->questions);
                }
            }
        }
        self::assertGreaterThan(20_000, $count);
        self::assertLessThan(0.005, $slowest / $count, 'seconds a problem');
    }

    /**
     * The collection, written before there was a grammar: how many are read or rightly asked about. None may be wrong without a
     * word of doubt. The figures stand in docs/problems.md.
     */
    public function testTheCollection(): void
    {
        $reader = Core::get(ProblemReader::class);
        $right = 0;
        $wrong = [];
        foreach (Collection::all() as $one) {
            $read = $reader->read($one['text']);
            $answers = self::answers($read);
            $codes = array_map(static fn (Remark $r): string => $r->code, $read->remarks);
            $faulty = [] !== array_diff($one['faults'], ['more-than-needed', 'half-taken', 'about']);
            if ($read->sure && ($faulty || $answers !== array_column($one['asked'], 1))) {
                $wrong[] = $one['text'];
            }
            $asked = [] !== array_intersect($codes, $one['faults']) || (\in_array('half-taken', $one['faults'], true) && \in_array('half-missing', $codes, true));
            $right += $asked || (!$faulty && $answers === array_column($one['asked'], 1)) ? 1 : 0;
        }
        self::assertSame([], $wrong, 'none is wrong without doubt');
        self::assertGreaterThanOrEqual(0.9 * \count(Collection::all()), $right, 'read rightly or rightly asked about');
    }

    /** Problems for which the grammar was not made: none is wrong without doubt, and what is not sure is asked, with the right sum among the answers. */
    public function testProblemsItWasNotMadeFor(): void
    {
        $reader = Core::get(ProblemReader::class);
        $plain = Writer::plain();
        [$read, $offered, $wrong] = [0, 0, []];
        foreach (Collection::later() as $one) {
            $found = $reader->read($one['text']);
            $wanted = array_column($one['asked'], 1);
            if ($found->sure && $wanted !== self::answers($found)) {
                $wrong[] = $one['text'];
            }
            $instead = array_map(static fn (Sum $sum): string => $plain->answer(($answer = $sum->answer()) instanceof TimeAnswer ? new TimeAnswer($answer->time, 0) : $answer), ($found->questions[0] ?? null)->instead ?? []);
            $read += $found->sure ? 1 : 0;
            $offered += !$found->sure && ([] === $wanted || [] !== array_intersect($wanted, $instead)) ? 1 : 0;
        }
        self::assertSame([], $wrong);
        self::assertGreaterThanOrEqual(0.7 * \count(array_filter(Collection::later(), static fn (array $one): bool => [] !== $one['asked'])), $read);
        self::assertGreaterThanOrEqual(0.9 * \count(Collection::later()), $read + $offered);
    }

    /** @param list<string> $sums */
    #[DataProvider('problems')]
    public function testProblems(string $text, bool $sure, array $sums, string $remark = ''): void
    {
        $read = Core::get(ProblemReader::class)->read($text);
        self::assertSame($sums, array_merge(...array_map(static fn ($q): array => self::written($q->sums), $read->questions)));
        self::assertSame($sure, $read->sure);
        self::assertSame($remark, [] === $read->remarks ? '' : $read->remarks[0]->code);
    }

    /** @return iterable<string, array{0: string, 1: bool, 2: list<string>, 3?: string}> */
    public static function problems(): iterable
    {
        yield 'times in words' => ['The tide turned at ten to eleven in the morning. Two and a half hours later the causeway was free. When was it free?', true, ['10:50 a.m. + 2 h 30 min']];
        yield 'back from the end' => ['The drill ended at 4:05 p.m. It had lasted 50 minutes. When had it begun?', true, ['4:05 p.m. - 50 min']];
        yield 'nothing asked' => ['The drill ended at 4:05 p.m. It had lasted 50 minutes.', false, [], 'no-question'];
        yield 'no such time' => ['The drill ended at 16:05 p.m. It lasted 50 minutes. When did it begin?', false, [], 'impossible-time'];
        yield 'too little' => ['The drill ended at 4:05 p.m. When did it begin?', false, [], 'not-enough'];
        yield 'too much, and it agrees' => ['The drill began at 3:00 p.m., ended at 3:50 p.m. and took 50 minutes. How long did it take?', false, [], 'answer-given'];
        yield 'too much, and it does not' => ['The drill began at 3:00 p.m., ended at 3:50 p.m. and took 40 minutes. How long did it take?', false, [], 'contradiction'];
        yield 'half of the day not said' => ['The market opens at 8 and closes at 6. How long is it open?', false, ['8:00 a.m. to 6:00 p.m.'], 'half-missing'];
        yield 'not needed' => ['The ferry leaves at 9:10 a.m. with 40 people. The crossing takes 25 minutes. When does it arrive?', true, ['9:10 a.m. + 25 min'], 'more-than-needed'];
        yield 'more taken than there is' => ['The battery lasts 1 hour. It has been in use for 80 minutes. How much time is left?', false, [], 'nothing'];
        yield 'days' => ['The market lasts from Monday to Friday. How many days is that?', false, [], 'ends-counted'];
        yield 'several questions' => ['A tour takes 35 minutes. The first begins at 10:15 a.m. When does it end? The last begins at 4:45 p.m. When does the last one end?', false, ['10:15 a.m. + 35 min', '4:45 p.m. + 35 min']];
        yield 'how often' => ['How many lessons of 40 minutes fit into 3 hours 20 minutes?', true, ['3 h 20 min / 40 min']];
        yield 'longer than' => ['It took Rufus 25 minutes longer than Otis. Otis needed 50 minutes. How long did Rufus need?', true, ['50 min + 25 min']];
        yield 'how late' => ['The ferry was due at 5:30 p.m. and arrived at 5:52 p.m. How many minutes late was it?', true, ['5:30 p.m. to 5:52 p.m.']];
        yield 'to the second' => ['Keziah starts at 9:00:10 a.m. and crosses the line at 9:02:05 a.m. How long does she need?', true, ['9:00:10 a.m. to 9:02:05 a.m.']];
        yield 'a sentence that is not needed' => ['The museum opens at 10 a.m. Our tour starts at 11:20 a.m. and takes 50 minutes. When is the tour over?', false, ['11:20 a.m. + 50 min'], 'more-than-needed'];
        yield 'three times' => ['Wren turns the kelp every 6 hours, the first time at 7 a.m. At what times does she turn it the first three times?', true, ['every 6 h from 7:00 a.m., 3 times'], ''];
        yield 'nothing at all' => ['', false, [], 'not-read'];
        yield 'very long' => [str_repeat('The tide turns. ', 120), false, [], 'not-read'];
        yield 'no problem with time' => ['Why is the sea salt?', false, [], 'not-read'];
    }

    /** Anything at all is answered or refused, soon. */
    public function testAnyText(): void
    {
        $reader = Core::get(ProblemReader::class);
        mt_srand(13);
        $words = ['the', 'ferry', 'leaves', 'at', '8:40', 'a.m.', '25:10', '2 h', 'half an hour', 'later', '?', '.', 'how long', 'when', 'from', 'to', '½', '7', '(', ')', '“', 'every', '3/4', '-', '1e9', '٣', "\u{200b}", 'noon', '99999999999999 h', 'each', 'of', 'it is'];
        $slowest = 0.0;
        for ($i = 0; $i < 3000; ++$i) {
            $text = implode(' ', array_map(static fn (): string => $words[mt_rand(0, \count($words) - 1)], range(1, mt_rand(1, 60))));
            $begun = microtime(true);
            $read = $reader->read($text);
            $slowest = max($slowest, microtime(true) - $begun);
            foreach ($read->questions as $question) {
                foreach ($question->sums as $sum) {
                    self::assertNotSame('', Core::get(Forms::class)->write($sum, Writer::plain()), $text);
                }
            }
        }
        self::assertLessThan(0.5, $slowest);
    }

    /**
     * @param list<Sum> $sums
     *
     * @return list<string>
     */
    private static function written(array $sums): array
    {
        return array_map(static fn (Sum $sum): string => Core::get(Forms::class)->write($sum, Writer::plain()), $sums);
    }

    /** @return list<?string> */
    private static function answers(ReadProblem $read): array
    {
        $answers = [];
        foreach ($read->questions as $question) {
            $answer = [] === $question->sums ? null : $question->sums[\count($question->sums) - 1]->answer();
            $answers[] = null === $answer ? null : Writer::plain()->answer($answer instanceof TimeAnswer ? new TimeAnswer($answer->time, 0) : $answer);
        }

        return $answers;
    }
}
