<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Kind;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;
use Rostik\Core\Timetable\Asked;
use Rostik\Core\Timetable\Cell;
use Rostik\Core\Timetable\Kind;
use Rostik\Core\Timetable\Misreading;
use Rostik\Core\Timetable\NoSuchQuestion;
use Rostik\Core\Timetable\Service;
use Rostik\Core\Timetable\ServiceTable;
use Rostik\Core\Timetable\TableAnswer;
use Rostik\Core\Timetable\TableDice;
use Rostik\Core\Timetable\TableQuestion;
use Rostik\Core\Timetable\TableStep;
use Rostik\Core\Timetable\With;

/** Which service takes longest between two stops. */
final class Longest implements Kind
{
    /** More than these nobody compares. */
    private const MOST = 20;

    public static function precedence(): int
    {
        return 70;
    }

    public function id(): string
    {
        return 'longest';
    }

    public function said(): string
    {
        return 'which takes longest';
    }

    public function rung(): string
    {
        return 'timetable-how-long';
    }

    public function levels(): array
    {
        return [Level::Core, Level::Stretch];
    }

    public function draw(ServiceTable $table, Level $level, Dice $dice): ?With
    {
        $drawn = new TableDice($table, $level, $dice);
        $ride = $drawn->ride();

        return null === $ride ? null : new With(from: $table->stops[$ride->from], to: $table->stops[$ride->to], day: $drawn->day);
    }

    public function pose(ServiceTable $table, With $with, Writer $writer): TableQuestion
    {
        $asked = new Asked($table, $with, $writer);
        [$from, $to] = [$asked->stop($with->from), $asked->stop($with->to)];
        $lengths = self::lengths($asked->running(), $from, $to);
        if (\count($lengths) < 2 || \count($lengths) > self::MOST || min($lengths) < 1) {
            throw NoSuchQuestion::needs('some services to compare');
        }
        $longest = self::only($lengths) ?? throw NoSuchQuestion::several();
        $sums = [];
        $said = [];
        $cells = [];
        foreach (array_keys($lengths) as $number) {
            $service = $asked->service($number);
            $sums[] = $asked->elapsed((int) $service->leaves($from), (int) $service->arrives($to));
            $said[] = \sprintf('%s: %s', $asked->time((int) $service->leaves($from)), $asked->length($lengths[$number]));
            array_push($cells, new Cell($from, $number), new Cell($to, $number));
        }
        $answer = static fn (?int $number): ?TableAnswer => null === $number ? null : new TableAnswer('the '.$asked->time((int) $table->service($number)?->leaves($from)), $number, $number, $table->service($number)?->leaves($from));
        $asked->called($longest, $from);
        $hundreds = self::only(array_map(static fn (int $number): int => self::inHundreds((int) $table->service($number)?->arrives($to)) - self::inHundreds((int) $table->service($number)?->leaves($from)), array_combine(array_keys($lengths), array_keys($lengths))));
        $rows = [];
        foreach ([$to + 1, $to - 1] as $row) {
            $rows[] = $row > $from ? self::only(self::lengths($asked->running(), $from, $row)) : null;
        }

        return $asked->question($this, \sprintf('Which %s takes longest from %s to %s?', $asked->vehicle(), $asked->name($from), $asked->name($to)), $answer($longest) ?? throw NoSuchQuestion::several(), $sums, [
            new TableStep(\sprintf('Two rows are needed: %s and %s.', $asked->name($from), $asked->name($to)), [new Cell($from, null), new Cell($to, null)]),
            new TableStep('Work out how long each takes. '.implode('; ', $said).'.', [new Cell($from, null), new Cell($to, null)], $cells),
            new TableStep(\sprintf('The longest is %s: %s.', $asked->length($lengths[$longest]), $asked->called($longest, $from)), [new Cell(null, $longest)], [new Cell($from, $longest), new Cell($to, $longest)]),
        ], [
            Misreading::NextColumn->value => $answer($asked->neighbour($longest, $from, $to)),
            'hundred-minutes' => $answer($hundreds),
            Misreading::WrongRow->value => $answer($rows[0] ?? $rows[1]),
        ]);
    }

    /**
     * @param array<int, Service> $services
     *
     * @return array<int, int> minutes, by number of the service
     */
    private static function lengths(array $services, int $from, int $to): array
    {
        $lengths = [];
        foreach ($services as $number => $service) {
            if ($service->links($from, $to)) {
                $lengths[$number] = (int) $service->arrives($to) - (int) $service->leaves($from);
            }
        }

        return $lengths;
    }

    /**
     * Which is the longest; null where several are.
     *
     * @param array<int, int> $lengths by number of the service
     */
    private static function only(array $lengths): ?int
    {
        $longest = [] === $lengths ? [] : array_keys($lengths, max($lengths), true);

        return 1 === \count($longest) ? $longest[0] : null;
    }

    /** A time read as a whole number, as if an hour had a hundred minutes. */
    private static function inHundreds(int $minutes): int
    {
        return 100 * intdiv($minutes, 60) + $minutes % 60;
    }
}
