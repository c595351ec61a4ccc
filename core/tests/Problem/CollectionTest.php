<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Problem;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Tests\Core;

/** The collection itself: as many as there should be, each with its answer, and the answers are right. */
final class CollectionTest extends TestCase
{
    public function testThereAreEnoughOfEach(): void
    {
        $all = Collection::all();
        self::assertGreaterThanOrEqual(250, \count($all));
        self::assertCount(\count($all), array_unique(array_column($all, 'text')));
        $faulty = array_filter($all, static fn (array $one): bool => [] !== $one['faults']);
        self::assertGreaterThanOrEqual(50, \count($faulty), 'a fifth of them');
        self::assertGreaterThanOrEqual(10, \count(array_filter($all, static fn (array $one): bool => \count($one['asked']) > 1)), 'several questions');
        foreach ($all as $one) {
            self::assertTrue([] !== $one['asked'] || [] !== $one['faults'], $one['text']);
        }
        self::assertSame([], array_values(array_diff(array_unique(array_merge(...array_column($all, 'faults'))), [
            'half-missing', 'impossible-time', 'contradiction', 'not-enough', 'no-question', 'more-than-needed', 'answer-given', 'ends-counted', 'not-read', 'nothing', 'about', 'half-taken',
        ])));
    }

    /** What was worked out by hand is what the sums come to. */
    public function testTheAnswersAreRight(): void
    {
        $reader = Core::get(SumReader::class);
        foreach ([...Collection::all(), ...Collection::later()] as $one) {
            foreach ($one['asked'] as [$sums, $answer]) {
                $read = $reader->read($sums)->sum;
                self::assertSame([], $read->readings(), $sums);
                $found = $read->answer();
                self::assertSame($answer, Writer::plain()->answer($found instanceof TimeAnswer ? new TimeAnswer($found->time, 0) : $found), 'line '.$one['line'].': '.$sums);
            }
        }
    }
}
