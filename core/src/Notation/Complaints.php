<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/** Says what is wrong with a line that is no sum: where reading stopped, and one example that works. */
final class Complaints
{
    private const JOINS = ['+', '-', 'x', '/', 'to', 'in', 'as', '?', '=', '_', 'plus', 'minus', 'add', 'take', 'away', 'less', 'until', 'till', 'after', 'before', 'later', 'earlier', 'than', 'and', ',', 'between', 'times', 'from'];

    public function about(Line $line): NotUnderstood
    {
        $words = $line->words;
        if ($line->start >= $words->count) {
            return new NotUnderstood('empty', 'Nothing to work out yet. Type a sum.', 0, '3:45 pm + 2 h 30 min');
        }
        $shape = '';
        $at = [];
        $i = $line->start;
        while ($i < $words->count && !$line->endsAt($i)) {
            [$letter, $next] = $this->piece($line, $i);
            if ('' === $letter) {
                return $this->unknown($words, $i);
            }
            $shape .= $letter;
            $at[] = $i;
            $i = $next;
        }
        $here = $words->characters($line->start);
        $last = $words->characters($words->count);

        return match (true) {
            'T' === $shape => new NotUnderstood('only-a-time', 'That is a time. What should be done with it?', $last, trim($this->typed($words)).' + 20 min'),
            'L' === $shape => new NotUnderstood('only-a-length', 'That is a length of time. What should be done with it?', $last, trim($this->typed($words)).' + 20 min'),
            'T-T' === $shape => new NotUnderstood('between-times', 'To find how long it is from one time to another, write “to” between them.', $words->characters($at[1]), '9:35 am to 11:10 am'),
            1 === preg_match('/^T\+T/', $shape) => new NotUnderstood('two-times', 'Two times of day cannot be added. Add a length of time to a time.', $words->characters($at[1]), '3:45 pm + 2 h 30 min'),
            1 === preg_match('/^L-T/', $shape) => new NotUnderstood('time-from-length', 'A time of day cannot be taken from a length of time.', $words->characters($at[1]), '3:45 pm - 40 min'),
            1 === preg_match('/^[NTL].[N]/', $shape), str_starts_with($shape, 'N') => new NotUnderstood('unit-missing', 'A number needs its unit: hours or minutes?', $words->characters($at[str_starts_with($shape, 'N') ? 0 : 2]), '45 min + 20 min'),
            1 === preg_match('/[+\-xjt]$/', $shape) => new NotUnderstood('half-a-sum', 'The sum stops half-way.', $last, '3:45 pm + 2 h 30 min'),
            default => new NotUnderstood('not-a-sum', 'That could not be read as a sum.', $here, '3:45 pm + 2 h 30 min'),
        };
    }

    /** @return array{string, int} a letter for what stands here (T time, L length, N number, a sign, j another joining word), and the place after */
    private function piece(Line $line, int $i): array
    {
        $length = $line->length($i);
        if (null !== $length) {
            return ['L', $length->next];
        }
        $times = array_filter($line->times($i), static fn (TimeReading $t): bool => !$t->bare);
        $time = reset($times);
        if (false !== $time) {
            return ['T', $time->next];
        }
        $number = NumberWords::orDigitsAt($line->words, $i);
        if (null !== $number) {
            return ['N', $number[1]];
        }
        $sign = $line->words->at($i);

        return match (true) {
            '+' === $sign || 'plus' === $sign || 'add' === $sign => ['+', $i + 1],
            '-' === $sign || 'minus' === $sign || 'less' === $sign => ['-', $i + 1],
            \in_array($sign, self::JOINS, true) => ['j', $i + 1],
            default => ['', $i],
        };
    }

    private function unknown(Words $words, int $i): NotUnderstood
    {
        $message = \sprintf('“%s” was not understood.', mb_substr($words->at($i), 0, 40, 'UTF-8'));

        return new NotUnderstood('unknown-word', $message, $words->characters($i), '3:45 pm + 2 h 30 min');
    }

    private function typed(Words $words): string
    {
        $text = '';
        foreach ($words->texts as $i => $piece) {
            $text .= $piece.($words->touches($i) ? '' : ' ');
        }

        return rtrim($text, ' =?_');
    }
}
