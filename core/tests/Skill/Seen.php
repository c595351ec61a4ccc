<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Skill;

/**
 * What makes a sum hard or easy, seen in its text and worked out here in bare seconds, without asking the program: its shape
 * (T a time, L a length, n a number), whether all is in fives, what regroups, and what is crossed on the clock.
 */
final readonly class Seen
{
    private function __construct(
        public string $shape,
        public bool $fives,
        public ?bool $regroups,
        public ?bool $hour,
        public ?bool $noon,
        public ?bool $midnight,
    ) {
    }

    public static function in(string $text): self
    {
        $times = [];
        $lengths = [];
        $fives = true;
        $shape = preg_replace_callback('/12 noon|12 midnight|\d{1,2}:\d\d(?::\d\d)?(?: [ap]\.m\.| hours)?/', static function (array $m) use (&$times, &$fives): string {
            $times[] = self::time($m[0]);
            $fives = $fives && self::inFives($m[0]);

            return 'T';
        }, $text) ?? '';
        // a time in words: a clock to be read
        $shape = preg_replace_callback('/(?:\d+ o\'clock|(?:half|quarter|\d+(?: minutes?)?) (?:past|to) \d+)(?: and (\d+) seconds?)?/', static function (array $m) use (&$fives): string {
            $fives = $fives && 1 !== preg_match('/minute/', $m[0]) && 0 === (int) ($m[1] ?? 0) % 5;

            return 'C';
        }, $shape) ?? '';
        $shape = preg_replace_callback('/\d+(?:\.\d+)? (?:h|min|s|days?|weeks?|months?|years?)\b(?: \d+(?:\.\d)? (?:h|min|s|days?|months?)\b)*/', static function (array $m) use (&$lengths, &$fives): string {
            $lengths[] = self::length($m[0]);
            $fives = $fives && self::inFives($m[0]);

            return 'L';
        }, $shape) ?? '';
        // which side of a comparison stands first makes it no harder
        $sides = explode(' ? ', $shape);
        sort($sides);
        $shape = implode(' ? ', $sides);
        [$from, $by] = self::way($shape, $times, $lengths);
        $to = null === $from || null === $by ? null : $from + $by;
        $crossed = static fn (int $at, int $each): ?bool => null === $from || null === $to ? null : floor((min($from, $to) - 60 * $at) / (60 * $each)) !== floor((max($from, $to) - 60 * $at) / (60 * $each));

        return new self(
            // which month and which day of the week it is makes it no harder
            preg_replace(['/\d+(?:[.\/ ]\d+)*/', '/\b(?:January|February|March|April|May|June|July|August|September|October|November|December)\b/', '/\b[A-Z][a-z]+day\b/'], ['n', 'M', 'W'], $shape) ?? '',
            $fives,
            self::carries($shape, $times, $lengths, $by),
            $crossed(0, 60),
            $crossed(720, 1440),
            $crossed(0, 1440),
        );
    }

    /**
     * Where it begins on the clock and how far it goes, in seconds.
     *
     * @param list<int> $times
     * @param list<int> $lengths
     *
     * @return array{?int, ?int}
     */
    private static function way(string $shape, array $times, array $lengths): array
    {
        $between = static fn (int $a, int $b): int => ($b - $a + 86399) % 86400 + 1;

        return match ($shape) {
            'T + L', '_ - L = T' => [$times[0], $lengths[0]],
            'T - L', '_ + L = T' => [$times[0], -$lengths[0]],
            'T to T', 'T + _ = T' => [$times[0], $between($times[0], $times[1])],
            'T - _ = T' => [$times[1], $between($times[1], $times[0])],
            default => [null, null],
        };
    }

    /**
     * Whether minutes reach 60, or an hour has to be exchanged; null where the text alone does not say.
     *
     * @param list<int> $times
     * @param list<int> $lengths
     */
    private static function carries(string $shape, array $times, array $lengths, ?int $by): ?bool
    {
        $part = static fn (int $seconds): int => intdiv($seconds, 60) % 60;
        if (null !== $by) {
            $start = 'T - _ = T' === $shape ? $times[1] : $times[0];

            return $by < 0
                ? $part(-$by) > $part($start) || -$by % 60 > $start % 60
                : $part($start) + $part($by) >= 60 || $start % 60 + $by % 60 >= 60;
        }

        return match (1) {
            preg_match('/^L(?: \+ L)+$/', $shape) => array_sum(array_map($part, $lengths)) >= 60,
            preg_match('/^L - L$/', $shape) => $part($lengths[1]) > $part($lengths[0]),
            default => null,
        };
    }

    /** In seconds since midnight. */
    private static function time(string $time): int
    {
        if (str_starts_with($time, '12 ')) {
            return '12 noon' === $time ? 43200 : 0;
        }
        preg_match('/^(\d+):(\d+)(?::(\d+))?/', $time, $m);
        $hour = (int) ($m[1] ?? 0);
        if (str_contains($time, 'm.')) {
            $hour = $hour % 12 + (str_contains($time, 'p.m.') ? 12 : 0);
        }

        return 3600 * $hour + 60 * (int) ($m[2] ?? 0) + (int) ($m[3] ?? 0);
    }

    /** In seconds. */
    private static function length(string $text): int
    {
        preg_match_all('/(\d+) (h|min|s)\b/', $text, $found, \PREG_SET_ORDER);

        return array_sum(array_map(static fn (array $one): int => (int) $one[1] * ['h' => 3600, 'min' => 60, 's' => 1][$one[2]], $found));
    }

    private static function inFives(string $text): bool
    {
        preg_match_all('/(?<=:)\d\d|\d+(?= (?:min|s)\b)/', $text, $found);

        return [] === array_filter($found[0], static fn (string $n): bool => 0 !== (int) $n % 5);
    }
}
