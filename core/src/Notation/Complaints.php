<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Time\MixedChains;
use Rostik\Core\Time\TooLong;

/**
 * Says what is wrong with a line that is no sum: where reading stopped, and the nearest line that works. Whoever asks
 * says whether a line works.
 */
final readonly class Complaints
{
    private const JOINS = ['+', '-', 'x', '/', 'to', 'in', 'as', '?', '=', '_', 'plus', 'minus', 'add', 'take', 'away', 'less', 'until', 'till', 'after', 'before', 'later', 'earlier', 'than', 'and', ',', 'between', 'times', 'from', '>', '<'];

    /** Where nothing nearer works. */
    private const PLAIN = '1:50 pm + 3 h 30 min';

    public function __construct(private KnownWords $known = new KnownWords())
    {
    }

    /** A sum stands in brackets, and what is around it is none with its answer; or a bracket has no other. */
    public function brackets(TypedLine $line): NotUnderstood
    {
        return new NotUnderstood('brackets', 'What stands in brackets is worked first. What they hold here, or what is to be done with it, was not understood.', mb_strlen(substr($line->typed, 0, strcspn($line->typed, '([{)]}'))), '2 x (45 min + 10 min)');
    }

    public function about(TypedLine $line, callable $works): NotUnderstood
    {
        $words = $line->words;
        if (DateReader::mayBeIn($line->typed) && 1 === preg_match('/'.DateReader::DATE.'/', DateReader::evened($line->typed), $date)) {
            return new NotUnderstood('not-a-sum-with-dates', \sprintf('There is a date in that, %s, but I cannot tell what is asked of it.', ucwords($date[0])), 0, '12 March 2027 + 3 weeks');
        }
        if ($line->start >= $words->count) {
            return 0 === $words->count
                ? new NotUnderstood('empty', 'Nothing to work out yet. Type a sum.', 0, self::PLAIN)
                : new NotUnderstood('not-a-sum', 'There is no time and no length in that.', 0, self::PLAIN);
        }
        $complaint = $words->complaint;
        if (null !== $complaint) {
            return new NotUnderstood($complaint->reason, $complaint->message, $words->characters($complaint->from), $this->example($works, ...$this->instead($words, $complaint)));
        }

        return $this->byShape($line, $works);
    }

    /**
     * @param callable(string): bool $works
     * @param string                 $nearest a sum that may do; '' where none is known
     */
    public function cannotBeDone(CannotBeDone $cannot, TypedLine $line, callable $works, string $nearest = ''): NotUnderstood
    {
        $text = $line->words->with(0, 0, '');
        $candidates = match ($cannot->reason) {
            'not-whole-minutes' => [preg_replace('/\b(?:secs?|seconds?|s)\b|(?<=\d)s\b/', 'min', $text) ?? ''],
            'months-on-the-clock' => [preg_replace('/\b(?:months?|mths?|mos?|years?|yrs?|y)\b/', 'h', $text) ?? ''],
            'months-and-days' => $this->ofOneChain($text),
            'too-many-times' => [$this->shorter($text)],
            default => [],
        };

        return new NotUnderstood($cannot->reason, $cannot->getMessage(), $line->words->characters($line->start), $this->example($works, $nearest, ...[...$candidates, $cannot->example]));
    }

    /** @param callable(string): bool $works */
    public function mixedChains(MixedChains $mixed, TypedLine $line, callable $works): NotUnderstood
    {
        return new NotUnderstood('months-and-days', $mixed->getMessage(), $line->words->characters($line->start), $this->example($works, ...[...$this->ofOneChain($line->words->with(0, 0, '')), '1 year 4 months + 9 months']));
    }

    /** @param callable(string): bool $works */
    public function tooLong(TooLong $tooLong, TypedLine $line, callable $works): NotUnderstood
    {
        return new NotUnderstood('too-long-a-length', $tooLong->getMessage(), $line->words->characters($line->start), $this->example($works, $this->shorter($line->words->with(0, 0, '')), '4 x 35 min'));
    }

    /** @param callable(string): bool $works */
    private function byShape(TypedLine $line, callable $works): NotUnderstood
    {
        $words = $line->words;
        $shape = '';
        $at = [];
        $ends = [];
        $i = $line->start;
        while ($i < $words->count && !$line->endsAt($i)) {
            [$letter, $next] = $this->piece($line, $i);
            if ('' === $letter) {
                return $this->unknown($line, $i, $works);
            }
            $shape .= $letter;
            $at[] = $i;
            $ends[] = $next;
            $i = $next;
        }
        $here = $words->characters($line->start);
        $last = $words->characters($words->count);
        $text = static fn (int $n): string => isset($at[$n], $ends[$n]) ? $words->between($at[$n], $ends[$n]) : '';
        $whole = [] === $at ? '' : $words->between($at[0], $ends[\count($ends) - 1]);
        $first = $text((int) strcspn($shape, 'TL'));

        return match (true) {
            'T' === $shape && 1 === preg_match('~^([1-9]):([0-5]\d) ?(?:h|hrs?|hours?)$~i', $whole, $said) => new NotUnderstood('only-a-time', \sprintf('That may be a time, or a length: %d h %d min. What should be done with it?', $said[1], $said[2]), $last, $this->example($works, $said[1].' h '.(int) $said[2].' min + 20 min')),
            'T' === $shape => new NotUnderstood('only-a-time', 'That is a time. What should be done with it?', $last, $this->example($works, $whole.' + 20 min')),
            'L' === $shape => new NotUnderstood('only-a-length', 'That is a length of time. What should be done with it?', $last, $this->example($works, $whole.' + 20 min', $whole.' + 2 months')),
            1 === preg_match('/^N-N$/', $shape) => new NotUnderstood('times-or-lengths', 'From one o’clock to another? Then say a.m. or p.m. Or two lengths? Then say hours or minutes.', $here, $this->example($works, $text(0).' am to '.$text(2).' pm', $text(0).' h - '.$text(2).' h', $text(2).' h - '.$text(0).' h')),
            1 === preg_match('/^T-T/', $shape) => new NotUnderstood('between-times', 'To find how long it is from one time to another, write “to” between them.', $words->characters($at[1]), $this->example($works, $text(0).' to '.$text(2))),
            1 === preg_match('/^T\+T/', $shape) => new NotUnderstood('two-times', 'Two times of day cannot be added. Add a length of time to a time, or ask how long it is from one to the other.', $words->characters($at[1]), $this->example($works, $this->asLengths($whole), $text(0).' + '.$this->asLengths($text(2)), $text(0).' to '.$text(2), $text(0).' + 20 min')),
            1 === preg_match('/^L-T/', $shape) => new NotUnderstood('time-from-length', 'A time of day cannot be taken from a length of time. The other way round it can.', $words->characters($at[1]), $this->example($works, $text(2).' - '.$text(0), $text(2).' - 40 min')),
            1 === preg_match('/^L[tj]L/', $shape) && $words->is($at[1], 'to') => new NotUnderstood('lengths-to', 'These are lengths, not times of day. Are they to be added, or one taken from the other?', $words->characters($at[1]), $this->example($works, $text(0).' + '.$text(2), $text(2).' - '.$text(0))),
            1 === preg_match('/^[NTL].[N]/', $shape), str_starts_with($shape, 'N') => new NotUnderstood('unit-missing', 'A number needs its unit: hours or minutes?', $words->characters($at[str_starts_with($shape, 'N') ? 0 : 2]), $this->example($works, $this->withUnits($shape, $text), $first.' + 20 min')),
            1 === preg_match('/[+\-xjt\/]$/', $shape) => new NotUnderstood('half-a-sum', 'The sum stops half-way.', $last, $this->example($works, $whole.' 20 min', $whole.' 11:45 pm', $whole.' 3', $whole.' min', $whole.' 24h', $first.' + 20 min')),
            default => new NotUnderstood('not-a-sum', 'That could not be read as a sum.', $here, $this->example($works, ...[...$this->kept($line), $whole.' + 20 min', $first.' + 20 min'])),
        };
    }

    /** @return array{string, int} a letter for what stands here (T time, L length, N number, a sign, j another joining word), and the place after */
    private function piece(TypedLine $line, int $i): array
    {
        $length = $line->length($i);
        if (null !== $length && !$length->clockLike) {
            return ['L', $length->next];
        }
        $times = array_filter($line->times($i), static fn (TimeReading $t): bool => !$t->bare);
        $time = reset($times);
        if (false !== $time) {
            return ['T', $time->next];
        }
        $number = NumberWords::orDigitsAt($line->words, $i);
        if (null !== $number) {
            return ['N', Words::FRACTION === $line->words->type($number[1]) ? $number[1] + 1 : $number[1]];
        }
        if (\in_array($line->words->type($i), [Words::NUMBER, Words::FRACTION], true)) {
            return ['N', $i + 1];
        }
        $sign = $line->words->at($i);

        return match (true) {
            '+' === $sign || 'plus' === $sign || 'add' === $sign => ['+', $i + 1],
            '-' === $sign || 'minus' === $sign || 'less' === $sign => ['-', $i + 1],
            \in_array($sign, self::JOINS, true) => ['j', $i + 1],
            default => ['', $i],
        };
    }

    /**
     * Sums of all the times and lengths that were understood, as the words between them let it be guessed.
     *
     * @return list<string>
     */
    private function kept(TypedLine $line): array
    {
        $words = $line->words;
        $times = [];
        $lengths = [];
        $numbers = [];
        for ($i = 0; $i < $words->count;) {
            [$letter, $next] = $this->piece($line, $i);
            $text = preg_replace('/^(?:at|about|exactly) /', '', $words->between($i, $next)) ?? '';
            match ($letter) {
                'T' => $times[] = $text,
                'L' => $lengths[] = $text,
                'N' => $numbers[] = $text,
                default => null,
            };
            $i = max($next, $i + 1);
        }
        $has = static fn (string ...$any): bool => [] !== array_intersect($any, $words->texts);
        $back = $has('before', 'ago', 'earlier', 'minus', '-', 'less', 'back', 'take', 'takes', 'subtract', 'left', 'shorter', 'difference', 'without');
        $units = array_values(array_filter(range(0, max(0, $words->count - 1)), static fn (int $i): bool => null !== $words->unit($i) && !\in_array($words->type($i - 1), [Words::NUMBER, Words::FRACTION], true) && null === NumberWords::at($words, $i - 1)));
        $t = $times;
        $l = $lengths;
        $sign = $back ? ' - ' : ' + ';

        return array_values(array_filter([
            isset($t[1], $l[0]) ? $t[0].' to '.$t[1].' - '.$l[0] : '',
            isset($t[2]) ? 'order '.implode(', ', $t) : '',
            isset($t[1]) ? $t[0].' to '.$t[1] : '',
            isset($t[1]) ? $t[1].' to '.$t[0] : '',
            isset($t[0], $l[0]) ? $t[0].$sign.$l[0] : '',
            isset($l[1]) && $has('than', 'longer', 'or', 'compare', 'shorter', '<', '>') ? $l[0].' ? '.$l[1] : '',
            isset($l[1]) && !$back ? implode(' + ', $l) : '',
            isset($l[1]) ? $l[0].' - '.$l[1] : '',
            isset($l[1]) ? $l[1].' - '.$l[0] : '',
            isset($l[0], $numbers[0]) && $has('share', 'shared', 'divide', 'divided', 'between', 'among', '/', 'equal', 'parts') ? $l[0].' / '.$numbers[0] : '',
            isset($l[0], $numbers[0]) ? $numbers[0].' x '.$l[0] : '',
            isset($l[0], $units[0]) ? $l[0].' in '.$words->at($units[0]) : '',
            isset($t[0]) ? $t[0].$sign.'20 min' : '',
            isset($l[0]) ? $l[0].$sign.'20 min' : '',
        ], static fn (string $one): bool => '' !== $one));
    }

    /** @param callable(string): bool $works */
    private function unknown(TypedLine $line, int $i, callable $works): NotUnderstood
    {
        $words = $line->words;
        if (null === $this->known->nearest($words->at($i))) {
            // the slip may stand further on: half pats 3
            for ($n = $i + 1; $n < $words->count; ++$n) {
                $near = $this->known->nearest($words->at($n));
                if (null !== $near && $works($words->with($n, $n + 1, $near))) {
                    $i = $n;
                    break;
                }
            }
        }
        // what is blamed is the first word that means nothing anywhere, and not one that is only out of its place
        for ($n = $i; null === $this->known->nearest($words->at($i)) && $this->known->has($words->at($i)) && $n < $words->count; ++$n) {
            if (Words::WORD === $words->type($n) && !$this->known->has($words->at($n)) && '' === $this->piece($line, $n)[0]) {
                $i = $n;
                break;
            }
        }
        $word = $words->at($i);
        if ($this->known->has($word)) {
            return new NotUnderstood('not-a-sum', 'What is asked here was not understood.', $words->characters($i), $this->example($works, ...$this->kept($line)));
        }
        $day = 1 === preg_match('/^(?:(?:mon|tues|wednes|thurs|fri|satur|sun)days?|today|tonight|tomorrow|yesterday)$/', $word);
        $meant = $day ? null : $this->known->nearest($word);
        $message = \sprintf('“%s” was not understood.', mb_substr($word, 0, 40, 'UTF-8')).(null === $meant ? '' : \sprintf(' Did you mean “%s”?', $meant));
        if ($day) {
            $message = \sprintf('Sums with a time of day go without the day: leave “%s” out. The answer says when it is on the next day.', $word);
        }
        $first = '';
        for ($n = $line->start; $n < $words->count && '' === $first; ++$n) {
            [$letter, $next] = $this->piece($line, $n);
            $first = 'T' === $letter || 'L' === $letter ? $words->between($n, $next) : '';
        }

        $all = $day ? [$i] : $this->allUnknown($line, $i);
        if (\count($all) > 1) {
            $message = $this->several($words, $all, $meant);
        }

        return new NotUnderstood('unknown-word', $message, $words->characters($i), $this->example(
            $works,
            null === $meant ? '' : $words->with($i, $i + 1, $meant),
            ...(1 === preg_match('/[+\-×*\/÷=−]/u', $line->typed) ? [$words->with($i, $i + 1, ''), ...$this->kept($line)] : [...$this->kept($line), $words->with($i, $i + 1, '')]),
            ...[trim($words->with($i, $words->count, '')), trim($words->with($i, $words->count, '')).' 20 min', $first.' + 20 min'],
        ), array_map(static fn (int $n): Misread => new Misread($words->characters($n), $words->charactersAfter($n)), $all));
    }

    /** @return list<int> places of all words that mean nothing anywhere, that one among them */
    private function allUnknown(TypedLine $line, int $blamed): array
    {
        $words = $line->words;
        $all = [];
        for ($n = 0; $n < $words->count; ++$n) {
            if ($n === $blamed || (Words::WORD === $words->type($n) && !$this->known->has($words->at($n)) && '' === $this->piece($line, $n)[0])) {
                $all[] = $n;
            }
        }

        return $all;
    }

    /**
     * Not more than three of them by name: “bananas”, “apples” and 2 more were not understood.
     *
     * @param list<int> $all
     */
    private function several(Words $words, array $all, ?string $meant): string
    {
        $names = array_values(array_unique(array_map(static fn (int $n): string => '“'.mb_substr($words->at($n), 0, 40, 'UTF-8').'”', $all)));
        $more = \count($names) - 3;
        $names = $more > 0 ? [...\array_slice($names, 0, 3), $more.' more'] : $names;
        $last = array_pop($names);

        return ([] === $names ? $last.' was' : implode(', ', $names).' and '.$last.' were').' not understood.'.(null === $meant ? '' : \sprintf(' Did you mean “%s”?', $meant));
    }

    /** @return list<string> */
    private function instead(Words $words, Complaint $complaint): array
    {
        if ('too-long-a-length' === $complaint->reason) {
            $shorter = $this->shorter($words->between($complaint->from, $complaint->to));

            return [$words->with($complaint->from, $complaint->to, $shorter), $shorter.' + 20 min', $shorter.' + 2 months', $this->shorter($words->with(0, 0, ''))];
        }
        $instead = $complaint->instead;
        $whole = $words->with($complaint->from, $complaint->to, $instead);

        return [$whole, '' === $instead ? '' : $instead.' + 20 min', '' === $instead ? '' : $instead.' + 2 months', $words->with($complaint->from, $words->count, $instead)];
    }

    /**
     * The first line that works.
     *
     * @param callable(string): bool $works
     */
    private function example(callable $works, string ...$candidates): string
    {
        foreach ($candidates as $candidate) {
            $candidate = trim((string) preg_replace('/\s+/', ' ', $candidate));
            if ('' !== $candidate && \strlen($candidate) <= 80 && $works($candidate)) {
                return $candidate;
            }
        }

        return self::PLAIN;
    }

    /**
     * The line with minutes after each bare number.
     *
     * @param callable(int): string $text
     */
    private function withUnits(string $shape, callable $text): string
    {
        $line = [];
        foreach (str_split($shape) as $n => $letter) {
            // 6 x 25 min, but 25 min x 6 where the length has its unit already
            $times = 'x' === $text($n + 1) || ('x' === $text($n - 1) && 'N' !== ($shape[$n - 2] ?? '')) || '/' === $text($n - 1);
            $line[] = $text($n).('N' === $letter && !$times ? ' min' : '');
        }

        return implode(' ', $line);
    }

    /** @return list<string> the line with months for days, or the other way round */
    private function ofOneChain(string $text): array
    {
        return [
            preg_replace('/\b(?:days?|weeks?|wks?|hours?|hrs?|h|mins?|minutes?|secs?|seconds?|s|d|w)\b/', 'months', $text) ?? '',
            preg_replace(['/\b(?:months?|mths?|mos?)\b/', '/\b(?:years?|yrs?|y)\b/'], ['weeks', 'weeks'], $text) ?? '',
            preg_replace(['/\b(?:months?|mths?|mos?)\b/', '/\b(?:years?|yrs?|y)\b/'], ['days', 'days'], $text) ?? '',
        ];
    }

    /** 1:20 + 0:50 as hours and minutes, where no a.m. or p.m. is said. */
    private function asLengths(string $text): string
    {
        return 1 === preg_match('/[ap]\.?m/', $text) ? '' : preg_replace('/0?(\d{1,2}):0?(\d{1,2})(?:\s*(?:hours?|hrs?|h)\b)?/', '$1 h $2 min', $text) ?? '';
    }

    /** Long numbers cut to their first two digits. */
    private function shorter(string $text): string
    {
        return preg_replace('/(\d{2})\d+/', '$1', $text) ?? $text;
    }
}
