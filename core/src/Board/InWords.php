<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

use Rostik\Core\Problem\Operation;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;

/** Tells a sum told in words from one written with signs, and says what is to be done. Common practice, no source. */
final class InWords
{
    /** Words that stand in a written sum too: units, halves of the day, and what stands for a sign. */
    private const NEUTRAL = '~\b(?:h|hrs?|hours?|m|mins?|minutes?|s|secs?|seconds?|d|days?|w|weeks?|months?|years?|am|pm|noon|midday|midnight|o\'?clock|plus|minus|to)\b~';

    /** What was asked in words; null where the sum was written with signs, or where nothing has to be decided. */
    public static function asked(string $typed, Sum $sum): ?Asked
    {
        $letters = preg_replace(self::NEUTRAL, '', strtr(mb_strtolower($typed, 'UTF-8'), ['.' => '', '’' => '\''])) ?? '';
        if (1 !== preg_match('/[a-z]{3}/', preg_replace('/\d+\s*(?:h|min|am|pm)\b/', '', $letters) ?? '')) {
            return null;
        }
        [$operation, $because] = match (true) {
            $sum instanceof Later => [Operation::Add, 'A time later: the length is added to the start.'],
            $sum instanceof Earlier => [Operation::Subtract, 'A time earlier: the length is taken from it.'],
            $sum instanceof Elapsed => [Operation::HowLong, 'Two times are given: we find how long it is from the one to the other.'],
            $sum instanceof Total => [Operation::Add, 'Altogether: the lengths are added.'],
            $sum instanceof Difference => [Operation::Subtract, 'What is left, or how much longer: one length is taken from the other.'],
            default => [null, ''],
        };

        return null === $operation ? null : Asked::before(trim($typed), $operation, $because);
    }
}
