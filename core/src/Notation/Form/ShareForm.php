<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\Line;
use Rostik\Core\Notation\NumberWords;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;

/** 2 h 15 min / 3; also "shared between 3", "divided by 3". */
final class ShareForm implements Form
{
    public function kind(): Kind
    {
        return Kind::Share;
    }

    public function read(Line $line): array
    {
        $length = $line->length($line->start);
        $after = null === $length ? 0 : $line->after($length->next, '/', 'divided by', 'shared by', 'shared between', 'split between');
        $between = 0 === $after ? null : NumberWords::orDigitsAt($line->words, $after);
        if (null === $length || null === $between || !$line->endsAt($between[1])) {
            return [];
        }

        return [Share::of($length->amount, $between[0])];
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Share ? $writer->amount($sum->length).' '.$writer->divided().' '.$sum->between : '';
    }
}
