<?php

declare(strict_types=1);

namespace Rostik\App\Account;

/**
 * An e-mail address in its one normal form: however it was typed, it is the same for storing, finding and counting tries.
 * Compatibility forms are folded (NFKC: full width, ligatures), what is not seen is taken off (format characters, spaces
 * around it), letters are small, and a domain outside ASCII is written as DNS has it (UTS 46).
 */
final readonly class Address implements \Stringable
{
    /** RFC 5321, 4.5.3.1: 64 for the part before the sign, 255 after; stored are 180. */
    public const LONGEST = 180;

    private function __construct(private string $normal)
    {
    }

    /** Of whatever was typed; what is no address has a normal form, too, and is nobody's. */
    public static function typed(string $typed): self
    {
        $typed = mb_scrub(substr($typed, 0, 2000), 'UTF-8');
        $seen = preg_replace('/[\p{Cf}\p{Cc}\x{034F}\x{115F}\x{1160}\x{17B4}\x{17B5}\x{3164}\x{FFA0}]+/u', '', $typed) ?? '';
        // a small letter may have another compatibility form than the large one, so both are done twice
        $folded = self::folded(mb_strtolower(self::folded($seen), 'UTF-8'));
        $normal = preg_replace('/^[\s\p{Z}]+|[\s\p{Z}]+$/u', '', $folded) ?? '';
        $at = strrpos($normal, '@');
        if (false !== $at && 1 === preg_match('/[^\x00-\x7f]/', substr($normal, $at))) {
            $ascii = idn_to_ascii(substr($normal, $at + 1), \IDNA_DEFAULT, \INTL_IDNA_VARIANT_UTS46);
            $normal = false === $ascii ? $normal : substr($normal, 0, $at + 1).$ascii;
        }

        return new self($normal);
    }

    /** Whether mail could go there: one sign, something before it, a domain after it, no spaces. */
    public function isPlausible(): bool
    {
        return mb_strlen($this->normal) <= self::LONGEST && 1 === preg_match('/^[^\s@\p{Z}]{1,64}@[a-z0-9](?:[a-z0-9.-]*[a-z0-9])?$/u', $this->normal);
    }

    public function __toString(): string
    {
        return $this->normal;
    }

    private static function folded(string $text): string
    {
        $folded = \Normalizer::normalize($text, \Normalizer::FORM_KC);

        return \is_string($folded) ? $folded : $text;
    }
}
