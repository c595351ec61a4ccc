<?php

declare(strict_types=1);

namespace Rostik\Core\Question\Form;

use Rostik\Core\Judging\Judge;
use Rostik\Core\Judging\Judgement;
use Rostik\Core\Question\LayingOut;
use Rostik\Core\Question\OwnReading;
use Rostik\Core\Question\TimesGiven;
use Rostik\Core\Question\UsualForm;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\OrderAnswer;
use Rostik\Core\Sum\Sum;

/** Things are numbered in place: a box below each, 1 for the one that comes first. */
final readonly class Ranked implements OwnReading
{
    use UsualForm;

    public const TYPE = 'ranks';

    public string $type;

    /**
     * @param list<string> $things plain, as they are given
     * @param string       $first  what is numbered 1: "earliest"
     * @param list<int>    $ranks  of the things, from 1
     * @param string       $told   the words in which it is told; may be empty
     */
    public function __construct(public array $things = [], public string $first = '', private array $ranks = [], private string $told = '')
    {
        $this->type = self::TYPE;
    }

    public static function precedence(): int
    {
        return 15;
    }

    public function said(): string
    {
        return 'number them in order';
    }

    public function layOut(LayingOut $question): ?self
    {
        // under faces there is written what time they show
        $faces = $question->times->areDrawn() && '' === $question->wording && [] !== $question->sum->times();
        if (!$question->sum instanceof Order || !$question->answer instanceof OrderAnswer || $faces) {
            return null;
        }
        $order = array_flip($question->answer->positions);
        ksort($order);
        $things = [...array_map(TimesGiven::Words === $question->times ? $question->asking->inWords(...) : $question->asking->time(...), $question->sum->times), ...array_map($question->asking->length(...), $question->sum->lengths)];
        $first = [] === $question->sum->times
            ? ($question->sum->descends ? 'longest' : 'shortest')
            : ($question->sum->descends ? 'latest' : 'earliest');

        return new self($things, $first, array_values(array_map(static fn (int $i): int => $i + 1, $order)), $question->wording);
    }

    /** On a list, where no boxes are, the things stand behind what is to be done. */
    public function asks(string $asked, string $wording): string
    {
        return '' === $wording ? \sprintf('Number them, 1 for the %s: %s', $this->first, implode(', ', $this->things)) : $wording;
    }

    /** What is asked where the boxes are drawn, which say the things themselves. */
    public function task(): string
    {
        return trim(\sprintf('%s Write 1 below the %s, 2 below the next, and so on.', $this->told, $this->first));
    }

    /** The things are said in their boxes. */
    public function shows(array $clocks): array
    {
        return [];
    }

    public function key(string $answer): string
    {
        return implode(', ', $this->ranks);
    }

    /** "2 3 1" says that the third is first; the things themselves, or their letters, are their order. */
    public function judge(Sum $sum, string $written, Judge $judge): Judgement
    {
        preg_match_all('/\d/', $written, $found);
        $ranks = array_map(intval(...), $found[0]);
        $sorted = $ranks;
        sort($sorted);
        if (1 !== preg_match('~^[\s\d,;./-]+$~', $written) || $sorted !== range(1, max(1, \count($this->things)))) {
            return $judge->judge($sum, $written);
        }
        $order = array_flip($ranks);
        ksort($order);

        return $judge->judge($sum, implode(', ', array_map(static fn (int $i): string => \chr(\ord('a') + $i), $order)));
    }
}
