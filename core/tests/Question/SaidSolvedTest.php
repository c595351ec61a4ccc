<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Question;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\DateReader;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Question\Form\Written;
use Rostik\Core\Question\Manner;
use Rostik\Core\Question\Posing;
use Rostik\Core\Question\Question;
use Rostik\Core\Question\Scaffold;
use Rostik\Core\Question\TimesGiven;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Tests\Core;

/** A question on paper is a sentence for a child, which reads back as the same sum; solved, it has its answer once and asks nothing. */
final class SaidSolvedTest extends TestCase
{
    public function testEveryRungsQuestions(): void
    {
        $posing = Core::get(Posing::class);
        $reader = Core::get(SumReader::class);
        $manner = new Manner(Scaffold::cases()[0], Written::TYPE, TimesGiven::AsWritten);
        $posed = 0;
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                foreach (Core::get(Generator::class)->draw($rung, $level, 6, 31)->sums as $sum) {
                    $question = $posing->pose(new Question($sum), $manner);
                    if (null === $question->answer) {
                        continue;
                    }
                    ++$posed;
                    self::assertDoesNotMatchRegularExpression('/\?|_|\bWrite\b|\bPut\b/', $question->solved, $question->asked);
                    self::assertStringContainsString('yes' === $question->answer || 'no' === $question->answer ? 'leap year' : $question->answer, $question->solved, $question->asked);
                    // no notation of ours
                    self::assertDoesNotMatchRegularExpression('/ as (?:words|digital|12h|24h)\b| in h min\b| in (?:min|s|h)$| \? /', $question->asked);
                    $first = explode('     ', $question->asked)[0];
                    if ('What time is it?' !== $question->asked && !DateReader::mayBeIn($first)) {
                        self::assertSame($sum->kind(), $reader->read($first)->sum->kind(), $question->asked);
                    }
                }
            }
        }
        self::assertGreaterThan(300, $posed);
    }
}
