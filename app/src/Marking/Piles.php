<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Api\CannotBeHad;
use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\Classrooms;
use Rostik\App\Sheet\CopySets;
use Rostik\App\Sheet\Question;
use Rostik\App\Sheet\QuestionText;
use Rostik\App\Sheet\Sheet;
use Rostik\App\Sheet\SheetRepository;
use Rostik\App\Sheet\Sheets;
use Rostik\App\Sheet\SheetSettings;
use Rostik\Core\Marking\Written;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Uuid;

/** The piles of a teacher: begun, marked, put away and brought back. */
final readonly class Piles
{
    /** The most that one teacher has. */
    private const MOST = 2000;

    public function __construct(
        private EntityManagerInterface $entities,
        private ClockInterface $clock,
        private Classrooms $classrooms,
        private Sheets $sheets,
        private SheetRepository $repository,
        private CopySets $sets,
        private PileJudging $judging,
        /** @var iterable<WhenMarked> */
        #[AutowireIterator(WhenMarked::class)]
        private iterable $whenMarked,
    ) {
    }

    /** @return list<PileLineReply> those of the teacher and of her classes, the last written first */
    public function all(Teacher $teacher): array
    {
        $classes = array_map(static fn (Classroom $class): string => $class->id()->toBinary(), $this->classrooms->of($teacher));
        $query = $this->entities->createQueryBuilder()
            ->select('p', 'c')
            ->from(Pile::class, 'p')
            ->leftJoin('p.classroom', 'c')
            ->where('p.deletedAt IS NULL')
            ->andWhere([] === $classes ? 'p.owner = :teacher AND p.classroom IS NULL' : '(p.owner = :teacher AND p.classroom IS NULL) OR p.classroom IN (:classes)')
            ->setParameter('teacher', $teacher->id(), 'uuid')
            ->orderBy('p.onDay', 'DESC')
            ->addOrderBy('p.id', 'DESC');
        if ([] !== $classes) {
            $query->setParameter('classes', $classes, ArrayParameterType::BINARY);
        }
        /** @var list<Pile> $piles */
        $piles = $query->getQuery()->getResult();
        $counted = $this->counted($piles);

        return array_map(static fn (Pile $pile): PileLineReply => new PileLineReply(
            $pile->id()->toRfc4122(),
            $pile->title(),
            $pile->onDay()->format('Y-m-d'),
            $pile->classroom()?->name() ?? '',
            ...($counted[$pile->id()->toBinary()] ?? [0, 0]),
        ), $piles);
    }

    /**
     * Those of a class that were written since that day.
     *
     * @return array<string, PileLineReply> by the id of the sheet that was marked, or else of the pile; the last written first
     */
    public function ofClass(Classroom $class, \DateTimeImmutable $since): array
    {
        /** @var list<Pile> $piles */
        $piles = $this->entities->createQueryBuilder()
            ->select('p', 'r')
            ->from(Pile::class, 'p')
            ->leftJoin('p.parts', 'r')
            ->where('p.deletedAt IS NULL')
            ->andWhere('p.classroom = :class')
            ->andWhere('p.onDay >= :since')
            ->setParameter('class', $class->id(), 'uuid')
            ->setParameter('since', $since, Types::DATE_IMMUTABLE)
            ->orderBy('p.onDay', 'DESC')
            ->addOrderBy('p.id', 'DESC')
            ->getQuery()
            ->getResult();
        $counted = $this->counted($piles);
        $bySheet = [];
        foreach ($piles as $pile) {
            $line = new PileLineReply($pile->id()->toRfc4122(), $pile->title(), $pile->onDay()->format('Y-m-d'), $class->name(), ...($counted[$pile->id()->toBinary()] ?? [0, 0]));
            foreach ($pile->parts() as $part) {
                $bySheet[$part->sheet()?->toRfc4122() ?? $line->id] ??= $line;
            }
        }

        return $bySheet;
    }

    /**
     * How many papers there are in each, and on how many something is marked; counted by the database, so that a year's piles are
     * listed as quickly as one.
     *
     * @param list<Pile> $piles
     *
     * @return array<string, array{int, int}> by the id of the pile
     */
    private function counted(array $piles): array
    {
        if ([] === $piles) {
            return [];
        }
        $counted = [];
        $rows = $this->entities->getConnection()->executeQuery(
            "SELECT pile_id, COUNT(*) AS papers, SUM(paper.mark <> CRC32('[]')) AS marked FROM paper LEFT JOIN child ON child.id = paper.child_id WHERE absent = 0 AND child.deleted_at IS NULL AND pile_id IN (?) GROUP BY pile_id",
            [array_map(static fn (Pile $pile): string => $pile->id()->toBinary(), $piles)],
            [ArrayParameterType::BINARY],
        );
        foreach ($rows->iterateNumeric() as [$id, $papers, $marked]) {
            if (\is_string($id) && is_numeric($papers) && is_numeric($marked)) {
                $counted[$id] = [(int) $papers, (int) $marked];
            }
        }

        return $counted;
    }

    /** @throws NotFoundHttpException for what there is not, and for what is somebody else's, which is the same */
    public function get(Teacher $teacher, string $id, bool $evenDeleted = false): Pile
    {
        $pile = Uuid::isValid($id) ? $this->entities->find(Pile::class, Uuid::fromString($id)) : null;
        if (null === $pile || !$pile->isFor($teacher) || ($pile->isDeleted() && !$evenDeleted)) {
            throw new NotFoundHttpException();
        }
        $this->classrooms->load($pile->children());

        return $pile;
    }

    public function begin(Teacher $teacher, BeginPileRequest $wanted): Pile
    {
        if ($this->entities->getRepository(Pile::class)->count(['owner' => $teacher]) >= self::MOST) {
            throw new CannotBeHad(\sprintf('You have %d piles already. Delete some that are not needed; what was deleted counts until it is gone for good.', self::MOST));
        }
        $sheet = null === $wanted->sheetId ? null : $this->sheets->get($wanted->sheetId, evenDeleted: null !== $wanted->set);
        $class = $sheet?->classroom() ?? $this->classrooms->inHand($teacher);
        $now = $this->clock->now();
        $title = trim($wanted->title);
        $pile = new Pile($teacher, $class, '' === $title ? $sheet?->title() ?? 'Read out' : $title, null === $wanted->on ? $now : new \DateTimeImmutable($wanted->on), $now);
        // set once, it is so for the next pile
        $last = $this->entities->getRepository(Pile::class)->findOneBy(['owner' => $teacher], ['id' => 'DESC']);
        $pile->set(null, null, null, $last?->doesNearlyCount());
        $sheets = null === $sheet ? [] : (null === $wanted->set ? $this->repository->family($sheet) : [$sheet]);
        foreach ([] === $sheets && null !== $sheet ? [$sheet] : $sheets as $i => $one) {
            $pile->add(new PilePart($pile, $i, $one->id(), $one->settings(), $one->settings()->printed(array_map(static fn (Question $q): QuestionText => $q->text(), $one->questions()))));
        }
        if (null === $sheet) {
            $lines = array_values(array_filter(array_map(trim(...), $wanted->questions), static fn (string $line): bool => '' !== $line));
            $pile->add(new PilePart($pile, 0, null, new SheetSettings(), array_map(self::line(...), $lines)));
        }
        if ([] === array_merge(...array_map(static fn (PilePart $part): array => $part->questions(), $pile->parts()))) {
            throw new CannotBeHad('There are no questions to mark yet. Put some on the sheet, or type those that were read out.');
        }
        $this->layPapers($pile, $sheet, $wanted, $class);
        $this->entities->persist($pile);
        $this->entities->flush();

        return $pile;
    }

    /** A problem in words has its sum behind it in brackets. */
    private static function line(string $line): QuestionText
    {
        return 1 === preg_match('/^(.*[a-z].*\S)\s*\[([^\[\]]{1,300})\]\s*$/is', $line, $apart) ? new QuestionText($apart[2], $apart[1]) : new QuestionText(mb_substr($line, 0, 300));
    }

    /** A paper for each copy; for each child of the class; or so many with numbers. */
    private function layPapers(Pile $pile, ?Sheet $sheet, BeginPileRequest $wanted, ?Classroom $class): void
    {
        if (null !== $wanted->set && null !== $sheet) {
            foreach ($this->sets->copies($sheet, $wanted->set) as $i => $copy) {
                $pile->lay(new Paper($pile, $i, $copy->child(), $copy->code(), 0, $sheet->settings()->printed($copy->questions()), $copy->moved()));
            }

            return;
        }
        $children = $class?->children() ?? [];
        for ($i = 0; $i < (\count($children) ?: $wanted->count); ++$i) {
            $pile->lay(new Paper($pile, $i, $children[$i] ?? null));
        }
    }

    /**
     * Keeps marks: all of them, or none.
     *
     * @return CellsReply with what was marked since the sender's revision, by whomever
     *
     * @throws NotFoundHttpException when there is no such pile, or a paper is none of it
     */
    public function mark(Teacher $teacher, string $id, CellsRequest $wanted): CellsReply
    {
        return $this->entities->wrapInTransaction(function () use ($teacher, $id, $wanted): CellsReply {
            if (Uuid::isValid($id)) {
                // one at a time, and looked at only then: two windows on one pile lose nothing of each other
                $this->entities->getConnection()->executeQuery('SELECT id FROM pile WHERE id = ? FOR UPDATE', [Uuid::fromString($id)->toBinary()]);
            }
            $pile = $this->get($teacher, $id);
            $papers = [];
            foreach ($pile->papers() as $paper) {
                $papers[$paper->id()->toRfc4122()] = $paper;
            }
            $children = [];
            $revision = [] === $wanted->cells ? $pile->revision() : $pile->revise();
            foreach ($wanted->cells as $cell) {
                $paper = $papers[strtolower($cell->paper)] ?? throw new NotFoundHttpException();
                $paper->mark($cell->question, new Written(trim($cell->given), $cell->sign, $cell->over), $revision);
                $child = Child::there($paper->child());
                $children += null === $child ? [] : [$child->id()->toRfc4122() => $child];
            }
            $this->entities->flush();
            foreach ([] === $children ? [] : $this->whenMarked as $room) {
                $room->marked(...array_values($children));
            }

            return new CellsReply($revision, $this->judging->cellsSince($pile, $wanted->since));
        });
    }

    public function change(Pile $pile, PileRequest $wanted): void
    {
        $pile->set(null === $wanted->title ? null : trim($wanted->title), null === $wanted->on ? null : new \DateTimeImmutable($wanted->on), $wanted->byChildren, $wanted->nearlyCounts);
        $this->entities->flush();
    }

    /** @throws NotFoundHttpException */
    public function changePaper(Pile $pile, string $id, PaperRequest $wanted): void
    {
        foreach ($pile->papers() as $paper) {
            if ($paper->id()->toRfc4122() === strtolower($id)) {
                $paper->set($wanted->absent, null !== $wanted->part && isset($pile->parts()[$wanted->part]) ? $wanted->part : null);
                $pile->revise();
                $this->entities->flush();

                return;
            }
        }
        throw new NotFoundHttpException();
    }

    public function delete(Pile $pile, bool $away): void
    {
        $pile->delete($away ? $this->clock->now() : null);
        $this->entities->flush();
    }
}
