<?php

declare(strict_types=1);

namespace Rostik\Core\Question\Form;

use Rostik\Core\Question\AnswerForm;
use Rostik\Core\Question\Asking;
use Rostik\Core\Question\LayingOut;
use Rostik\Core\Question\UsualForm;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Missing;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;

/**
 * The gap in a row of a table is filled: start, length and end with one of them open, or a length in two units. Words without
 * numbers and without a question say what happens in the row.
 */
final readonly class InTable implements AnswerForm
{
    use UsualForm;

    public const TYPE = 'table';

    public string $type;

    /**
     * @param list<string>  $heads the same for all rows of one table
     * @param list<?string> $cells plain; null for the gap
     */
    public function __construct(public array $heads = [], public array $cells = [])
    {
        $this->type = self::TYPE;
    }

    public static function precedence(): int
    {
        return 30;
    }

    public function said(): string
    {
        return 'complete a table';
    }

    public function layOut(LayingOut $question): ?self
    {
        $row = '' === $question->wording || self::isLabel($question->wording) ? self::row($question->sum, $question->asking) : null;

        return null === $row || '' === $question->wording ? $row : new self(['', ...$row->heads], [$question->wording, ...$row->cells]);
    }

    /** Whether words are the name of a row, and no question. */
    public static function isLabel(string $wording): bool
    {
        return mb_strlen($wording) <= 60 && 1 !== preg_match('/[\d?]/', $wording);
    }

    /** A row has its cells for its question; in a list, as in a key, they stand one after the other. */
    public function asks(string $asked, string $wording): string
    {
        if ('' === $wording) {
            return $asked;
        }
        $said = [];
        foreach (\array_slice($this->cells, 1) as $i => $cell) {
            $said[] = ($this->heads[$i + 1] ?? '').' '.($cell ?? '___');
        }

        return $wording.': '.implode(', ', $said);
    }

    /** The row says its own times. */
    public function shows(array $clocks): array
    {
        return [];
    }

    public function joins(AnswerForm $other): bool
    {
        return $other instanceof self && $other->heads === $this->heads;
    }

    /**
     * A row that begins when the one before it ends, which is to be found first.
     *
     * @param \Closure(?StatedTime): ?string $time
     * @param \Closure(?Amount): ?string     $length
     *
     * @return ?list<?string> null where it is something else that is found first
     */
    private static function afterTheLast(InTurn $sum, \Closure $time, \Closure $length): ?array
    {
        [$first, $last] = [$sum->sums[0], $sum->sums[\count($sum->sums) - 1]];

        return match (true) {
            2 !== \count($sum->sums) || !$first instanceof Later => null,
            $last instanceof Later => ['straight after', $length($last->length), null],
            $last instanceof Elapsed => ['straight after', null, $time($last->end)],
            default => null,
        };
    }

    /** Null for a sum that is not told by a row. */
    private static function row(Sum $sum, Asking $asking): ?self
    {
        $time = static fn (?StatedTime $time): ?string => null === $time ? null : $asking->time($time);
        $length = static fn (?Amount $length): ?string => null === $length ? null : $asking->length($length);
        $cells = match (true) {
            $sum instanceof Later => [$time($sum->start), $length($sum->length), null],
            $sum instanceof Earlier => [null, $length($sum->length), $time($sum->start)],
            $sum instanceof Elapsed => [$time($sum->start), null, $time($sum->end)],
            $sum instanceof InTurn => self::afterTheLast($sum, $time, $length),
            // counted back, what the sum begins with is the end
            $sum instanceof Missing => $sum->direction > 0
                ? [$time($sum->start), $length($sum->length), $time($sum->end)]
                : [$time($sum->end), $length($sum->length), $time($sum->start)],
            default => null,
        };
        if (null !== $cells) {
            return new self(['start', 'length', 'end'], $cells);
        }
        if (!$sum instanceof Conversion) {
            return null;
        }
        $gap = implode(' ', array_map(static fn ($unit): string => '____ '.$unit->after('2'), $sum->units));

        return new self(['this is', 'the same as'], [$length($sum->amount), $gap]);
    }
}
