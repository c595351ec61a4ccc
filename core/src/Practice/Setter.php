<?php

declare(strict_types=1);

namespace Rostik\Core\Practice;

use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Form\InColumns;
use Rostik\Core\Question\Form\OneOfFour;
use Rostik\Core\Question\Form\OnTheLine;
use Rostik\Core\Question\Form\Written;
use Rostik\Core\Question\Manner;
use Rostik\Core\Question\Posing;
use Rostik\Core\Question\Question;
use Rostik\Core\Question\Setting;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Rung;

/** Draws the question for a proposal, and changes the form in which it is answered. */
final readonly class Setter
{
    /** So many are drawn to choose a new one from. */
    private const DRAWN = 5;

    private Writer $plain;

    public function __construct(private Ladder $ladder, private Generator $generator, private Forms $forms, private Posing $posing)
    {
        $this->plain = Writer::plain();
    }

    /**
     * @param list<string>          $taken   sums that the child has had already, canonical
     * @param array<string, string> $methods ids of the class's own methods, by kind of sum
     * @param int                   $seed    the same seed gives the same question
     *
     * @return ?Question null where the rung has none that it could draw
     */
    public function question(Proposal $proposal, array $taken, Style $style, array $methods, int $seed): ?Question
    {
        $rung = $this->ladder->rung($proposal->rung);
        $drawn = $this->generator->draw($rung, $proposal->level, self::DRAWN, $seed, style: $style)->questions;
        $new = array_values(array_filter($drawn, fn (Question $one): bool => !\in_array($this->text($one), $taken, true)));
        $question = $new[0] ?? $drawn[0] ?? null;
        if (null === $question) {
            return null;
        }
        $form = $this->form($rung, $question, $proposal, $style, $methods);

        return new Question($question->sum, $question->wording, $form, $question->times, $question->challenge, $question->story);
    }

    /** As it is kept. */
    public function text(Question $question): string
    {
        return $this->forms->write($question->sum, $this->plain);
    }

    /**
     * How its questions are put.
     *
     * @param array<string, string> $methods ids of the class's own methods, by kind of sum
     */
    public static function manner(Proposal $proposal, Style $style, array $methods): Manner
    {
        return new Manner($proposal->level->scaffold(), Written::TYPE, methods: $methods, style: $style);
    }

    /**
     * What is being learnt is drawn at first, then written; now and then one of four is chosen.
     *
     * @param array<string, string> $methods
     */
    private function form(Rung $rung, Question $question, Proposal $proposal, Style $style, array $methods): ?string
    {
        if (null !== $question->answers || Setting::Told === $rung->setting) {
            return $question->answers;
        }
        $drawn = \in_array('column', $rung->methods, true) && 'column' === ($methods[$question->sum->kind()->value] ?? $rung->methods[0]) ? InColumns::TYPE : OnTheLine::TYPE;
        $order = Why::Older === $proposal->why ? [Written::TYPE, OneOfFour::TYPE, $drawn] : [$drawn, Written::TYPE, Written::TYPE, OneOfFour::TYPE];
        foreach (\array_slice([...$order, ...$order], $proposal->turn % \count($order), \count($order)) as $form) {
            $posed = $this->posing->pose(new Question($question->sum, $question->wording, $form, $question->times), self::manner($proposal, $style, $methods));
            if ($posed->form->id() === $form) {
                return $form;
            }
        }

        return Written::TYPE;
    }
}
