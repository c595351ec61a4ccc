<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Marking\Paper;
use Rostik\App\Marking\PileJudging;
use Rostik\App\Sheet\QuestionText;
use Rostik\Core\Evidence\Answered;
use Rostik\Core\Evidence\Picture;
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
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/** All answers of a class, gathered from its piles and from wherever else there are some, child by child. */
final readonly class ClassAnswers
{
    /** Where an answer comes from that was given at a tablet. */
    public const PRACTICE = 'practice';

    public function __construct(
        private EntityManagerInterface $entities,
        private Pictures $pictures,
        private PileJudging $judging,
        private TableAsking $tables,
        /** @var iterable<MoreAnswers> */
        #[AutowireIterator(MoreAnswers::class)]
        private iterable $more,
    ) {
    }

    /**
     * By child: what its answers show, and the answers themselves.
     *
     * @return array<string, array{Picture, list<AnswerSeenReply>}>
     */
    public function seen(Classroom $class): array
    {
        $answers = $this->answers($class);
        $seen = [];
        foreach ($class->children() as $child) {
            $id = $child->id()->toRfc4122();
            $own = $answers[$id] ?? [];
            $picture = $this->pictures->of(new Pupil($id, array_map(static fn (SeenAnswer $one): Answered => $one->answered, $own)));
            $seen[$id] = [$picture, array_map(static fn (SeenAnswer $one): AnswerSeenReply => null !== $one->shown->right ? $one->shown : new AnswerSeenReply($one->shown->on, $one->shown->from, $one->shown->asked, $one->shown->given, $picture->isRight($one->answered)), $own)];
        }

        return $seen;
    }

    /**
     * How the answers of each child went, rung by rung, for whoever chooses what it does next.
     *
     * @return array<string, array<string, list<Seen>>> by child and rung, the earliest first
     */
    public function histories(Classroom $class): array
    {
        $histories = [];
        foreach ($this->seen($class) as $id => [$picture, $answers]) {
            foreach ($picture->answers as $rung => $places) {
                foreach ($places as $place) {
                    $one = $answers[$place] ?? null;
                    if (null !== $one?->right) {
                        $histories[$id][$rung][] = new Seen($one->right, $one->on);
                    }
                }
            }
        }

        return array_map(static fn (array $rungs): array => array_map(static fn (array $seen): array => \array_slice($seen, -12), $rungs), $histories);
    }

    /** @return array<string, list<SeenAnswer>> by child, the earliest first */
    private function answers(Classroom $class): array
    {
        /** @var list<Paper> $papers */
        $papers = $this->entities->createQueryBuilder()
            ->select('k', 'p', 'c')
            ->from(Paper::class, 'k')
            ->join('k.pile', 'p')
            ->join('k.child', 'c')
            ->where('c.classroom = :class')
            ->andWhere('p.deletedAt IS NULL')
            ->setParameter('class', $class->id(), 'uuid')
            ->orderBy('p.onDay', 'ASC')
            ->addOrderBy('p.id', 'ASC')
            ->getQuery()
            ->getResult();
        $answers = [];
        foreach ($papers as $paper) {
            $id = $paper->child()?->id()->toRfc4122() ?? '';
            $questions = $paper->own() ?? ($paper->pile()->parts()[$paper->part()] ?? null)?->questions() ?? [];
            $day = $paper->pile()->onDay()->format('Y-m-d');
            foreach ($paper->isAbsent() ? [] : $paper->marks() as $place => $written) {
                $text = $questions[$place] ?? null;
                $right = self::right($written);
                if (null === $text || (null === $right && '' === $written->given)) {
                    continue;
                }
                $answered = $this->answered($paper, $place, $text, $written, $right);
                $answers[$id][] = new SeenAnswer($answered, new AnswerSeenReply($day, $paper->pile()->title(), self::asked($text), $written->given, $answered->right));
            }
        }
        foreach ($this->more as $room) {
            foreach ($room->of($class) as $id => $more) {
                $answers[$id] = [...$answers[$id] ?? [], ...$more];
                usort($answers[$id], static fn (SeenAnswer $a, SeenAnswer $b): int => $a->answered->day <=> $b->answered->day);
            }
        }

        return $answers;
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

    private static function asked(QuestionText $text): string
    {
        return '' === $text->wording ? $text->sum : $text->wording;
    }
}
