<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Board;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Board\Board;
use Rostik\Core\Board\Withholding;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Tests\Core;
use Rostik\Core\Time\Amount;

/** What is covered on the board is covered in every text and picture of every step. */
final class WithholdingTest extends TestCase
{
    public function testNoStepOfAnyMethodGivesTheAnswerAwayOnceItIsCovered(): void
    {
        $looked = 0;
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                foreach (Core::get(Generator::class)->draw($rung, $level, 3, 11)->sums as $sum) {
                    $board = Core::get(Board::class)->show(Core::get(Forms::class)->write($sum, Writer::plain()));
                    $worked = $board->worked;
                    if (null === $worked->answer) {
                        continue;
                    }
                    $given = Marked::plain($worked->shown);
                    $secrets = array_filter([Marked::plain($worked->answer->shown), 1 === preg_match('/\b\d{1,2}:\d\d\b/', Marked::plain($worked->answer->shown), $clock) ? $clock[0] : ''], static fn (string $one): bool => !\in_array($one, ['', 'yes', 'no', '='], true) && !str_contains($given, $one));
                    foreach ($worked->methods as $method) {
                        $last = \count($method->steps) - 1;
                        foreach ($method->steps as $i => $step) {
                            foreach ([$step->say, ...$this->texts(json_decode((string) json_encode($step->picture), true))] as $text) {
                                $shown = $this->covered($text);
                                foreach ($secrets as $secret) {
                                    self::assertSame(0, preg_match('~(?<![\d:.,])'.preg_quote($secret, '~').'(?![\d:]|[.,]\d)~u', $shown), "$given, $method->id, step $i: “".$text.'” holds '.$secret);
                                    ++$looked;
                                }
                            }
                        }
                        self::assertNotSame($method->steps[$last]->say, $this->covered($method->steps[$last]->say), "$given, $method->id: the last step says the answer");
                    }
                }
            }
        }
        self::assertGreaterThan(5000, $looked);
    }

    public function testWhatTheLastStepAddsIsTheAnswerHoweverItSaysIt(): void
    {
        $shown = static fn (string $sum, string $method): array => array_values(array_filter(Core::get(Board::class)->show($sum)->worked->methods, static fn ($one): bool => $one->id === $method))[0]->steps ?? [];
        foreach ([
            ['10:15 am - 35 min', 'fives', 'The clock shows ?.'],
            ['is 2024 a leap year', 'calendar-rules', '?'],
            ['3 h 40 min + 2 h 45 min', 'parts', 'Put them together: ?.'],
        ] as [$sum, $method, $ends]) {
            $steps = $shown($sum, $method);
            self::assertNotSame([], $steps, $sum);
            self::assertStringEndsWith($ends, $this->covered($steps[\count($steps) - ('fives' === $method ? 2 : 1)]->say));
        }
        // what the sum itself says is no secret
        self::assertSame('Go on from {h:9}:{m:40} {x:a.m.}', (new Withholding(new LengthAnswer(Amount::minutes(20)), '{h:9}:{m:40} {x:a.m.} to {h:10}:{m:00} {x:a.m.}', Writer::marked(new Style())))->mark('Go on from {h:9}:{m:40} {x:a.m.}'));
        // nor is a longer number in which it occurs
        $twenty = new Withholding(new LengthAnswer(Amount::minutes(20)), 'x', Writer::marked(new Style()));
        self::assertSame('{m:120 min} and 1.20 min', $twenty->mark('{m:120 min} and 1.20 min'));
        self::assertSame('+ ⟦{m:20 min}⟧', $twenty->mark('+ {m:20 min}'));
    }

    public function testATimeIsFoundInEveryWayInWhichItIsWritten(): void
    {
        $sum = Core::get(Board::class)->show('1:50 pm + 3 h 30 min');
        $answer = Core::get(\Rostik\Core\Notation\SumReader::class)->read('1:50 pm + 3 h 30 min')->sum->answer();
        self::assertInstanceOf(TimeAnswer::class, $answer);
        $withheld = new Withholding($answer, $sum->worked->shown, Writer::marked(new Style()));
        foreach (['{h:5}:{m:20} {x:p.m.}', '{h:17}:{m:20}', '5:20', 'twenty minutes past five', 'twenty past five'] as $text) {
            self::assertContains($this->covered($withheld->mark($text)), ['?', 'twenty past five', 'twenty minutes past five']);
        }
        self::assertSame('?', $this->covered($withheld->mark(Marked::plain('{h:5}:{m:20} {x:p.m.}'))));
    }

    private function covered(string $text): string
    {
        return Marked::plain(preg_replace('/⟦.*?⟧/u', '?', $text) ?? $text);
    }

    /** @return list<string> every text of a picture but what the browser covers by its place: digits in columns, points that are asked, a problem's own lines */
    private function texts(mixed $of): array
    {
        if (!\is_array($of)) {
            return \is_string($of) ? [$of] : [];
        }
        if (true === ($of['asked'] ?? null)) {
            return [];
        }
        $found = [];
        foreach ($of as $key => $value) {
            if (!\in_array($key, ['answer', 'rough', 'rows', 'story', 'given', 'result', 'reads', 'strip', 'text', 'pages', 'role', 'type'], true)) {
                array_push($found, ...$this->texts($value));
            }
        }

        return $found;
    }
}
