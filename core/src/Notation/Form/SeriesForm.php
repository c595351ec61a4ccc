<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\Note;
use Rostik\Core\Notation\NumberWords;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Series;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\Unit;

/**
 * Every 12 min from 7:10 a.m., 5 times; every 12 min from 7:10 a.m. until 8:00 a.m.; also "from 7:10 am every 12 min", "the
 * first 5".
 */
final class SeriesForm implements Form
{
    use UsualWording;

    public static function sums(): array
    {
        return [Series::class];
    }

    public static function precedence(): int
    {
        return 125;
    }

    public function read(TypedLine $line): array
    {
        $at = $line->start;
        [$count, $at] = $this->first($line, $at);
        $every = $this->every($line, $at);
        if (null !== $every) {
            $from = $line->past($every[1], 'from', 'starting', 'at', 'beginning', 'with', ',', 'after', 'on');

            return $from === $every[1] ? [] : $this->from($line, $every[0], $from, $count);
        }
        $found = [];
        foreach ($line->times($line->past($at, 'from', 'starting', 'at', 'beginning')) as $start) {
            $every = $this->every($line, $line->past($start->next, ',', 'then', 'on', 'and', 'onwards'));
            if (null !== $every) {
                $found = [...$found, ...$this->from($line, $every[0], $at, $count, $every[1])];
            }
        }

        return $found;
    }

    public function write(Sum $sum, Writer $writer): string
    {
        if (!$sum instanceof Series) {
            return '';
        }

        return 'every '.$writer->amount($sum->every).' from '.$writer->time($sum->start)
            .(null === $sum->until ? ', '.$sum->count.' times' : ' until '.$writer->time($sum->until));
    }

    public function solved(Sum $sum, Answer $answer, Writer $writer): string
    {
        return $this->write($sum, $writer).': '.$writer->answer($answer);
    }

    public function put(Sum $sum, Writer $writer): string
    {
        return 'Write the times: '.$this->write($sum, $writer).'.';
    }

    public function claim(Sum $sum, string $answer, Writer $writer): string
    {
        return ucfirst($this->write($sum, $writer)).': '.$answer;
    }

    public function inWords(Sum $sum, Writer $writer): ?string
    {
        if (!$sum instanceof Series) {
            return null;
        }
        $until = null === $sum->until ? \sprintf('Write the first %d times', $sum->count) : 'Write all the times until '.$writer->inWords($sum->until);

        return \sprintf('It comes every %s, for the first time at %s. %s.', $writer->amount($sum->every), $writer->inWords($sum->start), $until);
    }

    /** @return list<Series> */
    private function from(TypedLine $line, Amount $every, int $at, ?int $count, ?int $goesOn = null): array
    {
        $found = [];
        foreach ($line->times($line->past($at, 'from', 'starting', 'at', 'beginning')) as $start) {
            $next = $line->past($goesOn ?? $start->next, ',', ':', '-');
            $until = $line->after($next, 'until', 'till', 'to', 'up to', 'as far as');
            if ($until > 0) {
                foreach ($line->times($until) as $end) {
                    if ($line->endsAt($end->next)) {
                        $found[] = Series::until($every, $start->time, $end->time);
                    }
                }
                continue;
            }
            $said = $this->times($line, $next);
            if ($line->endsAt($said[1] ?? $next)) {
                $many = $said[0] ?? $count;
                if (null === $many) {
                    $line->notes[] = new Note('the-first-few', \sprintf('It is not said how many: these are the first %d.', Series::USUAL));
                }
                $found[] = Series::counted($every, $start->time, $many ?? Series::USUAL);
            }
        }

        return $found;
    }

    /** @return array{?int, int} how many of them, where it is said first: "the first 5 times", and the place after it */
    private function first(TypedLine $line, int $at): array
    {
        $first = $line->after($line->past($at, 'list', 'the', 'all', 'write'), 'first', 'next');
        $number = 0 === $first ? null : NumberWords::orDigitsAt($line->words, $first);

        return null === $number
            ? [null, $line->past($at, 'list', 'the', 'times', 'all', 'of', ',', ':')]
            : [$number[0], $line->past($number[1], 'times', 'of', 'them', ',', ':')];
    }

    /** @return array{int, int}|null "5 times", "the first five", and the place after it */
    private function times(TypedLine $line, int $at): ?array
    {
        $first = $line->past($at, 'the', 'first', 'next', '(');
        $number = NumberWords::orDigitsAt($line->words, $first);

        return null === $number ? null : [$number[0], $line->past($number[1], 'times', 'of', 'them', ')')];
    }

    /** @return array{Amount, int}|null "every 12 min", "every hour", "each quarter of an hour", and the place after it */
    private function every(TypedLine $line, int $at): ?array
    {
        $after = $line->after($at, 'every', 'each');
        if (0 === $after) {
            return null;
        }
        $length = $line->length($after);
        if (null !== $length) {
            return [$length->amount, $length->next];
        }
        $unit = $line->words->unit($after);

        return Unit::Hour === $unit || Unit::Minute === $unit ? [Amount::of(AmountPart::whole(1, $unit)), $after + 1] : null;
    }
}
