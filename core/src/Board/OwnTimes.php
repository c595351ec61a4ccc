<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\TimeReader;
use Rostik\Core\Notation\Words;
use Rostik\Core\Time\StatedTime;

/** A list of times of one's own, out of the book: one to a line, or with commas between. */
final class OwnTimes
{
    /** More than these no class reads in one go. */
    public const MOST = 60;

    /**
     * @return list<StatedTime> in their order
     *
     * @throws NotUnderstood where one of them is no time, or there are too many
     */
    public static function read(string $typed): array
    {
        $reader = new TimeReader();
        $times = [];
        foreach (preg_split('/[\n,;]+/', $typed) ?: [] as $line) {
            $line = trim($line, " \t\r\u{A0}•-");
            // "1. ten to four", "a) 3:50"
            $text = preg_replace('/^(?:\d{1,2}\s*\)|\d{1,2}\.\s+|[a-z]\s*\))\s*/i', '', $line) ?? $line;
            if ('' === $text) {
                continue;
            }
            $found = null;
            $words = Words::of($text);
            foreach ($reader->at($words, 0) as $reading) {
                $found ??= $reading->next === $words->count && null === $reading->time->second ? $reading->time : null;
            }
            if (null === $found) {
                $cut = mb_substr($text, 0, 40);
                throw new NotUnderstood('no-time', \sprintf('“%s” is no time that a clock shows.', $cut), 0, '3:50, ten to four, half past 8');
            }
            $times[] = $found;
        }

        return \count($times) <= self::MOST ? $times : throw new NotUnderstood('too-many-times', \sprintf('These are %d times. A list has no more than %d.', \count($times), self::MOST), 0, '3:50, ten to four, half past 8');
    }
}
