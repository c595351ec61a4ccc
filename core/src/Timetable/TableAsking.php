<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Level;

/** Questions about a timetable that were made before: asked again, or others in their place. */
final readonly class TableAsking
{
    public function __construct(private Kinds $kinds, private QuestionMaker $maker, private CausewayMaker $causeways)
    {
    }

    /**
     * @param string    $text  as {@see TableLine} is kept
     * @param ?AnyTable $table null where there is none
     *
     * @throws NoSuchQuestion with what is missing, in a sentence
     */
    public function ask(string $text, ?AnyTable $table, Writer $writer): TableQuestion
    {
        $line = TableLine::read($text) ?? throw NoSuchQuestion::unreadable();
        if ($table instanceof TideTable) {
            return $this->causeways->pose($line->kind, $table, $line->with, $writer);
        }
        if (!$table instanceof ServiceTable) {
            throw NoSuchQuestion::noTable();
        }
        $kind = $this->kinds->kind($line->kind) ?? throw NoSuchQuestion::noKind($line->kind);

        return $this->maker->withMistakes($kind->pose($table, $line->with, $writer), $writer);
    }

    /** The rung that a line belongs to; null for one that is no question about a timetable. */
    public function rung(string $text): ?string
    {
        return $this->kinds->kind(TableLine::read($text)->kind ?? '')?->rung();
    }

    /** @return list<string> ids of the rungs that there are questions for */
    public function rungs(): array
    {
        return array_values(array_unique(array_map(static fn (Kind $kind): string => $kind->rung(), $this->kinds->all)));
    }

    /**
     * Others of the same kind about the same table.
     *
     * @param array<string, true> $taken lines that are not to come again
     *
     * @return list<TableLine> at most so many; fewer where the table has no more
     */
    public function others(TableLine $line, AnyTable $table, Level $level, int $count, int $seed, array $taken): array
    {
        // only those of the kind could be drawn again
        return $this->draw($table, $level, $count, $seed, [$line->kind], array_filter($taken, static fn (string $other): bool => $line->kind === TableLine::read($other)?->kind, \ARRAY_FILTER_USE_KEY));
    }

    /**
     * @param string $rung that the questions are to exercise; of the level where it has such, otherwise of any
     *
     * @return list<TableLine> at most so many
     */
    public function forRung(string $rung, AnyTable $table, Level $level, int $count, int $seed): array
    {
        $of = array_filter($this->kinds->all, static fn (Kind $kind): bool => $kind->rung() === $rung);
        $at = array_filter($of, static fn (Kind $kind): bool => \in_array($level, $kind->levels(), true));

        return $this->draw($table, $level, $count, $seed, array_keys([] === $at ? $of : $at));
    }

    /**
     * @param ?list<string>       $kinds ids; null for those of the level
     * @param array<string, true> $taken lines that are not to come again
     *
     * @return list<TableLine> at most so many; fewer where the table has no more
     */
    public function draw(AnyTable $table, Level $level, int $count, int $seed, ?array $kinds, array $taken = []): array
    {
        $wanted = $count + \count($taken);
        $made = match (true) {
            $table instanceof ServiceTable => $this->maker->make($table, $level, $wanted, $seed, $kinds),
            $table instanceof TideTable => $this->causeways->make($table, $level, $wanted, $seed, null, $kinds),
            default => [],
        };
        $lines = array_map(TableLine::of(...), $made);

        return \array_slice(array_values(array_filter($lines, static fn (TableLine $line): bool => !isset($taken[$line->write()]))), 0, $count);
    }
}
