<?php

declare(strict_types=1);

namespace Rostik\App\Search;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\Classrooms;
use Rostik\App\Plan\PlannedLesson;
use Rostik\App\Plan\Plans;
use Rostik\App\Sheet\Sheet;
use Rostik\App\Timetable\Timetable;
use Rostik\Core\Activity\Activities;
use Symfony\Component\Uid\Uuid;

/** Finds what is the teacher's own by words in it: every word has to be there, in any order. */
final readonly class Searching
{
    public const LONGEST = 80;

    /** So many of each kind. */
    private const EACH = 6;

    /** Of what is typed so many words count. */
    private const WORDS = 6;

    public function __construct(private EntityManagerInterface $entities, private Classrooms $classrooms, private Plans $plans, private Activities $activities)
    {
    }

    /** @return list<FoundReply> lessons, sheets, problems, timetables, activities, children */
    public function find(Teacher $teacher, string $typed): array
    {
        $words = \array_slice(array_values(array_filter(explode(' ', mb_strtolower(trim(preg_replace('/\s+/u', ' ', $typed) ?? ''))), static fn (string $word): bool => '' !== $word)), 0, self::WORDS);
        if ([] === $words) {
            return [];
        }
        $classes = $this->classrooms->of($teacher);

        return [
            ...$this->lessons($classes, $words),
            ...$this->sheets($teacher, $words),
            ...$this->problems($teacher, $words),
            ...$this->timetables($teacher, $words),
            ...$this->games($words),
            ...$this->children($classes, $words),
        ];
    }

    /**
     * @param list<Classroom> $classes
     * @param list<string>    $words
     *
     * @return list<FoundReply>
     */
    private function lessons(array $classes, array $words): array
    {
        $found = [];
        foreach ($classes as $class) {
            foreach (array_reverse($this->plans->lessons($class)) as $lesson) {
                if (self::has($words, $this->plans->title($lesson).' '.$lesson->note())) {
                    $found[] = new FoundReply(FoundKind::Lesson, $lesson->id()->toRfc4122(), $this->plans->title($lesson), $class->name().', '.self::day($lesson));
                }
            }
        }

        return \array_slice($found, 0, self::EACH);
    }

    /**
     * @param list<string> $words
     *
     * @return list<FoundReply>
     */
    private function sheets(Teacher $teacher, array $words): array
    {
        $query = $this->entities->createQueryBuilder()
            ->select('s')
            ->from(Sheet::class, 's')
            ->where('s.owner = :teacher')
            ->andWhere('s.deletedAt IS NULL')
            ->setParameter('teacher', $teacher->id(), 'uuid')
            ->orderBy('s.changedAt', 'DESC')
            ->setMaxResults(self::EACH);
        foreach ($words as $i => $word) {
            $query->andWhere('s.title LIKE :word'.$i)->setParameter('word'.$i, self::like($word));
        }
        /** @var list<Sheet> $sheets */
        $sheets = $query->getQuery()->getResult();

        return array_map(static fn (Sheet $sheet): FoundReply => new FoundReply(FoundKind::Sheet, $sheet->id()->toRfc4122(), $sheet->title(), $sheet->settings()->level->value ?? ''), $sheets);
    }

    /**
     * Questions with their words and sums, on sheets.
     *
     * @param list<string> $words
     *
     * @return list<FoundReply>
     */
    private function problems(Teacher $teacher, array $words): array
    {
        $where = implode(' AND ', array_fill(0, \count($words), 'CONCAT(q.wording, \' \', q.sum) LIKE ?'));
        $rows = $this->entities->getConnection()->executeQuery(
            'SELECT HEX(s.id) AS id, s.title, q.wording AS wording, q.sum AS sum FROM question q JOIN sheet s ON s.id = q.sheet_id WHERE s.owner_id = ? AND s.deleted_at IS NULL AND '.$where.' ORDER BY s.changed_at DESC LIMIT '.self::EACH,
            [$teacher->id()->toBinary(), ...array_map(self::like(...), $words)],
        )->fetchAllAssociative();
        $found = [];
        foreach ($rows as $row) {
            [$id, $title, $wording, $sum] = array_map(static fn (string $name): string => \is_string($row[$name]) ? $row[$name] : '', ['id', 'title', 'wording', 'sum']);
            $uuid = Uuid::fromBinary((string) hex2bin($id));
            $found[] = new FoundReply(FoundKind::Problem, $uuid->toRfc4122(), '' === $wording ? $sum : mb_strimwidth($wording, 0, 120, '…'), $title);
        }

        return $found;
    }

    /**
     * @param list<string> $words
     *
     * @return list<FoundReply>
     */
    private function timetables(Teacher $teacher, array $words): array
    {
        $found = array_filter($this->entities->getRepository(Timetable::class)->findBy(['owner' => $teacher, 'deletedAt' => null], ['title' => 'ASC']), static fn (Timetable $one): bool => self::has($words, $one->title()));

        return array_map(static fn (Timetable $one): FoundReply => new FoundReply(FoundKind::Timetable, $one->id()->toRfc4122(), $one->title(), ''), \array_slice(array_values($found), 0, self::EACH));
    }

    /**
     * @param list<string> $words
     *
     * @return list<FoundReply>
     */
    private function games(array $words): array
    {
        $found = [];
        foreach ($this->activities->ids() as $id) {
            $intro = $this->activities->activity($id)->intro();
            if (self::has($words, $intro->title.' '.$intro->aim)) {
                $found[] = new FoundReply(FoundKind::Activity, $id, $intro->title, $intro->aim);
            }
        }

        return \array_slice($found, 0, self::EACH);
    }

    /**
     * @param list<Classroom> $classes
     * @param list<string>    $words
     *
     * @return list<FoundReply>
     */
    private function children(array $classes, array $words): array
    {
        $found = [];
        foreach ($classes as $class) {
            foreach ($class->children() as $child) {
                if (self::has($words, $child->name())) {
                    $found[] = new FoundReply(FoundKind::Child, $child->id()->toRfc4122(), $child->name(), $class->name());
                }
            }
        }

        return \array_slice($found, 0, self::EACH);
    }

    /** @param list<string> $words in small letters */
    private static function has(array $words, string $text): bool
    {
        $text = mb_strtolower($text);

        return [] === array_filter($words, static fn (string $word): bool => !str_contains($text, $word));
    }

    private static function like(string $word): string
    {
        return '%'.addcslashes($word, '%_\\').'%';
    }

    private static function day(PlannedLesson $lesson): string
    {
        return (new \DateTimeImmutable($lesson->on()))->format('D j F');
    }
}
