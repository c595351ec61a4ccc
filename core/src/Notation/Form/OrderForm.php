<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Line;
use Rostik\Core\Notation\SolvedForm;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\Sum;

/** order 9:15 a.m., 9:00 p.m., 9:00 a.m. (or lengths). */
final class OrderForm implements SolvedForm
{
    public function kind(): Kind
    {
        return Kind::Order;
    }

    public function read(Line $line): array
    {
        $after = $line->after($line->start, 'order', 'sort', 'in order', 'order :');
        if (0 === $after) {
            return [];
        }
        if ($line->words->is($after, ':')) {
            ++$after;
        }
        $times = [];
        $lengths = [];
        $i = $after;
        while ($i < $line->words->count && !$line->endsAt($i)) {
            $length = [] === $times ? $line->item($i) : null;
            if (null !== $length) {
                $lengths[] = $length->amount;
                $i = $length->next;
            } else {
                $reading = $line->times($i)[0] ?? null;
                if (null === $reading || [] !== $lengths) {
                    return [];
                }
                $times[] = $reading->time;
                $i = $reading->next;
            }
            while ($line->words->is($i, ',', ';', 'and')) {
                ++$i;
            }
        }
        if (isset($times[1])) {
            return [Order::ofTimes(...$times)];
        }

        return isset($lengths[1]) ? [Order::ofLengths(...$lengths)] : [];
    }

    public function write(Sum $sum, Writer $writer): string
    {
        if (!$sum instanceof Order) {
            return '';
        }
        $written = [] !== $sum->times ? array_map($writer->time(...), $sum->times) : array_map($writer->amount(...), $sum->lengths);

        return 'order '.implode(', ', $written);
    }

    public function writeSolved(Sum $sum, Answer $answer, Writer $writer): string
    {
        return $sum instanceof Order ? 'in order: '.$writer->answer($answer) : '';
    }
}
