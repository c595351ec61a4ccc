<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\DateReader;
use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\DateOrder;
use Rostik\Core\Sum\Sum;

/** order 3 May 2027, 12 March 2027, 21 May 2026; also "put in order, latest first: …". */
final class DateOrderForm implements Form
{
    use UsualWording;

    public static function sums(): array
    {
        return [DateOrder::class];
    }

    public static function precedence(): int
    {
        return 147;
    }

    public function read(TypedLine $line): array
    {
        if (!DateReader::mayBeIn($line->typed)) {
            return [];
        }
        $text = DateReader::evened($line->typed);
        if (1 !== preg_match('/^(?:put|place|arrange|sort|list)?\s*(?:these |the )?(?:dates )?(?:in order|order|sort)?(?: of date)?,?\s*((?:latest|last|earliest|first|start(?:ing)? with the (?:latest|earliest))(?: first)?)?\s*[:,]?\s*('.DateReader::DATE.'(?:(?:\s*[,;]\s*(?:and\s+)?|\s+and\s+)'.DateReader::DATE.')+)(?:,?\s*(latest|earliest) first)?$/', $text, $m) || 1 !== preg_match('/^(?:order|sort|put|place|arrange|list|in order)\b/', $text)) {
            return [];
        }
        preg_match_all('/'.DateReader::DATE.'/', $m[2], $pieces);
        $dates = [];
        foreach ($pieces[0] as $piece) {
            // a list is read in one way only: the day first, as all of its other dates
            $read = DateReader::read($piece);
            if ([] === $read) {
                return [];
            }
            $dates[] = $read[0];
        }

        return [DateOrder::of($dates, str_contains($m[1].($m[3] ?? ''), 'latest') || str_starts_with($m[1], 'last'))];
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof DateOrder ? 'order '.($sum->descends ? 'latest first: ' : '').self::listed($sum, $writer) : '';
    }

    public function put(Sum $sum, Writer $writer): string
    {
        return $sum instanceof DateOrder ? 'Put in order'.($sum->descends ? ', latest first' : '').': '.self::listed($sum, $writer) : '';
    }

    public function claim(Sum $sum, string $answer, Writer $writer): string
    {
        return $sum instanceof DateOrder ? 'In order'.($sum->descends ? ', latest first' : '').': '.$answer : '';
    }

    public function solved(Sum $sum, Answer $answer, Writer $writer): string
    {
        return 'in order: '.$writer->answer($answer);
    }

    private static function listed(DateOrder $sum, Writer $writer): string
    {
        // a date that begins with its month has a comma in it already
        return implode($writer->style->monthFirst ? '; ' : ', ', array_map($writer->date(...), $sum->dates));
    }
}
