<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\Sum;

/** order 7:40 a.m., 7:00 p.m., 7:00 a.m. (or lengths); also "put … in order, latest first". */
final class OrderForm implements Form
{
    use UsualWording;

    /** What may stand before and after the list, and says nothing of it. */
    private const AROUND = ['order', 'sort', 'put', 'place', 'arrange', 'list', 'in', 'of', 'these', 'this', 'them', 'the', 'times', 'time', 'lengths', 'length', 'durations', 'from', 'to', 'start', 'starting', 'with', 'earliest', 'latest', 'shortest', 'longest', 'smallest', 'largest', 'biggest', 'greatest', 'beginning', 'first', 'last', 'ascending', 'descending', ':', ',', ';', '-', '.', 'and', 'by', 'size', 'increasing', 'decreasing'];

    public static function sums(): array
    {
        return [Order::class];
    }

    public static function precedence(): int
    {
        return 50;
    }

    public function read(TypedLine $line): array
    {
        if (!$line->words->is($line->start, 'order', 'sort', 'put', 'place', 'arrange', 'list', 'in', 'smallest', 'shortest', 'longest', 'earliest', 'latest', 'largest', 'biggest', 'ascending', 'descending', 'last', 'first')) {
            return [];
        }
        $after = $line->past($line->start, ...self::AROUND);
        $times = [];
        $lengths = [];
        $i = $after;
        while ($i < $line->words->count) {
            $length = [] === $times ? $line->item($i) : null;
            if (null !== $length) {
                $lengths[] = $length->amount;
                $next = $length->next;
            } else {
                $reading = $line->times($i)[0] ?? null;
                if (null === $reading || [] !== $lengths) {
                    break;
                }
                $times[] = $reading->time;
                $next = $reading->next;
            }
            $i = $line->past($next, ',', ';', 'and', '&');
            if ($i === $next) {
                break;
            }
        }
        $end = $line->past($i, ...self::AROUND);
        if (!$line->endsAt($end)) {
            return [];
        }
        $descending = $this->descends($line, $line->start, $after) || $this->descends($line, $i, $end);
        if (isset($times[1])) {
            return [Order::ofTimes(...$times)->descending($descending)];
        }

        return isset($lengths[1]) ? [Order::ofLengths(...$lengths)->descending($descending)] : [];
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Order ? 'order '.($sum->descends ? $this->turned($sum).': ' : '').$this->listed($sum, $writer) : '';
    }

    public function put(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Order ? $this->asked('Put in order', $sum).$this->listed($sum, $writer) : '';
    }

    public function claim(Sum $sum, string $answer, Writer $writer): string
    {
        return $sum instanceof Order ? $this->asked('In order', $sum).$answer : '';
    }

    public function inWords(Sum $sum, Writer $writer): ?string
    {
        return $sum instanceof Order && [] !== $sum->times ? $this->asked('Put in order', $sum).implode(', ', array_map($writer->inWords(...), $sum->times)) : null;
    }

    private function asked(string $put, Order $sum): string
    {
        return $put.', '.($sum->descends ? $this->turned($sum) : ([] !== $sum->times ? 'earliest first' : 'shortest first')).': ';
    }

    private function turned(Order $sum): string
    {
        return [] !== $sum->times ? 'latest first' : 'longest first';
    }

    private function listed(Order $sum, Writer $writer): string
    {
        return implode(', ', [] !== $sum->times ? array_map($writer->time(...), $sum->times) : array_map($writer->amount(...), $sum->lengths));
    }

    public function solved(Sum $sum, Answer $answer, Writer $writer): string
    {
        return $sum instanceof Order ? 'in order: '.$writer->answer($answer) : '';
    }

    /** "Latest first", "from longest to shortest", "descending". */
    private function descends(TypedLine $line, int $from, int $to): bool
    {
        // "last" may have been passed over as a word of a question
        for ($i = max(0, $from - 1); $i < $to; ++$i) {
            if ($line->words->is($i, 'descending', 'decreasing')) {
                return true;
            }
            $before = $line->words->is($i - 1, 'the') ? $i - 2 : $i - 1;
            if ($line->words->is($i, 'latest', 'longest', 'largest', 'biggest', 'greatest', 'last') && ($line->words->is($i + 1, 'first', 'to') || $line->words->is($before, 'from', 'with'))) {
                return true;
            }
        }

        return false;
    }
}
