<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\NumberWords;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Missing;
use Rostik\Core\Sum\MissingLength;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;

/**
 * A sum with a blank in it. On the clock: _ + 50 min = 10:30 a.m., 8:55 a.m. + _ = 10:20 a.m., 10:20 a.m. - _ = 8:55 a.m.,
 * 7:15 a.m. to _ = 2 h. With lengths: 45 min + _ = 1 h, 2 h - _ = 45 min, _ x 15 min = 1 h. Either side may come first.
 */
final class MissingForm implements Form
{
    use UsualWording;

    private const SIGNS = ['+' => ['+', 'plus', 'add', 'and'], '-' => ['-', 'minus', 'take away', 'subtract', 'less'], 'x' => ['x', 'times'], '/' => ['/', 'divided by', 'shared between'], 'to' => ['to', 'until']];

    public static function sums(): array
    {
        return [Missing::class, MissingLength::class];
    }

    public static function precedence(): int
    {
        return 60;
    }

    public function read(TypedLine $line): array
    {
        $sums = [];
        foreach ($this->operations($line, $line->start) as [$first, $sign, $second, $next]) {
            $equals = $line->after($next, '=', 'is', 'equals', 'makes', 'gives');
            foreach (0 === $equals ? [] : $this->operands($line, $equals) as [$result, $end]) {
                if (null !== $result && $line->endsAt($end)) {
                    $sums[] = $this->sum($first, $sign, $second, $result);
                }
            }
        }
        // 1 h = 45 min + _
        foreach ($this->operands($line, $line->start) as [$result, $next]) {
            $equals = null === $result ? 0 : $line->after($next, '=');
            foreach (0 === $equals ? [] : $this->operations($line, $equals) as [$first, $sign, $second, $end]) {
                if (null !== $result && $line->endsAt($end)) {
                    $sums[] = $this->sum($first, $sign, $second, $result);
                }
            }
        }

        return array_values(array_filter([...$sums, $this->asked($line)]));
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $this->written($sum, '_', $writer);
    }

    public function solved(Sum $sum, Answer $answer, Writer $writer): string
    {
        return $this->written($sum, $writer->answer($answer), $writer);
    }

    public function claim(Sum $sum, string $answer, Writer $writer): string
    {
        return $this->written($sum, $answer, $writer);
    }

    public function inWords(Sum $sum, Writer $writer): ?string
    {
        return match (true) {
            !$sum instanceof Missing => null,
            null !== $sum->length => \sprintf($sum->direction > 0 ? '%s later it is %s. What time is it now?' : '%s earlier it was %s. What time is it now?', $writer->amount($sum->length), $writer->inWords($sum->end)),
            null !== $sum->start && $sum->direction > 0 => \sprintf('How long is it from %s until %s?', $writer->inWords($sum->start), $writer->inWords($sum->end)),
            null !== $sum->start => \sprintf('How long is it from %s until %s?', $writer->inWords($sum->end), $writer->inWords($sum->start)),
            default => null,
        };
    }

    public function byClocks(Sum $sum, Writer $writer): ?string
    {
        return match (true) {
            !$sum instanceof Missing => null,
            null !== $sum->length => \sprintf($sum->direction > 0 ? '%s later, the clock shows this. What time is it now?' : '%s earlier, the clock showed this. What time is it now?', $writer->amount($sum->length)),
            default => 'How long is it from the first clock to the second?',
        };
    }

    /** How many minutes must be added to 40 min to make 1 h? What is taken from 2 h to leave 45 min? */
    private function asked(TypedLine $line): ?Sum
    {
        $at = $line->past($line->start, 'much', 'more', 'hours', 'minutes', 'seconds', 'days', 'must', 'should', 'has', 'have', 'needs', 'need', 'you', 'i', 'to', 'do', 'be', 'can');
        $added = $line->after($at, 'add to', 'added to');
        $taken = $line->after($at, 'take from', 'taken from', 'take away from', 'taken away from', 'subtract from', 'subtracted from');
        $known = 0 === max($added, $taken) ? null : $line->length(max($added, $taken));
        $after = null === $known ? 0 : $line->after($known->next, 'to make', 'to get', 'to give', 'to leave', 'to reach', 'makes', 'gives', 'leaves');
        $result = 0 === $after ? null : $line->length($after);

        return null === $known || null === $result || !$line->endsAt($result->next) ? null : $this->sum($added > 0 ? null : $known->amount, $added > 0 ? '+' : '-', $added > 0 ? $known->amount : null, $result->amount);
    }

