<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\NumberWords;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Words;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Grouping;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;

/**
 * 2 h 15 min / 3; also "shared between 3", "divided by 3", "half of 3 h", "a quarter of 2 h". And a length by a length,
 * 2 h / 15 min: how many times the one goes into the other.
 */
final class ShareForm implements Form
{
    use UsualWording;

    private const BETWEEN = ['/', 'divided by', 'divided between', 'divided among', 'divided into', 'shared by', 'shared between', 'shared among', 'split between', 'split among', 'split into', 'between', 'among', 'by', 'into'];

    public static function sums(): array
    {
        return [Share::class, Grouping::class];
    }

    public static function precedence(): int
    {
        return 20;
    }

    public function read(TypedLine $line): array
    {
        $part = $this->partOf($line);
        if (null !== $part) {
            return $part;
        }
        $goes = $this->goesInto($line);
        if ([] !== $goes) {
            return $goes;
        }
        $verb = $line->after($line->start, 'share', 'divide', 'split');
        $length = $line->length(0 === $verb ? $line->start : $line->past($verb, ':'));
        if (null === $length) {
            return [];
        }
        $at = $length->next;
        if (0 === $verb && !$line->words->is($at, '/', 'divided', 'shared', 'split')) {
            return [];
        }
        // shared equally between
        $after = $line->after($at, ...self::BETWEEN);
        $after = 0 !== $after ? $after : $line->after($line->past($at, 'shared', 'divided', 'split', 'equally', 'evenly', 'out'), ...self::BETWEEN);
        if (0 === $after) {
            return [];
        }
        $other = $line->length($after);
        if (null !== $other && $line->endsAt($other->next)) {
            return [Grouping::of($length->amount, $other->amount)];
        }
        $between = NumberWords::orDigitsAt($line->words, $after);
        if (null === $between) {
            return [];
        }
        // among 5 children
        $end = Words::WORD === $line->words->type($between[1]) && !$line->endsAt($between[1]) ? $between[1] + 1 : $between[1];

        return $line->endsAt($end) ? [Share::of($length->amount, $between[0])] : [];
    }

    public function turnedRound(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Grouping
            ? 'How many times does '.$writer->amount($sum->each).' go into '.$writer->amount($sum->length).'?'
            : 'Turn it round and share: '.$this->write($sum, $writer);
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return match (true) {
            $sum instanceof Share => $writer->amount($sum->length).' '.$writer->divided().' '.$sum->between,
            $sum instanceof Grouping => $writer->amount($sum->length).' '.$writer->divided().' '.$writer->amount($sum->each),
            default => '',
        };
    }

    /**
     * "Half of 3 h", "halve 3 h", "a quarter of 2 h", "1/4 of 2 h".
     *
     * @return ?list<Share> null where it is not asked so
     */
    private function partOf(TypedLine $line): ?array
    {
        $at = $line->past($line->start, 'a', 'one');
        $at = $line->words->is($at, '-') ? $at + 1 : $at;
        $named = match ($line->words->at($at)) {
            'half', '½' => 2,
            'third', '⅓' => 3,
            'quarter', '¼' => 4,
            'fifth', '⅕' => 5,
            'sixth', '⅙' => 6,
            'eighth', '⅛' => 8,
            'tenth' => 10,
            default => 0,
        };
        $of = 0 === $named ? 0 : $line->after($at + 1, 'of');
        if ($line->words->is($line->start, 'halve')) {
            [$named, $of] = [2, $line->start + 1];
        }
        if ($line->words->is($line->start, '1') && $line->words->is($line->start + 1, '/')) {
            $named = $line->words->number($line->start + 2) ?? 0;
            $of = $line->after($line->start + 3, 'of');
        }
        $length = 0 === $of || 0 === $named ? null : $line->length($of);

        return null === $length || !$line->endsAt($length->next) || $line->words->is($of, 'a', 'an') ? null : [Share::of($length->amount, $named)];
    }

    /**
     * "How many 15 min are there in 2 h?", "how many times does 15 min go into 2 h?".
     *
     * @return list<Grouping>
     */
    private function goesInto(TypedLine $line): array
    {
        if (!$line->asksHowMany) {
            return [];
        }
        $each = $line->length($line->past($line->start, 'times', 'does', 'do', 'lots', 'of', 'will'));
        $in = null === $each ? 0 : $line->after($line->past($each->next, 'go', 'goes', 'fit', 'are', 'there', 'periods', 'lessons', 'is', 'lots'), 'in', 'into');
        $length = 0 === $in ? null : $line->length($in);

        return null === $each || null === $length || !$line->endsAt($length->next) ? [] : [Grouping::of($length->amount, $each->amount)];
    }
}
