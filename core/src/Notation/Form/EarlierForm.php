<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\Line;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Sum;

/** 11:05 a.m. - 40 min; also "40 min before 11:05 a.m." and "11:05 a.m., 40 min earlier". */
final class EarlierForm implements Form
{
    public function kind(): Kind
    {
        return Kind::Earlier;
    }

    public function read(Line $line): array
    {
        $sums = [];
        foreach (ClockMoveLine::read($line, ['-', 'minus', 'take away', 'subtract', 'less'], ['before', 'earlier than', 'back from'], 'earlier') as [$time, $length]) {
            $sums[] = Earlier::of($time->time, $length->amount);
        }

        return $sums;
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Earlier
            ? $writer->time($sum->start).' '.$writer->minus().' '.$writer->amount($sum->length)
            : '';
    }
}
