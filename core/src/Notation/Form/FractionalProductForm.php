<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\LengthReading;
use Rostik\Core\Notation\Quantity;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Fraction;
use Rostik\Core\Sum\FractionalProduct;
use Rostik\Core\Sum\Sum;

/** 1½ x 40 min, 2.5 x 30 min, 3/4 x 2 h; also "three quarters of 2 h", "one and a half times 40 min", "40 min x 1½". */
final class FractionalProductForm implements Form
{
    use UsualWording;

    public static function sums(): array
    {
        return [FractionalProduct::class];
    }

    public static function precedence(): int
    {
        return 42;
    }

    public function read(TypedLine $line): array
    {
        $times = Quantity::at($line->words, $line->start);
        $after = null === $times ? 0 : $line->after($times[1], 'x', 'times as long as', 'times', 'of', 'lots of');
        if (null !== $times && 0 !== $after) {
            // "half of 2 h" is shared, "three quarters of an hour" is a length
            $isNone = $line->words->is($after - 1, 'of') && (1 === $times[0]->numerator || $line->words->is($after, 'a', 'an'));

            return $isNone ? [] : $this->product($times[0], $line->length($after), $line);
        }
        $length = $line->length($line->start);
        $after = null === $length ? 0 : $line->after($length->next, 'x', 'times', 'multiplied by');
        $times = 0 === $after ? null : Quantity::at($line->words, $after);

        return null === $times ? [] : $this->product($times[0], $length, $line, $times[1]);
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof FractionalProduct ? $writer->fraction($sum->times).' '.$writer->times().' '.$writer->amount($sum->length) : '';
    }

    public function turnedRound(Sum $sum, Writer $writer): string
    {
        return 'Turn it round and multiply: '.$this->write($sum, $writer);
    }

    /** @return list<FractionalProduct> none where the number is whole, which other forms read */
    private function product(Fraction $times, ?LengthReading $length, TypedLine $line, ?int $end = null): array
    {
        if (null === $length || !$line->endsAt($end ?? $length->next) || $times->isWhole()) {
            return [];
        }

        return [FractionalProduct::of($times, $length->amount)];
    }
}
