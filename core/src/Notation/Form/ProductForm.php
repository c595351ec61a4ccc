<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\Line;
use Rostik\Core\Notation\NumberWords;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Sum;

/** 4 x 45 min; also "4 times 45 min", "4 lots of 45 min", "45 min x 4". */
final class ProductForm implements Form
{
    public function kind(): Kind
    {
        return Kind::Product;
    }

    public function read(Line $line): array
    {
        $times = NumberWords::orDigitsAt($line->words, $line->start);
        $after = null === $times ? 0 : $line->after($times[1], 'x', 'times', 'lots of');
        $length = 0 === $after ? null : $line->length($after);
        if (null !== $times && null !== $length && $times[0] <= Product::MOST && $line->endsAt($length->next)) {
            return [Product::of($times[0], $length->amount)];
        }
        $length = $line->length($line->start);
        $after = null === $length ? 0 : $line->after($length->next, 'x', 'times');
        $times = 0 === $after ? null : NumberWords::orDigitsAt($line->words, $after);
        if (null !== $times && null !== $length && $times[0] <= Product::MOST && $line->endsAt($times[1])) {
            return [Product::of($times[0], $length->amount)];
        }

        return [];
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Product ? $sum->times.' '.$writer->times().' '.$writer->amount($sum->length) : '';
    }
}
