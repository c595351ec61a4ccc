<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\Line;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Sum;

/** 3:45 p.m. + 2 h 30 min; also "2 h 30 min after 3:45 p.m." and "3:45 p.m., 2 h 30 min later". */
final class LaterForm implements Form
{
    public function kind(): Kind
    {
        return Kind::Later;
    }

    public function read(Line $line): array
    {
        $sums = [];
        foreach (ClockMoveLine::read($line, ['+', 'plus', 'add', 'and'], ['+', 'after', 'later than', 'on from'], 'later') as [$time, $length]) {
            $sums[] = Later::of($time->time, $length->amount);
        }

        return $sums;
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Later ? $writer->time($sum->start).' + '.$writer->amount($sum->length) : '';
    }
}
