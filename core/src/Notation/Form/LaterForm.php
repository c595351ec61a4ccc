<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\SecondMove;
use Rostik\Core\Sum\Sum;

/** 1:50 p.m. + 3 h 30 min; also "3 h 30 min after 1:50 p.m.", "1:50 p.m., 3 h 30 min later", "add 3 h to 1:50 p.m.". */
final class LaterForm implements Form
{
    use UsualWording;

    public static function sums(): array
    {
        return [Later::class];
    }

    public static function precedence(): int
    {
        return 70;
    }

    public function read(TypedLine $line): array
    {
        $shape = new ClockMoveWords(
            ['+', 'plus', 'add', 'and', 'for', 'lasting'],
            ['+', 'after', 'later than', 'on from', 'from', 'past', 'if', 'when', 'ago'],
            ['later', 'later on', 'from now', 'from then', 'after that', 'on', 'ago'],
            ['add' => ['to', 'on to', 'onto']],
            ['in', 'after'],
            true,
        );

        return array_map(static fn (array $found): Sum => ClockMoveWords::toTheSecond($found[0]->time, $found[1]->amount)
            ? SecondMove::later($found[0]->time, $found[1]->amount)
            : Later::of($found[0]->time, $found[1]->amount), $shape->read($line));
    }

    public function inWords(Sum $sum, Writer $writer): ?string
    {
        return $sum instanceof Later ? \sprintf('What time is it %s after %s?', $writer->amount($sum->length), $writer->inWords($sum->start)) : null;
    }

    public function byClocks(Sum $sum, Writer $writer): ?string
    {
        return $sum instanceof Later ? \sprintf('What time is it %s later?', $writer->amount($sum->length)) : null;
    }

    public function turnedRound(Sum $sum, Writer $writer): string
    {
        return 'Turn it round and go on: '.$this->write($sum, $writer);
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Later ? $writer->time($sum->start).' + '.$writer->amount($sum->length) : '';
    }
}
