<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\SecondMove;
use Rostik\Core\Sum\Sum;

/** 10:15 a.m. - 35 min; also "35 min before 10:15 a.m.", "10:15 a.m., 35 min earlier", "take 35 min from 10:15 a.m.". */
final class EarlierForm implements Form
{
    use UsualWording;

    public static function sums(): array
    {
        return [Earlier::class];
    }

    public static function precedence(): int
    {
        return 90;
    }

    public function read(TypedLine $line): array
    {
        $shape = new ClockMoveWords(
            ['-', 'minus', 'take away', 'takeaway', 'subtract', 'less', 'take'],
            ['before', 'earlier than', 'back from'],
            ['earlier', 'ago', 'before', 'before that', 'back'],
            ['subtract' => ['from'], 'take' => ['from', 'away from', 'off'], 'deduct' => ['from'], 'minus' => ['from']],
        );

        return array_map(static fn (array $found): Sum => ClockMoveWords::toTheSecond($found[0]->time, $found[1]->amount)
            ? SecondMove::earlier($found[0]->time, $found[1]->amount)
            : Earlier::of($found[0]->time, $found[1]->amount), array_values(array_filter($shape->read($line), static fn (array $found): bool => !$found[1]->clockLike)));
    }

    public function inWords(Sum $sum, Writer $writer): ?string
    {
        return $sum instanceof Earlier ? \sprintf('What time is it %s before %s?', $writer->amount($sum->length), $writer->inWords($sum->start)) : null;
    }

    public function byClocks(Sum $sum, Writer $writer): ?string
    {
        return $sum instanceof Earlier ? \sprintf('What time was it %s earlier?', $writer->amount($sum->length)) : null;
    }

    public function turnedRound(Sum $sum, Writer $writer): string
    {
        return 'Turn it round and go back: '.$this->write($sum, $writer);
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Earlier
            ? $writer->time($sum->start).' '.$writer->minus().' '.$writer->amount($sum->length)
            : '';
    }
}
