<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Api\CannotBeHad;
use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\ClassroomVoter;
use Rostik\App\Evidence\ClassAnswers;
use Rostik\App\Sheet\CopySets;
use Rostik\App\Sheet\Question;
use Rostik\App\Sheet\QuestionRequest;
use Rostik\App\Sheet\QuestionText;
use Rostik\App\Sheet\Sheets;
use Rostik\App\Sheet\SheetSettings;
use Rostik\App\Sheet\SheetTable;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Style;
use Rostik\Core\Question\Setting;
use Rostik\Core\Sheet\Layout;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;
use Rostik\Core\Skill\NoSuchRung;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Timetable\Island;
use Rostik\Core\Timetable\Misreading;
use Rostik\Core\Timetable\TableLine;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Uuid;

/** What teachers do with practices: open, look on, close. */
final readonly class Practices
{
    /** A practice ends at this hour of its day by itself, and not before two hours have gone. */
    private const SCHOOL_DAY_ENDS = 17;

    /** Three looks at one question, or two minutes still; a minute without a word. */
    private const LOOKS = 3;
    private const STILL = 120;
    private const AWAY = 60;

    private const FERRY = 'pintail-summer-out';

    private const LAST_WORD = 'That was good thinking. Well done, and thank you.';

    /** Practices that one teacher keeps. */
    private const MOST = 2000;

    /** Practices of a class that are listed. */
    private const LISTED = 20;

    public function __construct(
        private EntityManagerInterface $entities,
        private ClockInterface $clock,
        private Security $security,
        private Ladder $ladder,
        private Sheets $sheets,
        private ClassAnswers $answers,
        private MistakeBook $book,
        private Questions $questions,
        private CopySets $sets,
        private Island $island,
    ) {
    }

    /** @throws NotFoundHttpException for one of a class that this teacher does not teach */
    public function get(string $id): Practice
    {
        $practice = Uuid::isValid($id) ? $this->entities->find(Practice::class, Uuid::fromString($id)) : null;
        if (null === $practice || $practice->isDeleted() || !$this->security->isGranted(ClassroomVoter::TEACHES, $practice)) {
            throw new NotFoundHttpException();
        }

        return $practice;
    }

    /**
     * @throws CannotBeHad
     * @throws NoSuchRung
     */
    public function open(Teacher $teacher, Classroom $class, OpenPracticeRequest $wanted): Practice
    {
        $now = $this->clock->now();
        $open = $this->entities->createQuery('SELECT COUNT(r.id) FROM '.Practice::class.' r WHERE r.classroom = :class AND r.deletedAt IS NULL AND r.closedAt IS NULL AND r.endsAt > :now')
            ->setParameter('class', $class->id(), 'uuid')
            ->setParameter('now', $now, Types::DATETIME_IMMUTABLE)
            ->getSingleScalarResult();
        if ($open > 0) {
            throw new CannotBeHad('A practice of this class is open already. Close it first.');
        }
        if ($this->entities->getRepository(Practice::class)->count(['owner' => $teacher]) >= self::MOST) {
            throw new CannotBeHad(\sprintf('There are %d practices already. Delete old ones first; what was deleted counts until it is gone for good.', self::MOST));
        }
        $sheet = PracticeOf::Sheet === $wanted->of ? $this->sheets->get($wanted->sheet ?? '') : null;
        $questions = null === $sheet ? null : array_values(array_filter(array_map(static fn (Question $one): QuestionText => $one->text(), $sheet->questions()), static fn (QuestionText $text): bool => '' !== trim($text->sum)));
        if ([] === $questions) {
            throw new CannotBeHad('There is no question on that sheet that can be answered at a tablet.');
        }
        $rungs = match ($wanted->of) {
            PracticeOf::Rungs => array_map(fn (string $id): string => $this->ladder->rung($id)->id, $wanted->rungs),
            PracticeOf::Needs => $this->needs($class),
            PracticeOf::Sheet, PracticeOf::Watch => [],
        };
        if (PracticeOf::Rungs === $wanted->of && [] === $rungs) {
            throw new CannotBeHad('Choose what is to be practised: one line of the ladder at least.');
        }
        // the ferry of the island, where the sheet has no timetable of its own
        $reads = [] !== array_filter($rungs, fn (string $id): bool => Setting::Table === $this->ladder->rung($id)->setting);
        $table = $sheet?->settings()->table ?? ($reads ? SheetTable::of($this->island->table(self::FERRY)) : null);
        $ends = max($now->modify('+2 hours'), $now->setTime(self::SCHOOL_DAY_ENDS, 0));
        $practice = new Practice($class, $teacher, $this->newCode(), $wanted->of, $rungs, $questions, match ($wanted->of) {
            PracticeOf::Needs => 'What each child needs',
            PracticeOf::Rungs => 1 === \count($rungs) ? $this->ladder->rung($rungs[0])->can : \sprintf('%d things from the ladder', \count($rungs)),
            PracticeOf::Sheet => mb_substr((string) $sheet?->title(), 0, 120),
            PracticeOf::Watch => \sprintf('%d seconds, felt', $wanted->target),
        }, match ($wanted->of) {
            PracticeOf::Watch => 0,
            PracticeOf::Sheet => min(40, \count($questions ?? []) + 2),
            default => $wanted->many,
        }, $wanted->signs, $wanted->numbers, $now, $ends, $table, PracticeOf::Watch === $wanted->of ? $wanted->target : null);
        if (PracticeOf::Watch !== $wanted->of) {
            $practice->remember($this->answers->histories($class));
        }
        $this->entities->persist($practice);
        $this->entities->flush();

        return $practice;
    }

    /** @return list<PracticeLineReply> of a class, the last first */
    public function all(Classroom $class): array
    {
        $now = $this->clock->now();
        $lines = [];
        $all = $this->of($class);
        $counts = $this->entities->getConnection()->executeQuery(
            'SELECT s.practice_id, COUNT(*) AS seats, SUM((SELECT COUNT(*) FROM put p WHERE p.seat_id = s.id AND p.answered_at IS NOT NULL)) AS answers FROM seat s WHERE s.practice_id IN (?) GROUP BY s.practice_id',
            [array_map(static fn (Practice $one): string => $one->id()->toBinary(), $all)],
            [ArrayParameterType::BINARY],
        )->fetchAllAssociativeIndexed();
        foreach ($all as $practice) {
            $counted = $counts[$practice->id()->toBinary()] ?? [];
            $lines[] = new PracticeLineReply($practice->id()->toRfc4122(), $practice->title(), $practice->openedAt()->format('Y-m-d'), $practice->isOpen($now), self::number($counted, 'seats'), self::number($counted, 'answers'));
        }

        return $lines;
    }

    public function close(Practice $practice, string $lastWord): void
    {
        $practice->close($this->clock->now(), '' === trim($lastWord) ? self::LAST_WORD : trim($lastWord));
        $this->entities->flush();
    }

    public function delete(Practice $practice): void
    {
        $practice->delete($this->clock->now());
        $this->entities->flush();
    }

    /** @throws NotFoundHttpException */
    public function seat(Practice $practice, string $id): Seat
    {
        $seat = Uuid::isValid($id) ? $this->entities->find(Seat::class, Uuid::fromString($id)) : null;

        return null !== $seat && $seat->practice() === $practice ? $seat : throw new NotFoundHttpException();
    }

    /** The tablet is given back. */
    public function send(Seat $seat): void
    {
        $seat->leave($this->clock->now());
        $this->entities->flush();
    }

    /** The child chooses its pictures anew the next time. */
    public function forgetSign(Child $child): void
    {
        $sign = $this->entities->find(PictureSign::class, $child->id());
        if (null !== $sign) {
            $this->entities->remove($sign);
            $this->entities->flush();
        }
    }

    /**
     * The same on paper, for children who have no tablet: a copy for each, with its code, so that it is marked as any other.
     *
     * @param list<string> $ids of children; none for all who are not there
     *
     * @throws CannotBeHad
     */
    public function onPaper(Teacher $teacher, Practice $practice, array $ids): OnPaperReply
    {
        $children = array_values(array_filter($practice->classroom()->children(), static fn (Child $child): bool => [] === $ids || \in_array($child->id()->toRfc4122(), $ids, true)));
        if ([] === $children) {
            throw new CannotBeHad('There is no child in this class to print for.');
        }
        $own = [];
        foreach ($children as $child) {
            $questions = $this->questions->onPaper($practice, $child, $this->clock->now());
            if ([] !== $questions) {
                $own[] = [$child, $questions];
            }
        }
        if ([] === $own) {
            throw new CannotBeHad('There is nothing to be asked on paper.');
        }
        $questions = array_map(static fn (QuestionText $text): QuestionRequest => new QuestionRequest(Uuid::v4()->toRfc4122(), $text), $own[0][1]);
        $sheet = $this->sheets->new($teacher, \sprintf('Practice on paper, %s', $practice->openedAt()->format('j F')), $questions, $practice->classroom(), SheetSettings::forLevel(Level::Core, Layout::Page, $practice->rungs(), new Limits(), table: $practice->table()));
        $this->entities->flush();

        return new OnPaperReply($sheet->id()->toRfc4122(), $this->sets->each($sheet, $own)->toRfc4122());
    }

    public function reply(Practice $practice): PracticeReply
    {
        $now = $this->clock->now();
        /** @var list<Seat> $seats */
        $seats = $this->entities->getRepository(Seat::class)->findBy(['practice' => $practice], ['cameAt' => 'ASC', 'id' => 'ASC']);
        $puts = $this->glances($practice);
        $there = array_filter($seats, static fn (Seat $seat): bool => !$seat->hasLeft());
        $taken = [];
        foreach ($there as $seat) {
            foreach ([$seat->child(), $seat->partner()] as $child) {
                if (null !== $child) {
                    $id = $child->id()->toRfc4122();
                    $taken[$id] = ($taken[$id] ?? 0) + 1;
                }
            }
        }
        $seen = [];
        foreach ($seats as $seat) {
            $own = $puts[$seat->id()->toRfc4122()] ?? [];
            // of who sat down again somewhere else, only the last place is shown
            if ($seat->hasLeft() && ([] === $own || (null !== $seat->child() && isset($taken[$seat->child()->id()->toRfc4122()])))) {
                continue;
            }
            $twice = [] !== array_filter([$seat->child(), $seat->partner()], static fn (?Child $child): bool => null !== $child && ($taken[$child->id()->toRfc4122()] ?? 0) > 1);
            $seen[] = $this->seen($seat, $own, $twice, $now);
        }
        usort($seen, static fn (SeatSeenReply $a, SeatSeenReply $b): int => strnatcasecmp($a->name, $b->name) ?: strcmp($a->id, $b->id));

        return new PracticeReply(
            $practice->id()->toRfc4122(),
            $practice->code(),
            $practice->of(),
            $practice->title(),
            $practice->questions(),
            $practice->wantsSigns(),
            $practice->isByNumbers(),
            $practice->isOpen($now),
            $practice->openedAt()->format('Y-m-d H:i'),
            $practice->endsAt()->format('H:i'),
            $seen,
            array_values(array_map(static fn (Child $child): ComeInChildReply => new ComeInChildReply($child->id()->toRfc4122(), $practice->isByNumbers() ? (string) ($child->position() + 1) : $child->name()), array_filter($practice->classroom()->children(), static fn (Child $child): bool => !isset($taken[$child->id()->toRfc4122()])))),
            $this->hardest(array_merge([], ...array_values($puts))),
        );
    }

    /** @return list<PutSeenReply> the questions that came to a tablet, in order, those that wait among them */
    public function questionsOf(Seat $seat): array
    {
        $style = $seat->practice()->classroom()->style();
        $puts = $this->questions->of($seat);

        return array_map(function (Put $put) use ($seat, $style): PutSeenReply {
            $mistake = $put->practised()->mistake;

            return new PutSeenReply(
                null === $seat->partner() ? '' : $seat->nameOf($put->child()),
                $this->asked($put, $style),
                $put->why()->said(),
                '' === $put->rung() ? '' : $this->ladder->rung($put->rung())->can,
                $put->proposal()->level,
                array_map(static fn (array $one): string => '' === $one['read'] ? $one['given'] : $one['read'], $put->answers()),
                $put->help(),
                $put->isRight(),
                null === $mistake ? '' : $style->signs((Misreading::tryFrom($mistake) ?? $this->book->mistake($mistake))->may()),
            );
        }, $puts);
    }

    private function asked(Put $put, Style $style): string
    {
        $text = $put->text();
        if (TableLine::is($text->sum)) {
            return Marked::plain($this->questions->read($put)->text);
        }

        return '' === $text->wording ? $style->signs($text->sum) : $text->wording;
    }

    /** @param list<Glance> $puts in order */
    private function seen(Seat $seat, array $puts, bool $double, \DateTimeImmutable $now): SeatSeenReply
    {
        $looks = null;
        $done = 0;
        $since = $seat->onSince() ?? $seat->cameAt();
        foreach ($puts as $put) {
            $since = max($since, $put->answeredAt ?? $since);
            $done += null === $put->answeredAt ? 0 : 1;
            $looks ??= null === $put->answeredAt ? $put->looks() : null;
        }
        $looks ??= 0;
        $state = match (true) {
            $seat->hasLeft() => SeatState::Left,
            $seat->isFinished() => SeatState::Finished,
            $now->getTimestamp() - $seat->seenAt()->getTimestamp() > self::AWAY => SeatState::Away,
            $looks >= self::LOOKS => SeatState::Stuck,
            $now->getTimestamp() - $since->getTimestamp() > self::STILL => SeatState::Still,
            default => SeatState::Working,
        };

        return new SeatSeenReply($seat->id()->toRfc4122(), $seat->name(), $seat->child()?->id()->toRfc4122(), $done, $state, $looks, $double && !$seat->hasLeft(), $seat->cameAt()->format('H:i'));
    }

    /** @return array<string, list<Glance>> by tablet, in order, without those that were dropped */
    private function glances(Practice $practice): array
    {
        /** @var list<Glance> $all */
        $all = $this->entities->createQueryBuilder()
            ->select(\sprintf('NEW %s(s.id, p.rung, p.answers, p.answeredAt, p.right, p.dropped, p.text.sum, p.text.wording)', Glance::class))
            ->from(Put::class, 'p')
            ->join('p.seat', 's')
            ->where('s.practice = :of')
            ->setParameter('of', $practice->id(), 'uuid')
            ->orderBy('p.place', 'ASC')
            ->addOrderBy('p.id', 'ASC')
            ->getQuery()
            ->getResult();
        $glances = [];
        foreach ($all as $one) {
            if (!$one->isDropped()) {
                $glances[$one->seat][] = $one;
            }
        }

        return $glances;
    }

    /**
     * Of the rung on which most first answers were wrong, the last such question.
     *
     * @param list<Glance> $puts
     */
    private function hardest(array $puts): ?HardestReply
    {
        $wrong = $of = $last = [];
        foreach ($puts as $put) {
            $line = null === $put->right || '' === $put->rung ? null : $put->line();
            if (null === $line) {
                continue;
            }
            $of[$put->rung] = ($of[$put->rung] ?? 0) + 1;
            if (!$put->right) {
                $wrong[$put->rung] = ($wrong[$put->rung] ?? 0) + 1;
                $last[$put->rung] = $line;
            }
        }
        arsort($wrong);
        $rung = array_key_first($wrong);

        return null === $rung ? null : new HardestReply($this->ladder->rung($rung)->can, $last[$rung], $wrong[$rung], $of[$rung] ?? 0);
    }

    /** @return list<string> what the class has been taught, and what comes next; all that can be asked at a tablet, where nobody has said */
    private function needs(Classroom $class): array
    {
        // timetables are practised where they have been taught
        $all = array_filter($this->ladder->rungs(), static fn (Rung $rung): bool => Setting::Table !== $rung->setting || \in_array($rung->id, $class->taught(), true));
        $taught = $class->taught();
        $next = [] === $taught ? $all : array_filter($all, static fn (Rung $rung): bool => \in_array($rung->id, $taught, true) || ([] !== $rung->needs && [] === array_diff($rung->needs, $taught)));

        return array_values(array_map(static fn (Rung $rung): string => $rung->id, [] === $next ? $all : $next));
    }

    private function newCode(): string
    {
        do {
            $code = Code::draw();
            $taken = $this->entities->getRepository(Practice::class)->count(['code' => $code]);
        } while ($taken > 0);

        return $code;
    }

    /** @return list<Practice> the last first */
    private function of(Classroom $class): array
    {
        return $this->entities->getRepository(Practice::class)->findBy(['classroom' => $class, 'deletedAt' => null], ['openedAt' => 'DESC', 'id' => 'DESC'], self::LISTED);
    }

    private static function number(mixed $counts, string $name): int
    {
        return \is_array($counts) && is_numeric($counts[$name] ?? null) ? (int) $counts[$name] : 0;
    }
}
