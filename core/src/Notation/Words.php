<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Time\Unit;

/**
 * A line of typed text, evened out ({@see Evened}), cut into numbers, words, signs and the like, each with its place.
 */
final class Words
{
    public const NUMBER = 'n';
    public const WORD = 'w';
    public const HALF = 'h';
    public const FRACTION = 'f';
    public const ISO = 'i';
    public const SIGN = 's';

    private const THOUSANDS = 't';
    private const DOTS = 'b';

    /** The longest number that is read, in digits: ten thousand years have twelve digits of seconds. */
    private const DIGITS = 12;

    private const PATTERN = '~(?<![a-z0-9])p(?=[\dt])(?:\d+[ymwd])*(?:t(?:\d+[hms])+)?(?![a-z0-9])(*MARK:i)'
        .'|(?<![a-z])[ap]\.?\s?m(?![a-z])\.?(*MARK:h)'
        .'|[1-9]\d{0,2}(?:,\d{3})+(?![\d,])(*MARK:t)'
        .'|\d+(*MARK:n)'
        .'|\.{2,}(*MARK:b)'
        .'|[a-z]+(?:\'[a-z]+)*(*MARK:w)'
        .'|[½¼¾⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞](*MARK:f)'
        .'|[^\s](*MARK:s)~u';

    /** The length that was found to mean two things, as it was typed: "2.30 hrs" is 2 h 30 min or 2.3 h. */
    public ?string $twoWays = null;

    /** Whether m stands for months, as it does beside years and without hours. */
    private bool $monthsByLetter;

    /** The first thing found wrong while trying to read, kept until it is clear that no other reading works. */
    public ?Complaint $complaint = null;

    /**
     * @param list<string> $texts   lower case
     * @param list<string> $types   one of the constants of this class
     * @param list<int>    $offsets in bytes of the evened text
     * @param list<int>    $ends    where each piece ends
     */
    private function __construct(
        private readonly Evened $evened,
        public readonly array $texts,
        private readonly array $types,
        private readonly array $offsets,
        private readonly array $ends,
        public readonly int $count,
        public readonly bool $pointBeforeMinutes,
        public readonly bool $fourAreHours,
    ) {
        $this->monthsByLetter = [] !== array_intersect($texts, ['y', 'yr', 'yrs', 'year', 'years']) && [] === array_intersect($texts, ['h', 'hr', 'hrs', 'hour', 'hours']);
    }

    /**
     * @param bool $pointBeforeMinutes whether 2.30 hrs is taken as 2 h 30 min, or as a decimal
     * @param bool $fourAreHours       whether 1430h is taken as so many hours, or as a time
     */
    public static function of(string $typed, bool $pointBeforeMinutes = false, bool $fourAreHours = false): self
    {
        $evened = Evened::of($typed);
        preg_match_all(self::PATTERN, $evened->text, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        $texts = [];
        $types = [];
        $offsets = [];
        $ends = [];
        foreach ($matches as $match) {
            [$piece, $offset] = $match[0];
            $type = \is_string($match['MARK'] ?? null) ? $match['MARK'] : self::SIGN;
            // "a m" and "p.m." are all one to the readers, and so are 1,200 and 1200
            $texts[] = match ($type) {
                self::HALF => $piece[0].'m',
                self::THOUSANDS => str_replace(',', '', $piece),
                self::DOTS => '_',
                default => '*' === $piece ? 'x' : $piece,
            };
            $types[] = match ($type) {
                self::THOUSANDS => self::NUMBER,
                self::DOTS => self::SIGN,
                default => $type,
            };
            $offsets[] = $offset;
            $ends[] = $offset + \strlen($piece);
        }

        return new self($evened, $texts, $types, $offsets, $ends, \count($texts), $pointBeforeMinutes, $fourAreHours);
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
        return self::NUMBER === $this->type($i) && \strlen($this->at($i)) <= self::DIGITS ? (int) $this->at($i) : null;
    }

    /** The unit named at this place. */
    public function unit(int $i): ?Unit
    {
        $word = $this->texts[$i] ?? '';

        return 'm' === $word && $this->monthsByLetter ? Unit::Month : UnitWords::unit($word);
    }

    /** Whether "hours" or "h" after four digits may say that they are those of a clock: 1400 hours, 1430h, 0945 h. A length of 1430 h has a blank. */
    public function isHourOfClock(int $i): bool
    {
        return 4 === \strlen($this->at($i)) && Unit::Hour === $this->unit($i + 1) && ('h' !== $this->at($i + 1) || $this->touches($i) || '0' === $this->at($i)[0]);
    }

    /** Whether nothing stands between this place and the next. */
    public function touches(int $i): bool
    {
        return $i >= 0 && isset($this->offsets[$i + 1]) && $this->ends[$i] === $this->offsets[$i + 1];
    }

    /** Where the piece begins in the typed text, in characters from 0; the end of the text for a place beyond it. */
    public function characters(int $i): int
    {
        return $this->evened->place($this->offsets[$i] ?? \PHP_INT_MAX);
    }

    /** Where it ends in the typed text: the first character after it. */
    public function charactersAfter(int $i): int
    {
        return isset($this->ends[$i]) ? $this->evened->place($this->ends[$i] - 1) + 1 : $this->characters($i);
    }

    /**
     * @param string $instead what may be put in place of the pieces from $i up to $to, so that the line works; '' for nothing
     * @param ?int   $to      the place after them; null for the very next
     */
    public function complain(string $reason, string $message, int $i, string $instead = '', ?int $to = null): void
    {
        $this->complaint ??= new Complaint($reason, $message, $i, $to ?? $i + 1, $instead);
    }

    /** The line as it was typed, evened out, with other words in place of the pieces from $i up to $to. */
    public function with(int $i, int $to, string $instead): string
    {
        $text = $this->evened->text;
        $start = $this->offsets[$i] ?? \strlen($text);
        $end = $to <= $i ? $start : ($this->ends[$to - 1] ?? \strlen($text));

        return trim(substr($text, 0, $start).$instead.substr($text, max($start, $end)));
    }

    /** The pieces from $i up to $to as they stand in the line. */
    public function between(int $i, int $to): string
    {
        if ($i >= $to || $i >= $this->count) {
            return '';
        }
        $start = $this->offsets[$i] ?? 0;

        return substr($this->evened->text, $start, max(0, ($this->ends[$to - 1] ?? $start) - $start));
    }
}
