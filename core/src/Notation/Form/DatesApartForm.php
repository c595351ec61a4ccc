<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\DateReader;
use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\DatesApart;
use Rostik\Core\Sum\Sum;

/** 3 May 2027 to 21 May 2027 in days; also "how many weeks and days are there from … to …?", "…, both ends counted". */
final class DatesApartForm implements Form
{
    use UsualWording;

    private const ENDS = '(?:,?\s*(?:counting |with |including )?(?:both (?:ends|days|dates)(?: (?:are )?(?:counted|included))?|inclusive|the first and the last(?: day)?(?: (?:are )?counted)?))';

    public static function sums(): array
    {
        return [DatesApart::class];
    }

    public static function precedence(): int
    {
        return 149;
    }

    public function read(TypedLine $line): array
    {
        if (!DateReader::mayBeIn($line->typed)) {
            return [];
        }
        $text = DateReader::evened($line->typed);
        $units = '(?<%s>days|nights|weeks(?: and days| days)?)';
        if (1 !== preg_match('/^(?:how (?:many '.\sprintf($units, 'many').'|long)(?: (?:is it|are there|is there|is that|lie))?,?\s+)?(?:'.\sprintf($units, 'before').'\s+)?(?<between>between\s+|from\s+)?(?<start>'.DateReader::DATE.')\s*(?<to>to|until|till|-|and)\s*(?<end>'.DateReader::DATE.')(?:,?\s+in '.\sprintf($units, 'unit').')?(?<both>'.self::ENDS.')?$/', $text, $m)) {
            return [];
        }
        $between = trim($m['between']);
        if (('and' === $m['to']) !== ('between' === $between)) {
            return [];
        }
        $unit = $m['many'].$m['before'].($m['unit'] ?? '');
        $found = [];
        $refused = null;
        foreach (DateReader::read($m['start']) as $start) {
            foreach (DateReader::read($m['end']) as $end) {
                try {
                    $found[] = DatesApart::of($start, $end, '' !== ($m['both'] ?? ''), str_starts_with($unit, 'weeks'));
                } catch (CannotBeDone $no) {
                    $refused ??= $no;
                }
            }
        }

        return [] === $found && null !== $refused ? throw $refused : $found;
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof DatesApart ? \sprintf('%s to %s in %s%s', $writer->date($sum->start), $writer->date($sum->end), $sum->inWeeks ? 'weeks and days' : 'days', $sum->bothEnds ? ', both ends counted' : '') : '';
    }

    public function solved(Sum $sum, Answer $answer, Writer $writer): ?string
    {
        return $sum instanceof DatesApart ? \sprintf('%s to %s%s = %s', $writer->date($sum->start), $writer->date($sum->end), $sum->bothEnds ? ', both ends counted,' : '', $writer->answer($answer)) : null;
    }

    public function put(Sum $sum, Writer $writer): string
    {
        return $sum instanceof DatesApart ? \sprintf('How many %s is it from %s to %s%s?', $sum->inWeeks ? 'weeks and days' : 'days', $writer->date($sum->start), $writer->date($sum->end), $sum->bothEnds ? ', both counted' : '') : '';
    }

    public function claim(Sum $sum, string $answer, Writer $writer): string
    {
        return $sum instanceof DatesApart ? \sprintf('From %s to %s%s it is %s', $writer->date($sum->start), $writer->date($sum->end), $sum->bothEnds ? ', both counted,' : '', $answer) : '';
    }
}
