<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\ParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Deleted\Gone;
use Rostik\App\Marking\Paper;
use Rostik\App\Marking\PileJudging;
use Rostik\App\Sheet\QuestionText;
use Rostik\Core\Evidence\Answered;
use Rostik\Core\Evidence\Pictures;
use Rostik\Core\Evidence\Pupil;
use Rostik\Core\Evidence\Seen;
use Rostik\Core\Marking\Counts;
use Rostik\Core\Marking\Sign;
use Rostik\Core\Marking\Written;
use Rostik\Core\Question\Form\OneOfFour;
use Rostik\Core\Question\Form\Ranked;
use Rostik\Core\Question\Form\TrueOrFalse;
use Rostik\Core\Timetable\TableAsking;
use Rostik\Core\Timetable\TableLine;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/** All answers of a class, gathered from its piles and from wherever else there are some, child by child. */
final class ClassAnswers
{
    /** Where an answer comes from that was given at a tablet. */
    public const PRACTICE = 'practice';

    /** So many papers of a child are looked at, from the last back; a pile has no fewer than one question. */
    private const PAPERS = 100;

    /** @var array<int, list<QuestionText>> by part: what was asked */
    private array $asked = [];

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly Pictures $pictures,
        private readonly PileJudging $judging,
        private readonly TableAsking $tables,
        /** @var iterable<MoreAnswers> */
        #[AutowireIterator(MoreAnswers::class)]
        private readonly iterable $more,
        /** what was worked out by others is worked out again */
        #[Autowire(param: 'rostik.rules')]
        private readonly string $rules,
    ) {
    }

    /**
     * By child: what its answers show, without the answers.
     *
     * @return array<string, SeenOfChild>
     */
    public function briefs(Classroom $class): array
    {
        return $this->seen($class, $class->children());
    }

    /** The same of one child, with the answers behind it. */
    public function ofChild(Child $child): SeenOfChild
    {
        $id = $child->id()->toRfc4122();

        return $this->seen($child->classroom(), [$child], 'whole')[$id] ?? SeenOfChild::nothing($id);
    }

    /**
     * How the answers of each child went, rung by rung, for whoever chooses what it does next.
     *
     * @return array<string, array<string, list<array{bool, string}>>> by child and rung: right or not, and when, the earliest first
     */
    public function histories(Classroom $class): array
    {
        return array_filter(array_map(static fn (SeenOfChild $one): array => $one->histories, $this->seen($class, $class->children(), 'histories')));
    }

    /** What it rests on, in words. */
    public function from(Classroom $class): string
    {
        $count = fn (string $sql): int => (int) (is_numeric($found = $this->entities->getConnection()->fetchOne($sql, [$class->id()->toBinary()])) ? $found : 0);
        $said = array_filter([
            Gone::so($count("SELECT COUNT(*) FROM pile p WHERE p.classroom_id = ? AND p.deleted_at IS NULL AND EXISTS (SELECT 1 FROM paper k JOIN child c ON c.id = k.child_id WHERE k.pile_id = p.id AND c.deleted_at IS NULL AND k.absent = 0 AND k.mark <> CRC32('[]'))"), 'pile of papers', 'piles of papers'),
            Gone::so($count('SELECT COUNT(DISTINCT DATE(r.opened_at)) FROM practice r WHERE r.classroom_id = ? AND r.deleted_at IS NULL AND EXISTS (SELECT 1 FROM seat s JOIN put p ON p.seat_id = s.id WHERE s.practice_id = r.id AND p.child_id IS NOT NULL AND p.first_right IS NOT NULL)'), 'day of practice', 'days of practice'),
        ]);

        return [] === $said ? '' : (string) preg_replace('/\b1 /', 'one ', 'from '.implode(' and ', $said));
    }

    /**
     * @param list<Child>              $children of the class
     * @param 'whole'|'histories'|null $more     that is wanted, too
     *
     * @return array<string, SeenOfChild> by child
     */
    private function seen(Classroom $class, array $children, ?string $more = null): array
    {
        $connection = $this->entities->getConnection();
        $ids = array_map(static fn (Child $child): string => $child->id()->toBinary(), $children);
        $kept = [] === $ids ? [] : $connection->executeQuery('SELECT child_id, mark, class_mark, brief'.(null === $more ? '' : ', '.$more).' FROM kept_seen WHERE child_id IN (?)', [$ids], [ArrayParameterType::BINARY])->fetchAllAssociativeIndexed();
        $classMark = $this->markOf($class);
        $seen = $looked = [];
        $marks = null;
        foreach ($children as $child) {
            [$id, $key] = [$child->id()->toRfc4122(), $child->id()->toBinary()];
            $there = $kept[$key] ?? null;
            $isSame = $classMark === ($there['class_mark'] ?? null);
            $marks ??= $isSame ? null : $this->marks($class, 1 === \count($children) ? $key : null);
            $mark = $isSame ? $there['mark'] ?? null : hash('xxh128', $this->rules.' '.($marks[$key] ?? ''));
            if (null === $there || $mark !== $there['mark']) {
                $seen[$id] = $this->worked($child, \is_string($mark) ? $mark : '', $classMark);
                continue;
            }
            $seen[$id] = SeenOfChild::kept($id, self::read($there['brief']), self::read($there['whole'] ?? null), self::read($there['histories'] ?? null));
            if (!$isSame) {
                $looked[] = $key;
            }
        }
        if ([] !== $looked) {
            $connection->executeStatement('UPDATE kept_seen SET class_mark = ? WHERE child_id IN (?)', [$classMark, $looked], [ParameterType::STRING, ArrayParameterType::BINARY]);
        }

        return $seen;
    }

    /** Changes when anything does that any child of the class has answered: seen from the piles and from an index, in a moment. */
    private function markOf(Classroom $class): string
    {
        $id = $class->id()->toBinary();
        $row = $this->entities->getConnection()->executeQuery(
            "SELECT (SELECT CONCAT(COUNT(*), ' ', SUM(CRC32(CONCAT_WS('|', HEX(id), revision, deleted_at, on_day, title, nearly_counts)))) FROM pile WHERE classroom_id = ?), (SELECT CONCAT(COUNT(*), ' ', SUM(q.mark + q.first_right)) FROM child c JOIN put q ON q.child_id = c.id WHERE c.classroom_id = ? AND q.first_right IS NOT NULL), (SELECT SUM(CRC32(CONCAT_WS('|', HEX(id), deleted_at))) FROM practice WHERE classroom_id = ? AND deleted_at IS NOT NULL)",
            [$id, $id, $id],
        )->fetchNumeric();

        return hash('xxh128', $this->rules.' '.json_encode($row));
    }

    /**
     * By child, what changes when any of its answers does; no child is in it of which there is none.
     *
     * @param ?string $only the key of one child
     *
     * @return array<string, string>
     */
    private function marks(Classroom $class, ?string $only): array
    {
        $connection = $this->entities->getConnection();
        $whose = $class->id()->toBinary();
        $of = null === $only ? 'c.classroom_id = ?' : 'c.id = ?';
        $rows = $connection->executeQuery(
            "SELECT c.id, CONCAT('a', COUNT(*), ' ', SUM(CRC32(CONCAT_WS('|', k.mark, p.on_day, p.title, p.nearly_counts)))) FROM child c JOIN paper k ON k.child_id = c.id JOIN pile p ON p.id = k.pile_id WHERE $of AND k.absent = 0 AND k.mark <> CRC32('[]') AND p.deleted_at IS NULL GROUP BY c.id
             UNION ALL SELECT c.id, CONCAT('b', COUNT(*), ' ', SUM(q.mark + q.first_right)) FROM child c JOIN put q ON q.child_id = c.id WHERE $of AND q.first_right IS NOT NULL AND q.seat_id NOT IN (SELECT s.id FROM practice r JOIN seat s ON s.practice_id = r.id WHERE r.classroom_id = ? AND r.deleted_at IS NOT NULL) GROUP BY c.id",
            [...array_fill(0, 2, $only ?? $whose), $whose],
        )->fetchAllNumeric();
        $marks = [];
        foreach ($rows as [$id, $mark]) {
            if (\is_string($id) && \is_string($mark)) {
                $marks[$id] = ($marks[$id] ?? '').$mark;
            }
        }

        return $marks;
    }

    /** Works it out, and keeps it. */
    private function worked(Child $child, string $mark, string $classMark): SeenOfChild
    {
        $own = $this->answers($child);
        $picture = $this->pictures->of(new Pupil($child->id()->toRfc4122(), array_map(static fn (SeenAnswer $one): Answered => $one->answered, $own)));
        $seen = SeenOfChild::of($picture, array_map(static fn (SeenAnswer $one): AnswerSeenReply => null !== $one->shown->right ? $one->shown : new AnswerSeenReply($one->shown->on, $one->shown->from, $one->shown->asked, $one->shown->given, $picture->isRight($one->answered)), $own));
        $this->entities->getConnection()->executeStatement(
            'INSERT INTO kept_seen (child_id, mark, class_mark, brief, whole, histories) VALUES (:child, :mark, :class, :brief, :whole, :histories) ON DUPLICATE KEY UPDATE mark = :mark, class_mark = :class, brief = :brief, whole = :whole, histories = :histories',
            ['child' => $child->id()->toBinary(), 'mark' => $mark, 'class' => $classMark, 'brief' => json_encode($seen->brief(), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION), 'whole' => json_encode($seen->whole(), \JSON_THROW_ON_ERROR), 'histories' => json_encode($seen->histories, \JSON_THROW_ON_ERROR)],
        );

        // as it will be read again: with the same figures
        return SeenOfChild::kept($child->id()->toRfc4122(), $seen->brief(), $seen->whole(), $seen->histories);
    }

    /** @return array<mixed> */
    private static function read(mixed $json): array
    {
        $read = \is_string($json) ? json_decode($json, true) : null;

        return \is_array($read) ? $read : [];
    }

    /** @return list<SeenAnswer> the earliest first */
    private function answers(Child $child): array
    {
        /** @var list<Paper> $papers */
        $papers = $this->entities->createQueryBuilder()
            ->select('k', 'p')
            ->from(Paper::class, 'k')
            ->join('k.pile', 'p')
            ->where('k.child = :child')
            ->andWhere('p.deletedAt IS NULL')
            ->andWhere('k.absent = false')
            ->setParameter('child', $child->id(), 'uuid')
            ->orderBy('p.onDay', 'DESC')
            ->addOrderBy('p.id', 'DESC')
            ->setMaxResults(self::PAPERS)
            ->getQuery()
            ->getResult();
        $answers = [];
        foreach (array_reverse($papers) as $paper) {
            $questions = $paper->own() ?? $this->asked($paper);
            $day = $paper->pile()->onDay()->format('Y-m-d');
            foreach ($paper->marks() as $place => $written) {
                $text = $questions[$place] ?? null;
                $right = self::right($written);
                if (null === $text || (null === $right && '' === $written->given)) {
                    continue;
                }
                $answered = $this->answered($paper, $place, $text, $written, $right);
                $answers[] = new SeenAnswer($answered, new AnswerSeenReply($day, $paper->pile()->title(), self::asks($text), $written->given, $answered->right));
            }
        }
        foreach ($this->more as $room) {
            $more = $room->of($child);
            if ([] !== $more) {
                $answers = [...$answers, ...$more];
                usort($answers, static fn (SeenAnswer $a, SeenAnswer $b): int => $a->answered->day <=> $b->answered->day);
            }
        }

        return $answers;
    }

    /** @return list<QuestionText> what was asked on the part of the pile that the paper is of; read once for a whole class */
    private function asked(Paper $paper): array
    {
        $part = $paper->pile()->parts()[$paper->part()] ?? null;

        return null === $part ? [] : $this->asked[spl_object_id($part)] ??= $part->questions();
    }

    /** As it was marked; how most answers are judged is seen from the line, so that a year's papers are quickly gone through. */
    private function answered(Paper $paper, int $place, QuestionText $text, Written $written, ?bool $right): Answered
    {
        $day = $paper->pile()->onDay()->format('Y-m-d');
        $settings = ($paper->pile()->parts()[$paper->part()] ?? null)?->settings();
        $isRead = TableLine::is($text->sum);
        $isChosen = \in_array($text->answers ?? $settings?->answers, [OneOfFour::TYPE, TrueOrFalse::TYPE, Ranked::TYPE], true);
        // read from a timetable, chosen by its letter, or written step by step: only the question itself can say
        if ('' === $written->given || null !== $right || (!$isRead && !$isChosen && !str_contains($written->given, ';'))) {
            return new Answered($text->line(), $written->given, $day, $right, $isRead ? $this->tables->rung($text->sum) : null);
        }
        $marked = $this->judging->marked($paper, $place, $written);
        $right = match ($marked?->counts) {
            Counts::Right, Counts::Nearly => true,
            Counts::Wrong => false,
            default => null,
        };

        return new Answered($text->line(), $isChosen ? $marked?->judgement?->given?->text() ?? '' : $written->given, $day, $right, $isRead ? $this->tables->rung($text->sum) : null);
    }

    /** As the teacher says it, with a sign or a word of her own; null where it is to be judged, or says nothing. */
    private static function right(Written $written): ?bool
    {
        return $written->over ?? match ($written->sign) {
            Sign::Right => true,
            Sign::Wrong => false,
            Sign::Blank, Sign::Unreadable, null => null,
        };
    }

    private static function asks(QuestionText $text): string
    {
        return '' === $text->wording ? $text->sum : $text->wording;
    }
}
