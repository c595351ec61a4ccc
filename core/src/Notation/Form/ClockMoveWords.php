<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\LengthReading;
use Rostik\Core\Notation\TimeReading;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\StatedTime;

/** What "later" and "earlier" share in writing: a time and a length, joined in one of several ways. */
final readonly class ClockMoveWords
{
    /**
     * @param list<string>                $join   between time and length: "+"
     * @param list<string>                $turned between length and time: "after"
     * @param list<string>                $end    after time and length: "later"
     * @param array<string, list<string>> $verbs  before length and time, with what stands between them: "add" … "to"
     * @param list<string>                $asked  before the length alone, after a time and a full stop: "in"
     * @param bool                        $onward whether it goes on, and not back
     */
    public function __construct(private array $join, private array $turned, private array $end, private array $verbs, private array $asked = [], private bool $onward = false)
    {
    }

    /** Whether a sum of the two has to be worked to the second. */
    public static function toTheSecond(StatedTime $time, Amount $length): bool
    {
        return null !== $time->second || (Chain::Clock === $length->duration->chain && !$length->duration->isWholeMinutes());
    }

    /** @return list<array{TimeReading, LengthReading}> */
    public function read(TypedLine $line): array
    {
        $verb = $this->byVerb($line);

        return [] !== $verb ? $verb : [...$this->straight($line), ...$this->turned($line)];
    }

    /** @return list<array{TimeReading, LengthReading}> */
    private function straight(TypedLine $line): array
    {
        $found = [];
        foreach ($line->times($line->start) as $time) {
            if ($time->bare) {
                continue;
            }
            $after = $line->after($time->next, ...$this->join);
            if (0 === $after && $line->words->is($time->next, ',')) {
                $after = $line->after($time->next + 1, ...$this->join);
            }
            $at = 0 !== $after ? $after : $line->past($time->next, ',', ';');
            if (0 === $after && [] !== $this->asked && $at < $asides = $line->pastAsides($at)) {
                // it is 7:35. What time will it be in 3 hours?
                $at = $asides;
                $after = $line->after($at, ...$this->asked);
                $at = 0 !== $after ? $after : $at;
            } elseif (0 === $after) {
                $at = $line->pastAsides($at);
            }
            $length = $line->length($at);
            if (null === $length) {
                continue;
            }
            $close = $line->after($length->next, ...$this->end);
            if ($line->words->is($length->next, 'ago') && $this->wasThen($line, $time->next, $at) !== $this->onward) {
                continue;
            }
            if ((0 !== $after || 0 !== $close) && $line->endsAt(max($length->next, $close))) {
                $found[] = [$time, $length];
            }
        }

        return $found;
    }

    /** Whether the time is the one that was so long ago ("it was 9 am 20 min ago"), and not the one from which it is told. */
    private function wasThen(TypedLine $line, int $after, int $length): bool
    {
        $was = false;
        for ($i = 0; $i < $length; ++$i) {
            if ($i >= $line->start && $i < $after) {
                continue;
            }
            if ($i >= $after && $line->words->is($i, 'what')) {
                return false;
            }
            $was = $was || $line->words->is($i, 'was');
        }

        return $was;
    }

    /** @return list<array{TimeReading, LengthReading}> */
    private function turned(TypedLine $line): array
    {
        $found = [];
        $length = $line->length($line->past($line->start, 'in'));
        $after = null === $length ? 0 : $line->after($length->next, ...$this->turned);
        $after = 0 === $after ? 0 : $line->past($after, 'it', 'is', 'now', 'was');
        if (null === $length || 0 === $after) {
            return [];
        }
        foreach ($line->times($after) as $time) {
            if ($line->endsAt($time->next) && (!$time->bare || !$line->words->is($after - 1, '+', 'from'))) {
                $found[] = [$time, $length];
            }
        }

        return $found;
    }

    /** @return list<array{TimeReading, LengthReading}> */
    private function byVerb(TypedLine $line): array
    {
        $found = [];
        foreach ($this->verbs as $verb => $between) {
            $after = $line->after($line->start, (string) $verb);
            $length = 0 === $after ? null : $line->lengthBeforeTo($line->past($after, ':', 'away'));
            $after = null === $length ? 0 : $line->after($length->next, ...$between);
            foreach (0 === $after ? [] : $line->times($after) as $time) {
                if (null !== $length && !$time->bare && $line->endsAt($time->next)) {
                    $found[] = [$time, $length];
                }
            }
        }

        return $found;
    }
}
