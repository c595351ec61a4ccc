<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

use Rostik\Core\Method\Step;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\SpokenTime;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\ConversionAnswer;
use Rostik\Core\Sum\DateAnswer;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\NumberAnswer;
use Rostik\Core\Sum\OrderAnswer;
use Rostik\Core\Sum\RewriteAnswer;
use Rostik\Core\Sum\SignAnswer;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Sum\TimesAnswer;
use Rostik\Core\Sum\WordAnswer;
use Rostik\Core\Time\StatedTime;

/**
 * Finds what gives an answer away in the texts and the pictures of a working, and marks it ({@see Marked::withheld}), so that
 * whoever draws it can cover it wherever it stands. What the sum itself says already is no secret.
 *
 * Two rules. Wherever the answer is written out, in one of the ways in which it can be written, it is marked. And what the last
 * step adds is the answer, however it says it: what follows its last equals sign, or all of it.
 */
final readonly class Withholding
{
    /** Finds each way of writing the answer in marked text; '' where there is none that the sum does not say. */
    private string $pattern;

    /** The number of the answer where it is one number alone: in a table or in a written line it gives it away by itself. */
    private string $number;

    /**
     * @param string $given  the sum as it is shown, marked or plain
     * @param Writer $writer in the way of the class
     */
    public function __construct(Answer $answer, string $given, Writer $writer)
    {
        $plain = Marked::plain($given);
        $forms = array_filter(array_unique(self::forms($answer, $writer)), static fn (string $form): bool => '' !== $form && !self::says($plain, $form));
        $number = self::number($answer);
        $this->number = '' === $number || self::says($plain, $number) ? '' : $number;
        if ('' !== $this->number) {
            $forms[] = $this->number;
        }
        // the longest first: "9:40 a.m." before "9:40"
        usort($forms, static fn (string $a, string $b): int => \strlen($b) <=> \strlen($a));
        $this->pattern = [] === $forms ? '' : '~(?<![\d:.,])(?:'.implode('|', array_map(self::loose(...), $forms)).')(?![\d:]|[.,]\d)~u';
    }

    /**
     * The steps of a working with everything marked that gives the answer away.
     *
     * @param non-empty-list<Step> $steps
     *
     * @return non-empty-list<Step>
     */
    public function steps(array $steps): array
    {
        $last = \count($steps) - 1;
        $before = [];
        $found = [];
        foreach ($steps as $i => $step) {
            $now = [];
            $isLast = $i === $last;
            $mark = function (string $text, bool $states = false) use (&$now, $before, $isLast): string {
                $now[] = $text;

                return $this->mark($text, $states && $isLast && !\in_array($text, $before, true));
            };
            $found[] = new Step($this->mark($step->say, $isLast), $step->picture->withholding($mark), $step->changed, $step->at);
            $before = $now;
        }

        return $found;
    }

    /**
     * @param string $text   marked
     * @param bool   $states whether the text states the answer, in whatever way
     */
    public function mark(string $text, bool $states = false): string
    {
        $marked = '' === $this->pattern ? $text : (preg_replace($this->pattern, Marked::withheld('$0'), $text) ?? $text);
        if (!$states || $marked !== $text || '' === $text) {
            return $marked;
        }
        $equals = strrpos($text, '= ');

        return false === $equals ? Marked::withheld($text) : substr($text, 0, $equals + 2).Marked::withheld(substr($text, $equals + 2));
    }

    /** @return list<string> the ways in which an answer is written, plain */
    private static function forms(Answer $answer, Writer $writer): array
    {
        $plain = Writer::plain($writer->style);
        $written = Marked::plain($plain->answer($answer));
        $time = static fn (StatedTime $time): array => [
            $plain->time($time),
            $plain->clock($time),
            ...($time->halfSaid ? [$plain->clock($time->as24())] : []),
            (new SpokenTime($writer->style->past->value))->of($time),
        ];

        return match (true) {
            $answer instanceof TimeAnswer => [$written, ...$time($answer->time)],
            $answer instanceof TimesAnswer => [$written, ...array_merge(...array_map($time, $answer->times))],
            $answer instanceof RewriteAnswer => [$written],
            $answer instanceof DateAnswer => [$written, $plain->date($answer->date)],
            $answer instanceof SignAnswer => '=' === $answer->sign ? [] : [$answer->sign, ...self::COMPARED],
            $answer instanceof WordAnswer => \in_array($answer->word, ['yes', 'no'], true) ? [] : [$answer->word],
            $answer instanceof OrderAnswer, $answer instanceof LengthAnswer, $answer instanceof ConversionAnswer => [$written],
            default => [$written],
        };
    }

    /** How a sentence says which of two is more. */
    private const COMPARED = ['less than', 'more than', 'longer than', 'shorter than', 'is longer', 'is shorter', 'is more', 'is less', 'earlier than', 'later than', 'is earlier', 'is later', 'to the left', 'to the right', 'left of', 'right of'];

    private static function number(Answer $answer): string
    {
        return match (true) {
            $answer instanceof NumberAnswer => (string) $answer->number,
            $answer instanceof ConversionAnswer && 1 === \count($answer->parts) && $answer->parts[0]->isWhole() => (string) $answer->parts[0]->numerator,
            default => '',
        };
    }

    private static function says(string $plain, string $form): bool
    {
        return 1 === preg_match('~(?<![\d:.,])'.preg_quote($form, '~').'(?![\d:]|[.,]\d)~u', $plain);
    }

    /** A pattern for a plain text that may be marked here or there. */
    private static function loose(string $form): string
    {
        $letters = preg_split('//u', $form, -1, \PREG_SPLIT_NO_EMPTY) ?: [];

        return implode('', array_map(static fn (string $letter): string => '(?:\{[hmsdx]:)?'.(' ' === $letter ? '[ \x{a0}]' : preg_quote($letter, '~')).'\}?', $letters));
    }
}
