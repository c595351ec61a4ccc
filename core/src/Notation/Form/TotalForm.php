<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\Line;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;

/** 2 h 30 min + 4 h 55 min, with two or more lengths. */
final class TotalForm implements Form
{
    public function kind(): Kind
    {
        return Kind::Total;
    }

    public function read(Line $line): array
    {
        $first = $line->length($line->start);
        if (null === $first) {
            return [];
        }
        $addends = [$first->amount];
        $next = $first->next;
        while (0 !== $after = $line->after($next, '+', 'plus', 'add', 'and then')) {
            $more = $line->length($after);
            if (null === $more) {
                return [];
            }
            $addends[] = $more->amount;
            $next = $more->next;
        }
        if (!isset($addends[1]) || !$line->endsAt($next)) {
            return [];
        }

        return [Total::of(...$addends)];
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Total ? implode(' + ', array_map($writer->amount(...), $sum->addends)) : '';
    }
}
