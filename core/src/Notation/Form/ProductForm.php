<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\LengthReading;
use Rostik\Core\Notation\NumberWords;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Words;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Sum;

/** 4 x 35 min; also "4 times 35 min", "4 lots of 35 min", "35 min x 4", "multiply 35 min by 4", "double 35 min". */
final class ProductForm implements Form
{
    use UsualWording;

    private const TIMES = ['double' => 2, 'twice' => 2, 'treble' => 3, 'triple' => 3];

    public static function sums(): array
    {
        return [Product::class];
    }

    public static function precedence(): int
    {
        return 40;
    }

    public function read(TypedLine $line): array
    {
        $start = $line->start;
        $fixed = self::TIMES[$line->words->at($start)] ?? null;
        if (null !== $fixed) {
            return $this->product($line, $fixed, $line->length($line->past($start + 1, ':', 'of')), null);
        }
        $verb = $line->after($start, 'multiply');
        if (0 !== $verb) {
            $length = $line->length($line->past($verb, ':'));

            return $this->turned($line, $length, 'by');
        }
        $times = NumberWords::orDigitsAt($line->words, $start);
        $after = null === $times ? 0 : $line->after($times[1], 'x', 'times as long as', 'times', 'lots of', 'sets of', 'groups of');
        $length = 0 === $after ? null : $line->length($after);
        if (null !== $times && null !== $length) {
            return $this->product($line, $times[0], $length, null);
        }

        return $this->turned($line, $line->length($start), 'x', 'times', 'multiplied by');
    }

    public function turnedRound(Sum $sum, Writer $writer): string
    {
        return 'Turn it round and multiply: '.$this->write($sum, $writer);
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Product ? $sum->times.' '.$writer->times().' '.$writer->amount($sum->length) : '';
    }

    /** "Twice a week 45 min", "3 times a day 20 min": the week is no part of the length. */
    private static function saysHowOften(TypedLine $line, LengthReading $length): bool
    {
        $words = $line->words;
        for ($i = $line->start; $i < $length->next - 2; ++$i) {
            if ($words->is($i, 'a', 'per', 'each', 'every') && $words->is($i + 1, 'day', 'week', 'month', 'year') && Words::NUMBER === $words->type($i + 2)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Product> */
    private function turned(TypedLine $line, ?LengthReading $length, string ...$between): array
    {
        $after = null === $length ? 0 : $line->after($length->next, ...$between);
        $times = 0 === $after ? null : NumberWords::orDigitsAt($line->words, $after);

        return null === $times ? [] : $this->product($line, $times[0], $length, $times[1]);
    }

    /**
     * @param ?int $end the place after the sum; null where the length is the last of it
     *
     * @return list<Product>
     */
    private function product(TypedLine $line, int $times, ?LengthReading $length, ?int $end): array
    {
        if (null === $length || !$line->endsAt($end ?? $length->next) || (null === $end && self::saysHowOften($line, $length))) {
            return [];
        }
        if ($times > Product::MOST) {
            throw CannotBeDone::tooManyTimes();
        }

        return [Product::of($times, $length->amount)];
    }
}
