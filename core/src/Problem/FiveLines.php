<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Method\Method;
use Rostik\Core\Method\MethodBook;
use Rostik\Core\Method\Step;
use Rostik\Core\Method\Suit;
use Rostik\Core\Method\Working;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\GivenLine;
use Rostik\Core\Picture\SetOutPicture;
use Rostik\Core\Picture\SetOutSum;
use Rostik\Core\Picture\StoryBar;
use Rostik\Core\Picture\StoryPicture;
use Rostik\Core\Picture\StoryPin;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Sum;

/**
 * A problem in five lines, each a step or several: given, find, operation, working in the class's own method, answer. It is a
 * method for the one problem that it was made for. Common practice, no source.
 */
final readonly class FiveLines implements Method
{
    public const ID = 'set-out';

    /** @param array<string, string> $own ids of the class's own methods, by kind of sum */
    public function __construct(private SetOut $setOut, private MethodBook $methods, private Forms $forms, private array $own = [])
    {
    }

    public function id(): string
    {
        return self::ID;
    }

    public function title(): string
    {
        return 'Set out';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        return $sum === $this->setOut->sum ? new Suit(100, 'A problem is set out first: what is known, what is asked, and so which sum it is.') : null;
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        $set = $this->setOut;
        $steps = [new Step(
            'Given: '.implode(', ', array_map(static fn (GivenLine $one): string => $one->name.' '.$one->value, $set->given)).'.',
            new SetOutPicture($set->text, self::known($set->drawn), $set->given, [], null),
        )];
        $done = [];
        $answer = null;
        $begins = $set->sum->way()?->begins();
        foreach ($set->parts as $i => $part) {
            $drawn = 0 === $i ? $set->drawn : $part->drawn;
            $found = new SetOutSum($part->find);
            $picture = static fn (SetOutSum $now, ?string $answer = null): SetOutPicture => new SetOutPicture($set->text, $drawn, $set->given, [...$done, $now], $answer);
            $steps[] = new Step($this->finding($i), $picture($found));
            $written = $this->forms->write($part->sum, $writer);
            $found = new SetOutSum($part->find, $part->operation->said(), $written);
            $steps[] = new Step($part->because, $picture($found));
            $working = $this->working($part->sum, $writer);
            $shift = null === $begins ? null : $begins - ($part->sum->way()?->begins() ?? 0);
            foreach ($working->steps as $step) {
                $found = new SetOutSum($part->find, $part->operation->said(), $written, $step->picture);
                $steps[] = new Step($step->say, $picture($found), at: null === $step->at || null === $shift ? null : $step->at + $shift);
            }
            $answer = $working->answer;
            $begins = null === $begins ? null : $begins + ($part->sum->way()->minutes ?? 0);
            $done[] = new SetOutSum($part->find, $part->operation->said(), $written, $found->working, $writer->answer(AnswerSentence::withoutItsDay($answer)));
        }
        $end = $set->sentence($writer->answer(AnswerSentence::withoutItsDay($answer)));
        $solved = StoryDrawing::whole(array_map(static fn (SetOutPart $part): Sum => $part->sum, $set->parts), $writer, true);
        $steps[] = new Step('Answer: '.$end, new SetOutPicture($set->text, $solved ?? $drawn, $set->given, $done, $end));

        return new Working($this, $steps, $answer);
    }

    private function finding(int $i): string
    {
        $part = $this->setOut->parts[$i];
        $last = $i === \count($this->setOut->parts) - 1;
        $asked = str_ends_with($part->find, '?') ? $part->find : $part->find.'.';

        return match (true) {
            $last && 0 === $i => 'Find: '.$asked,
            0 === $i => ('' === $this->setOut->ask ? 'Find first: ' : 'Find: '.$this->setOut->ask.' First: ').$asked,
            $last => 'Now find: '.$asked,
            default => 'Then find: '.$asked,
        };
    }

    private function working(Sum $sum, Writer $writer): Working
    {
        $chosen = $this->methods->choose($sum, $writer);
        foreach ($chosen as $one) {
            if ($one->method->id() === ($this->own[$sum->kind()->value] ?? null)) {
                return $one->work($writer);
            }
        }

        return ($chosen[0] ?? throw new \LogicException('Every sum that is set out has a method.'))->work($writer);
    }

    /** What is told, without what is asked. */
    private static function known(?StoryPicture $drawn): ?StoryPicture
    {
        return null === $drawn ? null : new StoryPicture(
            $drawn->from,
            $drawn->to,
            $drawn->ticks,
            array_values(array_filter($drawn->pins, static fn (StoryPin $pin): bool => $pin->known)),
            array_values(array_filter($drawn->bars, static fn (StoryBar $bar): bool => $bar->known)),
        );
    }
}
