<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\Line;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Sum;

/** 7:00 a.m. to 3:00 p.m.; also "from … until …" and "between … and …". */
final class ElapsedForm implements Form
{
    public function kind(): Kind
    {
        return Kind::Elapsed;
    }

    public function read(Line $line): array
    {
        $between = $line->words->is($line->start, 'between');
        $sums = [];
        foreach ($line->times($between ? $line->start + 1 : $line->start) as $start) {
            $after = $between ? $line->after($start->next, 'and') : $line->after($start->next, 'to', 'until', 'till', 'til');
            if (0 === $after) {
                continue;
            }
            foreach ($line->times($after) as $end) {
                if ($line->endsAt($end->next)) {
                    $sums[] = Elapsed::of($start->time, $end->time);
                }
            }
        }

        return $sums;
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Elapsed ? $writer->time($sum->start).' to '.$writer->time($sum->end) : '';
    }
}
