<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\SecondMove;
use Rostik\Core\Sum\Sum;

/** 11:20:35 a.m. + 1 min 50 s; read by {@see LaterForm} and {@see EarlierForm} in all the ways in which a time later or earlier is written. */
final class SecondMoveForm implements Form
{
    use UsualWording;

    public static function sums(): array
    {
        return [SecondMove::class];
    }

    public static function precedence(): int
    {
        return 5;
    }

    public function read(TypedLine $line): array
    {
        return [];
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof SecondMove ? $writer->time($sum->start).' '.($sum->direction > 0 ? '+' : $writer->minus()).' '.$writer->amount($sum->length) : '';
    }

    public function inWords(Sum $sum, Writer $writer): ?string
    {
        return $sum instanceof SecondMove ? \sprintf('What time is it %s %s %s?', $writer->amount($sum->length), $sum->direction > 0 ? 'after' : 'before', $writer->inWords($sum->start)) : null;
    }
}
