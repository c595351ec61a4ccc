<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\Line;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Sum;

/** 3 h 10 min - 2 h 40 min. */
final class DifferenceForm implements Form
{
    public function kind(): Kind
    {
        return Kind::Difference;
    }

    public function read(Line $line): array
    {
        $from = $line->length($line->start);
        $after = null === $from ? 0 : $line->after($from->next, '-', 'minus', 'take away', 'subtract', 'less');
        $take = 0 === $after ? null : $line->length($after);
        if (null === $from || null === $take || !$line->endsAt($take->next)) {
            return [];
        }

        return [Difference::of($from->amount, $take->amount)];
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Difference
            ? $writer->amount($sum->from).' '.$writer->minus().' '.$writer->amount($sum->take)
            : '';
    }
}
