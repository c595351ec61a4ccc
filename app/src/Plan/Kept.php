<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Rostik\App\Storage\Values;

/** How plans stand in the database, and how they are read from there. */
final readonly class Kept
{
    public function __construct(private Values $values)
    {
    }

    public function course(Course $course): CourseText
    {
        $kept = $course->wanted();
        $lists = ['wanted' => [], 'had' => [], 'week' => [], 'off' => []];
        $plain = $this->values->read(CourseText::class, array_diff_key($kept, $lists));

        return new CourseText(
            self::words($kept['wanted'] ?? null),
            self::words($kept['had'] ?? null),
            array_map(fn (array $one): WeeklyText => $this->values->read(WeeklyText::class, $one), self::arrays($kept['week'] ?? null)),
            $plain->first,
            $plain->lessons,
            array_map(fn (array $one): DaysOffText => $this->values->read(DaysOffText::class, $one), self::arrays($kept['off'] ?? null)),
            $plain->seed,
        );
    }

    /** @return array<string, mixed> */
    public function write(object $value): array
    {
        return $this->values->write($value);
    }

    /** @return list<PartText> */
    public function parts(PlannedLesson $lesson): array
    {
        return array_map(fn (array $one): PartText => $this->values->read(PartText::class, $one), self::arrays($lesson->parts()));
    }

    /**
     * @param list<PartText> $parts
     *
     * @return list<array<string, mixed>>
     */
    public function writeParts(array $parts): array
    {
        return array_map($this->values->write(...), $parts);
    }

    /** @return list<string> */
    private static function words(mixed $kept): array
    {
        return array_values(array_filter(\is_array($kept) ? $kept : [], is_string(...)));
    }

    /** @return list<array<mixed>> */
    private static function arrays(mixed $kept): array
    {
        return array_values(array_filter(\is_array($kept) ? $kept : [], is_array(...)));
    }
}
