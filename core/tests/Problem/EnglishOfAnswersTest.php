<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Problem;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Problem\AnswerSentence;
use Rostik\Core\Problem\Stories;
use Rostik\Core\Problem\Teller;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Tests\Core;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/**
 * The sentence that answers a question, built from the question alone: every question of every story at every level, held
 * against what no English sentence has. With ROSTIK_READ=1 each different one is printed, to be read.
 */
final class EnglishOfAnswersTest extends TestCase
{
    /** What no sentence of ours may have. */
    private const NEVER = [
        '/\b(?:be|is|are|was|were) (?:must|should|can|could|will|has to|have to)\b/', '/\b(\w+) \1\b/', '/\b(?:is|are|was|were) (?:then|now|really) at\b/', '/^(?:it|this|that) (?:open|closed|shut|ready)\b/i',
        '/\b(?:at|for|in|on|to|until|from|by)\.$/', '/\?/', '/\b(?:do|does|did) \w+/', '/\b(?:clean|open|ready|closed|full|dry) (?:is|are|was|were)\b/', '/  /', '/ [.,]/', '/^[a-z]/', '/[^.]$/', '/\bat at\b/', '/\bstill until\b/', '/\b(?:he|she|they|it) (?:are|is) (?:leave|arrive|begin|end|take)\b/',
    ];

    /** More than 20 000 sentences. */
    public function testEveryQuestionOfEveryStory(): void
    {
        $teller = Core::get(Teller::class);
        $sentences = Core::get(AnswerSentence::class);
        $writer = Writer::plain();
        $seen = [];
        $all = 0;
        foreach (Core::get(Stories::class)->all() as $frame) {
            foreach (Level::cases() as $level) {
                for ($seed = 1; $seed <= 106; ++$seed) {
                    $told = $teller->tell($frame, $level, new Dice($seed), new Style(), ['Wren', 'Yusuf']);
                    if (null === $told) {
                        continue;
                    }
                    $answer = $told->sum()->answer();
                    $written = $writer->answer($answer);
                    $sentence = $sentences->of('', $told->ask, $answer, $written);
                    self::assertStringContainsString($written, $sentence, $told->ask);
                    $this->isEnglish($sentence, $told->ask);
                    $seen[preg_replace('/\d+(:\d\d)?/', '#', $sentence) ?? $sentence] = $told->ask.' → '.$sentence;
                    ++$all;
                }
            }
        }
        self::assertGreaterThan(20_000, $all);
        self::assertGreaterThan(200, \count($seen));
        if ('1' === getenv('ROSTIK_READ')) {
            fwrite(\STDERR, "\n".implode("\n", $seen)."\n");
        }
    }

    #[DataProvider('asked')]
    public function testQuestionsOfOtherPeople(string $ask, string $sentence): void
    {
        $answer = 1 === preg_match('/^(?:when|what time|at what)/i', $ask) ? new TimeAnswer(StatedTime::of(TimeOfDay::of(13, 25))) : new LengthAnswer(Amount::minutes(360));
        $said = Core::get(AnswerSentence::class)->of('', $ask, $answer, Writer::plain()->answer($answer));
        self::assertSame($sentence, $said);
        $this->isEnglish($said, $ask);
    }

    /** @return iterable<string, array{string, string}> */
    public static function asked(): iterable
    {
        foreach ([
            'How long is this gate open?' => 'This gate is open for 6 h.',
            'When must the fish be put on?' => 'The fish must be put on at 1:25 p.m.',
            'When is it?' => 'At 1:25 p.m.',
            'What time is it then?' => 'It is then 1:25 p.m.',
            'What time will it be in 40 minutes?' => 'It will be 1:25 p.m. in 40 minutes.',
            'What time was it 50 minutes ago?' => 'It was 1:25 p.m. 50 minutes ago.',
            'What time does the clock show in 20 minutes?' => 'The clock shows 1:25 p.m. in 20 minutes.',
            'What time will it be ready?' => 'It will be ready at 1:25 p.m.',
            'At what time can the children be picked up?' => 'The children can be picked up at 1:25 p.m.',
            'When will the tent be dry?' => 'The tent will be dry at 1:25 p.m.',
            'How long is it until supper?' => 'It is 6 h until supper.',
            'How long is it still until low water?' => 'It is still 6 h until low water.',
            'How long is it at sea on that day?' => 'It is at sea for 6 h on that day.',
            'How much longer is the hall open on Sunday?' => 'The hall is open 6 h longer on Sunday.',
            'How long is the break at noon?' => 'The break at noon is 6 h long.',
            'How long did each of the three children swim?' => 'Each of the three children swam for 6 h.',
            'When is the kiln cool?' => 'The kiln is cool at 1:25 p.m.',
        ] as $ask => $sentence) {
            yield $ask => [$ask, $sentence];
        }
    }

    private function isEnglish(string $sentence, string $ask): void
    {
        foreach (self::NEVER as $never) {
            self::assertDoesNotMatchRegularExpression($never, $sentence, $ask);
        }
    }
}