    /** @param string $part what stands in the place of the missing part */
    private function written(Sum $sum, string $part, Writer $writer): string
    {
        if ($sum instanceof Missing) {
            return (null === $sum->start ? $part : $writer->time($sum->start))
                .' '.($sum->direction > 0 ? '+' : $writer->minus()).' '
                .(null === $sum->length ? $part : $writer->amount($sum->length)).' = '.$writer->time($sum->end);
        }
        if (!$sum instanceof MissingLength) {
            return '';
        }
        $sign = match ($sum->sign) {
            '-' => $writer->minus(),
            'x' => $writer->times(),
            '/' => $writer->divided(),
            default => '+',
        };
        $operand = static fn (Amount|int|null $one): string => match (true) {
            null === $one => $part,
            \is_int($one) => (string) $one,
            default => $writer->amount($one),
        };

        return $operand($sum->first).' '.$sign.' '.$operand($sum->second).' = '.$writer->amount($sum->result);
    }

    /**
     * Two operands with a sign between them, one of them a blank.
     *
     * @return list<array{StatedTime|Amount|int|null, string, StatedTime|Amount|int|null, int}> with the place after them
     */
    private function operations(TypedLine $line, int $at): array
    {
        $found = [];
        foreach ($this->operands($line, $at) as [$first, $next]) {
            foreach (self::SIGNS as $sign => $ways) {
                $after = $line->after($next, ...$ways);
                foreach (0 === $after ? [] : $this->operands($line, $after) as [$second, $end]) {
                    if ((null === $first) !== (null === $second)) {
                        $found[] = [$first, $sign, $second, $end];
                    }
                }
            }
        }

        return $found;
    }

    /** @return list<array{StatedTime|Amount|int|null, int}> a blank, a time, a length or a number, with the place after it */
    private function operands(TypedLine $line, int $at): array
    {
        $blank = $line->afterBlank($at);
        if (0 !== $blank) {
            // ___ min + 20 min = 1 h, ___ h ___ min + 20 min = 1 h
            while (null !== $line->words->unit($blank)) {
                $blank = max($blank + 1, $line->afterBlank($blank + 1));
            }

            return [[null, $blank]];
        }
        $found = [];
        $length = $line->length($at);
        if (null !== $length) {
            $found[] = [$length->amount, $length->next];
        }
        foreach ($line->times($at) as $time) {
            if (!$time->bare || null === $length) {
                $found[] = [$time->time, $time->next];
            }
        }
        $number = NumberWords::orDigitsAt($line->words, $at);
        if (null !== $number) {
            $found[] = [$number[0], $number[1]];
        }

        return $found;
    }

    private function sum(StatedTime|Amount|int|null $first, string $sign, StatedTime|Amount|int|null $second, StatedTime|Amount|int $result): ?Sum
    {
        if ($result instanceof StatedTime) {
            return match (true) {
                '+' !== $sign && '-' !== $sign => null,
                null === $first && $second instanceof Amount => Missing::start('+' === $sign ? 1 : -1, $second, $result),
                $first instanceof Amount && null === $second && '+' === $sign => Missing::start(1, $first, $result),
                $first instanceof StatedTime && null === $second => Missing::length('+' === $sign ? 1 : -1, $first, $result),
                $second instanceof StatedTime && null === $first && '+' === $sign => Missing::length(1, $second, $result),
                default => null,
            };
        }
        if (!$result instanceof Amount) {
            return match (true) {
                // _ / 20 min = 3; 2 h / _ = 8
                '/' === $sign && null === $first && $second instanceof Amount => Product::of($result, $second),
                '/' === $sign && $first instanceof Amount && null === $second => Share::of($first, $result),
                default => null,
            };
        }
        if ('to' === $sign) {
            return match (true) {
                $first instanceof StatedTime => Later::of($first, $result),
                $second instanceof StatedTime => Missing::start(1, $result, $second),
                default => null,
            };
        }
        if ($first instanceof StatedTime || $second instanceof StatedTime) {
            return null;
        }
        try {
            return MissingLength::of($first, $sign, $second, $result);
        } catch (\InvalidArgumentException) {
            return null;
        }
    }
}
