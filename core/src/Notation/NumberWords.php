<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/** Reads English number words below a thousand: "seven", "twenty-five", "twenty five", "two hundred and ten". */
final class NumberWords
{
    private const ONES = ['zero' => 0, 'nought' => 0, 'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10, 'eleven' => 11, 'twelve' => 12, 'thirteen' => 13, 'fourteen' => 14, 'fifteen' => 15, 'sixteen' => 16, 'seventeen' => 17, 'eighteen' => 18, 'nineteen' => 19];
    private const TENS = ['twenty' => 20, 'thirty' => 30, 'forty' => 40, 'fifty' => 50, 'sixty' => 60, 'seventy' => 70, 'eighty' => 80, 'ninety' => 90];

    /** @return list<string> every word of a number */
    public static function all(): array
    {
        return [...array_keys(self::ONES), ...array_keys(self::TENS), 'hundred'];
    }

    /** @return array{int, int}|null the number and the place after it */
    public static function at(Words $words, int $i): ?array
    {
        $number = self::belowHundred($words, $i);
        if (null === $number || $number[0] < 1 || $number[0] > 9 || !$words->is($number[1], 'hundred')) {
            return $number;
        }
        [$hundreds, $next] = [100 * $number[0], $number[1] + 1];
        $rest = self::belowHundred($words, $words->is($next, 'and') ? $next + 1 : $next);

        return null === $rest ? [$hundreds, $next] : [$hundreds + $rest[0], $rest[1]];
    }

    /** @return array{int, int}|null */
    private static function belowHundred(Words $words, int $i): ?array
    {
        $word = $words->at($i);
        if (isset(self::ONES[$word])) {
            return [self::ONES[$word], $i + 1];
        }
        if (!isset(self::TENS[$word])) {
            return null;
        }
        $tens = self::TENS[$word];
        $next = $words->is($i + 1, '-') ? $i + 2 : $i + 1;
        $one = self::ONES[$words->at($next)] ?? 0;

        return $one >= 1 && $one <= 9 ? [$tens + $one, $next + 1] : [$tens, $i + 1];
    }

    /**
     * Digits or number words.
     *
     * @return array{int, int}|null the number and the place after it
     */
    public static function orDigitsAt(Words $words, int $i): ?array
    {
        $digits = $words->number($i);

        return null !== $digits ? [$digits, $i + 1] : self::at($words, $i);
    }
}
