<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

/**
 * The short code on a copy of a sheet, by which its key is found again: four signs, none that is taken for another in
 * handwriting (no I, O, S, Z or vowel; no 0, 1, 2, 5), so that none makes a word.
 */
final readonly class Code implements \Stringable
{
    public const SIGNS = 'BCDFGHJKLMNPQRTVWXY346789';

    /** How many codes there are: 25 to the power of 4. */
    public const ALL = 390_625;

    private function __construct(private string $signs)
    {
    }

    /** @param int $number 0 to {@see self::ALL} - 1 */
    public static function number(int $number): self
    {
        if ($number < 0 || $number >= self::ALL) {
            throw new \OutOfRangeException(\sprintf('There are %d codes; %d is none of them.', self::ALL, $number));
        }
        $signs = '';
        for ($i = 0; $i < 4; ++$i) {
            $signs = self::SIGNS[$number % 25].$signs;
            $number = intdiv($number, 25);
        }

        return new self($signs);
    }

    /** As somebody types it; null where it is no code. */
    public static function typed(string $text): ?self
    {
        $signs = strtoupper(trim($text));

        return 4 === \strlen($signs) && 4 === strspn($signs, self::SIGNS) ? new self($signs) : null;
    }

    public function __toString(): string
    {
        return $this->signs;
    }
}
