<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/**
 * A line of typed text cut into numbers, words, signs and the like, each with its place. Case, spacing and the
 * many shapes of dashes, apostrophes and multiplication signs are evened out here.
 */
final class Words
{
    public const NUMBER = 'n';
    public const WORD = 'w';
    public const HALF = 'h';
    public const FRACTION = 'f';
    public const ISO = 'i';
    public const SIGN = 's';

    private const PATTERN = '~(?<![a-z0-9])p(?=[\dt])(?:\d+[ymwd])*(?:t(?:\d+[hms])+)?(?![a-z0-9])(*MARK:i)'
        .'|(?<![a-z])[ap]\.?\s?m(?![a-z])\.?(*MARK:h)'
        .'|\d+(*MARK:n)'
        .'|[a-z]+(?:\'[a-z]+)*(*MARK:w)'
        .'|[½¼¾⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞](*MARK:f)'
        .'|[^\s](*MARK:s)~u';

    private const SAME = ['’' => '\'', '‘' => '\'', '−' => '-', '–' => '-', '—' => '-', '×' => 'x', '✕' => 'x', '*' => 'x', '÷' => '/', "\u{a0}" => ' ', "\u{202f}" => ' ', '…' => '_', '□' => '_'];

    /** The first thing found wrong while trying to read, kept until it is clear that no other reading works. */
    public ?NotUnderstood $complaint = null;

    /**
     * @param list<string> $texts   lower case
     * @param list<string> $types   one of the constants of this class
     * @param list<int>    $offsets in bytes of $text
     */
    private function __construct(
        private readonly string $text,
        public readonly array $texts,
        private readonly array $types,
        private readonly array $offsets,
        public readonly int $count,
    ) {
    }

    public static function of(string $typed): self
    {
        $text = strtr(mb_check_encoding($typed, 'UTF-8') ? $typed : mb_scrub($typed, 'UTF-8'), self::SAME);
        $text = mb_strtolower($text, 'UTF-8');
        preg_match_all(self::PATTERN, $text, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        $texts = [];
        $types = [];
        $offsets = [];
        foreach ($matches as $match) {
            [$piece, $offset] = $match[0];
            $type = \is_string($match['MARK'] ?? null) ? $match['MARK'] : self::SIGN;
            // "a m" and "p.m." are all one to the readers
            $texts[] = self::HALF === $type ? $piece[0].'m' : $piece;
            $types[] = $type;
            $offsets[] = $offset;
        }

        return new self($text, $texts, $types, $offsets, \count($texts));
    }

    public function at(int $i): string
    {
        return $this->texts[$i] ?? '';
    }

    public function is(int $i, string ...$any): bool
    {
        return isset($this->texts[$i]) && \in_array($this->texts[$i], $any, true);
    }

    public function type(int $i): string
    {
        return $this->types[$i] ?? '';
    }

    /** The number at this place, or null where there is none or one beyond all use. */
    public function number(int $i): ?int
    {
        return self::NUMBER === $this->type($i) && \strlen($this->at($i)) <= 9 ? (int) $this->at($i) : null;
    }

    /** Whether nothing stands between this place and the next. */
    public function touches(int $i): bool
    {
        return isset($this->offsets[$i + 1]) && $this->offsets[$i] + \strlen($this->at($i)) === $this->offsets[$i + 1];
    }

    /** Where the piece begins in the typed text, in characters from 0; the end of the text for a place beyond it. */
    public function characters(int $i): int
    {
        return isset($this->offsets[$i]) ? mb_strlen(substr($this->text, 0, $this->offsets[$i]), 'UTF-8') : mb_strlen($this->text, 'UTF-8');
    }

    public function complain(string $reason, string $message, int $i, string $example): void
    {
        $this->complaint ??= new NotUnderstood($reason, $message, $this->characters($i), $example);
    }
}
