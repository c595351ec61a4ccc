<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Grouping;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;

/** The answer to the first question about a problem: are we adding or subtracting? Common practice, no source. */
enum Operation: string
{
    case Add = 'add';
    case Subtract = 'subtract';
    case HowLong = 'how-long';
    case Multiply = 'multiply';
    case Share = 'share';

    /** What is done in a sum; null where there is nothing to decide. */
    public static function of(Sum $sum): ?self
    {
        return match (true) {
            $sum instanceof Later, $sum instanceof Total => self::Add,
            $sum instanceof Earlier, $sum instanceof Difference => self::Subtract,
            $sum instanceof Elapsed => self::HowLong,
            $sum instanceof Product => self::Multiply,
            $sum instanceof Share, $sum instanceof Grouping => self::Share,
            default => null,
        };
    }

    /** As the line says it. */
    public function said(): string
    {
        return match ($this) {
            self::Add => 'Adding',
            self::Subtract => 'Subtracting',
            self::HowLong => 'How long is it?',
            self::Multiply => 'Multiplying',
            self::Share => 'Sharing',
        };
    }

    /**
     * Why it is that one, by what is known and what is not.
     *
     * @param string $role what the length of a move is to its story ({@see Roles}); may be empty
     * @param bool   $more whether two lengths are compared, and not a part taken from a whole
     */
    public static function because(Sum $sum, string $role = '', bool $more = false): string
    {
        return match (true) {
            $sum instanceof ClockMove => match ($role) {
                'fast' => 'A clock that is fast shows more than it is: we go back from it. We subtract.',
                'slow' => 'A clock that is slow shows less than it is: we go on from it. We add.',
                'late' => $sum instanceof Later ? 'Late is after it was due: we go on from it. We add.' : 'It was due before it came: we go back. We subtract.',
                'early' => $sum instanceof Earlier ? 'Early is before it was due: we go back from it. We subtract.' : 'It was due after it came: we go on. We add.',
                default => $sum instanceof Later ? 'The start and the length are known, the end is not: we go on from the start. We add.' : 'The end and the length are known, the start is not: we go back from the end. We subtract.',
            },
            $sum instanceof Elapsed => 'Both ends are known, the length between them is not: we find how long it is from one to the other.',
            $sum instanceof Total => 'The parts are known, the whole is not: we put them together. We add.',
            $sum instanceof Difference => $more ? 'Two lengths are known, how much longer one is than the other is not: we subtract.' : 'The whole and a part of it are known, the rest is not: we take the part away. We subtract.',
            $sum instanceof Product => 'One part is known, and how many of them there are; the whole is not. We multiply.',
            $sum instanceof Share => 'The whole is known, and into how many equal parts it goes; one part is not. We share.',
            $sum instanceof Grouping => 'The whole is known, and how long one part is; how many there are is not. We share it out.',
            default => '',
        };
    }
}
