<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

use Rostik\Core\Notation\Style;
use Rostik\Core\Question\Form\Written;

/** How questions are put, where they do not say it themselves. */
final readonly class Manner
{
    /**
     * @param string                $answers id of the form of the answers
     * @param TimesGiven            $times   in which form times are given
     * @param array<string, string> $methods ids of the class's own methods, by kind of sum
     * @param Style                 $style   in which the class writes
     * @param bool                  $tight   whether there is room for an answer and none to work: a line takes the place of all that would be drawn to work on
     */
    public function __construct(
        public Scaffold $scaffold = Scaffold::Outline,
        public string $answers = Written::TYPE,
        public TimesGiven $times = TimesGiven::AsWritten,
        public array $methods = [],
        public Style $style = new Style(),
        public bool $tight = false,
    ) {
    }
}
