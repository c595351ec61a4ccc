<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\DateReader;
use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\LengthReader;
use Rostik\Core\Notation\TimeReader;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\DateMove;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;

/** 12 March 2027 + 3 weeks; also "10 days after Friday 4 June", "what date is 3 weeks before 2027-03-12?". */
final class DateMoveForm implements Form
{
    use UsualWording;

    private const ASIDES = '(?:(?:what|which)\s+(?:date|day)\s+(?:is|was|will\s+(?:it\s+)?be)(?:\s+it)?,?\s+)?';

    public static function sums(): array
    {
        return [DateMove::class];
    }

    public static function precedence(): int
    {
        return 150;
    }

    public function read(TypedLine $line): array
    {
        if (!DateReader::mayBeIn($line->typed)) {
            return [];
        }
        $text = DateReader::evened($line->typed);
        if (1 === preg_match('/^'.self::ASIDES.'('.DateReader::DATE.')\s*,?\s*(\+|-|plus|minus|and then|less)\s*(.+)$/', $text, $m)) {
            return self::found($m[1], $m[3], \in_array($m[2], ['-', 'minus', 'less'], true) ? -1 : 1);
        }
        if (1 === preg_match('/^'.self::ASIDES.'('.DateReader::DATE.')\s*,\s*(.+?)\s+(later|on|earlier|before|ago)$/', $text, $m)) {
            return self::found($m[1], $m[2], \in_array($m[3], ['later', 'on'], true) ? 1 : -1);
        }
        if (1 === preg_match('/^'.self::ASIDES.'(.+?)\s+(after|from|later than|before|earlier than)\s+('.DateReader::DATE.')$/', $text, $m)) {
            return self::found($m[3], $m[1], \in_array($m[2], ['before', 'earlier than'], true) ? -1 : 1);
        }

        return [];
    }

    /**
     * @return list<Sum>
     *
     * @throws \Rostik\Core\Sum\CannotBeDone
     */
    private static function found(string $date, string $length, int $direction): array
    {
        $amount = self::length($length);
        if (null === $amount) {
            return [];
        }

        return array_map(static fn ($start): Sum => $direction > 0 ? DateMove::later($start, $amount) : DateMove::earlier($start, $amount), DateReader::read($date));
    }

    private static function length(string $text): ?Amount
    {
        $line = new TypedLine(trim($text), new TimeReader(), new LengthReader());
        $reading = $line->length(0);

        return null !== $reading && $line->endsAt($reading->next) ? $reading->amount : null;
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof DateMove ? $writer->date($sum->start).($sum->direction > 0 ? ' + ' : ' '.$writer->minus().' ').$writer->amount($sum->length) : '';
    }

    public function put(Sum $sum, Writer $writer): string
    {
        return $sum instanceof DateMove ? \sprintf('What date is %s %s %s?', $writer->amount($sum->length), $sum->direction > 0 ? 'after' : 'before', $writer->date($sum->start)) : '';
    }
}
