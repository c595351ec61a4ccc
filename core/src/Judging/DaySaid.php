<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

/** A written time, and what is said behind it of its day: 1:20 a.m. (next day). */
final readonly class DaySaid
{
    /**
     * @param string $time what stands before it
     * @param ?int   $days after the day of the start, below 0 for before; null where nothing is said
     */
    private function __construct(public string $time, public ?int $days)
    {
    }

    public static function in(string $written): self
    {
        if (1 !== preg_match('/^(.*?[^\s,])[\s,]+\(?(?:(?<next>(?:on\s+)?(?:the\s+)?(?:next|following)\s+day)|(?<before>(?:on\s+)?(?:the\s+)?(?:day\s+before|previous\s+day))|(?<count>\d{1,7}|one|two|three)\s+days?\s+(?<way>later|before|earlier|after))\)?\s*$/iu', $written, $found, \PREG_UNMATCHED_AS_NULL)) {
            return new self($written, null);
        }

        return new self($found[1], match (true) {
            isset($found['next']) => 1,
            isset($found['before']) => -1,
            default => (['one' => 1, 'two' => 2, 'three' => 3][strtolower($found['count'] ?? '')] ?? (int) ($found['count'] ?? 0)) * (\in_array(strtolower($found['way'] ?? ''), ['later', 'after'], true) ? 1 : -1),
        });
    }
}
