<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Notation\LengthReader;
use Rostik\Core\Notation\NumberWords;
use Rostik\Core\Notation\TimeReader;
use Rostik\Core\Notation\TimeReading;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\Words;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Unit;

/** Cuts the text of a problem into sentences and finds the times, lengths and numbers in them. */
final readonly class Sentences
{
    /** Words behind which a number alone may be a time: at 8, from 9 to 5. */
    private const BEFORE_A_TIME = ['at', 'from', 'to', 'until', 'till', 'by', 'since', 'between', 'and', 'after', 'before'];

    /** Words and signs behind which a number alone that is a time may be followed by. */
    private const AFTER_A_TIME = ['', '.', ',', '?', 'to', 'until', 'till', 'and', 'or', 'the', 'it', 'when', 'how', 'sharp'];

    public function __construct(private TimeReader $times = new TimeReader(), private LengthReader $lengths = new LengthReader())
    {
    }

    /** @return list<Sentence> */
    public function of(string $text): array
    {
        $sentences = [];
        $count = 0;
        foreach (self::cut($text) as [$sentence, $at]) {
            $sentences[] = $this->sentence($sentence, $at, $count);
            $count += \count($sentences[array_key_last($sentences)]->mentions);
        }

        return $sentences;
    }

    /** @return list<array{string, int}> each with where it begins, in characters */
    private static function cut(string $text): array
    {
        $pieces = preg_split('/(?<=[.?!])["”’]?\s+(?=["“‘(]?[A-Z0-9]|[a-d]\))|\R+/u', $text, -1, \PREG_SPLIT_OFFSET_CAPTURE | \PREG_SPLIT_NO_EMPTY) ?: [];
        $cut = [];
        foreach ($pieces as [$piece, $offset]) {
            $stripped = preg_replace('/^(?:[a-d]\)|\d\)|\([a-d]\))\s*/', '', $piece) ?? $piece;
            if ('' !== trim($stripped)) {
                $cut[] = [$stripped, mb_strlen(substr($text, 0, $offset + \strlen($piece) - \strlen($stripped)), 'UTF-8')];
            }
        }

        return $cut;
    }

    private function sentence(string $text, int $at, int $count): Sentence
    {
        // "at nine o'clock sharp in the morning", "a 45-minute break": as many spaces, so that every place stays
        $line = new TypedLine(preg_replace(['/\bsharp\b/', '/(?<=[\da-z])-(?=(?:minute|hour|second|day|week)s?\b)/i'], ['     ', ' '], $text) ?? $text, $this->times, $this->lengths);
        $words = $line->words;
        $mentions = [];
        $pattern = [];
        for ($i = 0; $i < $words->count;) {
            $found = $this->mention($line, $words, $i);
            if (null === $found) {
                $pattern[] = $words->at($i);
                ++$i;
                continue;
            }
            [$kind, $value, $next] = $found;
            $from = $words->characters($i);
            $sign = $kind.($count + \count($mentions));
            [$written, $skipped] = self::bare(mb_substr($text, $from, $words->characters($next) - $from, 'UTF-8'));
            $mentions[] = new Mention($sign, $written, $at + $from + $skipped, $value);
            $pattern[] = $sign;
            // the full stop of "p.m." may be that of the sentence
            $i = $next;
        }

        return new Sentence($text, trim(implode(' ', $pattern)), $mentions);
    }

    /** @return array{string, int} the time or length alone, without "at" before it and stops behind it, and how much was skipped */
    private static function bare(string $written): array
    {
        $bare = preg_replace('/^at\s+/i', '', $written) ?? $written;
        $skipped = mb_strlen($written, 'UTF-8') - mb_strlen($bare, 'UTF-8');
        $bare = rtrim($bare, " ,?\t");

        return [1 === preg_match('/[ap]\.\s?m\.$/i', $bare) ? $bare : rtrim($bare, '. '), $skipped];
    }

    /** @return array{'T'|'L'|'N', \Rostik\Core\Time\StatedTime|Amount|int, int}|null */
    private function mention(TypedLine $line, Words $words, int $i): ?array
    {
        $time = $this->time($line, $words, $i);
        $length = $this->length($line, $words, $i);
        if (null !== $time && (null === $length || $time->next > $length[1])) {
            return ['T', $time->time, $time->next];
        }
        if (null !== $length) {
            return ['L', $length[0], $length[1]];
        }
        $number = Words::NUMBER === $words->type($i) ? [$words->number($i) ?? 0, $i + 1] : NumberWords::at($words, $i);

        return null === $number || $words->is($i, 'a', 'an', 'one') ? null : ['N', $number[0], $number[1]];
    }

    private function time(TypedLine $line, Words $words, int $i): ?TimeReading
    {
        $best = null;
        foreach ($line->times($i) as $time) {
            $stands = !$time->bare || ($words->is($i - 1, ...self::BEFORE_A_TIME) && \in_array($words->at($time->next), self::AFTER_A_TIME, true));
            if ($stands && (null === $best || $time->next > $best->next)) {
                $best = $time;
            }
        }

        return $best;
    }

    /** @return array{Amount, int}|null */
    private function length(TypedLine $line, Words $words, int $i): ?array
    {
        $length = $line->length($i);
        if (null === $length || $length->clockLike) {
            return null;
        }
        // "four times a week", "the second time" are no lengths
        if ($words->is($length->next, 'old') || ($words->is($i - 1, 'of') && $words->is($i - 2, 'each') && Unit::Day === $length->amount->largest())) {
            return null;
        }
        if ($words->is($i, 'a', 'an', 'one') && $length->next <= $i + 3 && Unit::Hour !== $length->amount->largest() && Unit::Minute !== $length->amount->largest()) {
            return null;
        }

        // "6 hours a day" is 6 hours
        $parts = $length->amount->parts;
        if (isset($parts[1]) && \in_array($parts[0]->unit, [Unit::Day, Unit::Week], true)) {
            for ($n = $i + 1; $n < $length->next; ++$n) {
                if ($words->is($n, 'a') && $words->unit($n + 1) === $parts[0]->unit) {
                    return [Amount::of($parts[1], ...\array_slice($parts, 2)), $n];
                }
            }
        }

        return [$length->amount, $length->next];
    }
}
