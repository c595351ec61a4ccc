<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Notation\Style;
use Rostik\Core\Question\Question;
use Rostik\Core\Question\Setting;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Skill\Rungs;
use Rostik\Core\Skill\Strand;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Sum;

/** Problems told in words. A bare sum does not exercise these rungs. */
final readonly class StoryRungs implements Rungs
{
    public function __construct(private StoryMaker $stories)
    {
    }

    public static function precedence(): int
    {
        return 11;
    }

    public function all(): array
    {
        $draw = fn (string $rung): \Closure => fn (Level $level, Dice $dice, Style $style): Question => $this->stories->draw($rung, $level, $dice, $style)->question();

        return [
            new Rung('one-step-problem', 'I can find the sum in a story and work it.', Strand::Stories, 'stories with one sum', ['later-across-hour', 'add-regroup', 'subtract-regroup'], [Kind::Later, Kind::Earlier, Kind::Elapsed, Kind::Total, Kind::Difference, Kind::Product, Kind::Share], ['number-line', 'column'], ['key-word', 'answers-a-given', 'wrong-operation'],
                static fn (Sum $sum, Features $f): bool => !$sum instanceof InTurn,
                $draw('one-step-problem'), setting: Setting::Told),
            new Rung('two-step-problem', 'I can work a story that needs two sums.', Strand::Stories, 'stories with two sums', ['one-step-problem'], [Kind::Chain], ['step-by-step'], ['one-step-only', 'key-word', 'answers-a-given', 'fence-post', 'wrong-operation'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof InTurn,
                $draw('two-step-problem'), setting: Setting::Told),
            new Rung('plan-backwards', 'I can plan backwards from when something must be ready.', Strand::Stories, 'plan backwards', ['earlier-across-hour'], [Kind::Earlier, Kind::Chain], ['number-line', 'step-by-step'], ['one-step-only', 'key-word', 'answers-a-given', 'wrong-operation'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Earlier || $sum instanceof InTurn,
                $draw('plan-backwards'), setting: Setting::Told),
        ];
    }
}
