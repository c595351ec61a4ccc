<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Missing;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;

/** A row of a table to be completed: start, length, end with one of them open; or a length in two units. */
final readonly class TableRow
{
    /**
     * @param list<string>  $heads the same for all rows of one table
     * @param list<?string> $cells null for the gap
     */
    private function __construct(public array $heads, public array $cells)
    {
    }

    /** Null for a sum that is not told by a row. */
    public static function of(Sum $sum, Writer $writer): ?self
    {
        $time = static fn (?StatedTime $time): ?string => null === $time ? null : Marked::plain($writer->time($time));
        $length = static fn (?Amount $length): ?string => null === $length ? null : Marked::plain($writer->amount($length));
        $cells = match (true) {
            $sum instanceof Later => [$time($sum->start), $length($sum->length), null],
            $sum instanceof Earlier => [null, $length($sum->length), $time($sum->start)],
            $sum instanceof Elapsed => [$time($sum->start), null, $time($sum->end)],
            // counted back, what the sum begins with is the end
            $sum instanceof Missing => $sum->direction > 0
                ? [$time($sum->start), $length($sum->length), $time($sum->end)]
                : [$time($sum->end), $length($sum->length), $time($sum->start)],
            default => null,
        };
        if (null !== $cells) {
            return new self(['start', 'length', 'end'], $cells);
        }
        if (!$sum instanceof Conversion) {
            return null;
        }
        $gap = implode(' ', array_map(static fn ($unit): string => '____ '.$unit->after('2'), $sum->units));

        return new self(['this is', 'the same as'], [$length($sum->amount), $gap]);
    }
}
