<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Evidence\AnswerSeenReply;
use Rostik\App\Evidence\ClassAnswers;
use Rostik\App\Evidence\MoreAnswers;
use Rostik\App\Evidence\SeenAnswer;
use Rostik\Core\Evidence\Answered;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Practice\Signal;
use Rostik\Core\Timetable\TableAsking;
use Rostik\Core\Timetable\TableLine;

/** The first answer to each question of a practice belongs to the child's record; what came after a look again does not. */
final readonly class PracticeAnswers implements MoreAnswers
{
    public function __construct(private EntityManagerInterface $entities, private Questions $questions, private TableAsking $tables, private ForgottenChildren $forgotten)
    {
    }

    public function of(Classroom $class): array
    {
        /** @var list<Put> $puts */
        $puts = $this->entities->createQueryBuilder()
            ->select('p', 's', 'r')
            ->from(Put::class, 'p')
            ->join('p.seat', 's')
            ->join('s.practice', 'r')
            ->where('r.classroom = :class')
            ->andWhere('p.right IS NOT NULL')
            ->setParameter('class', $class->id(), 'uuid')
            ->orderBy('r.openedAt', 'ASC')
            ->addOrderBy('s.cameAt', 'ASC')
            ->addOrderBy('p.place', 'ASC')
            ->getQuery()
            ->getResult();
        $answers = [];
        foreach ($puts as $put) {
            $child = $put->child();
            if (null !== $child) {
                $answers[$child->id()->toRfc4122()][] = $this->seen($put);
            }
        }

        return $answers;
    }

    public function forget(Child ...$children): void
    {
        $of = array_values($children);
        array_map($this->forgotten->forget(...), $of);
        foreach ([Put::class, PictureSign::class] as $what) {
            foreach ($this->entities->getRepository($what)->findBy(['child' => $of]) as $one) {
                $this->entities->remove($one);
            }
        }
        foreach (['child', 'partner'] as $as) {
            foreach ($this->entities->getRepository(Seat::class)->findBy([$as => $of]) as $seat) {
                // what the other one of two has answered stays
                array_map($seat->forget(...), $of);
                if (null === $seat->child() && null === $seat->partner()) {
                    $this->entities->remove($seat);
                }
            }
        }
        $this->entities->flush();
    }

    private function seen(Put $put): SeenAnswer
    {
        $first = '';
        foreach ($put->answers() as $one) {
            if (Signal::Unclear->value !== $one['signal']) {
                $first = '' === $one['read'] ? $one['given'] : $one['read'];
                break;
            }
        }
        $text = $put->text();
        $day = $put->seat()->practice()->day();
        $isRead = TableLine::is($text->sum);

        return new SeenAnswer(
            new Answered($text->line(), $first, $day, $put->isRight(), $isRead ? $this->tables->rung($text->sum) : null),
            new AnswerSeenReply($day, ClassAnswers::PRACTICE, match (true) {
                $isRead => Marked::plain($this->questions->read($put)->text),
                '' === $text->wording => $text->sum,
                default => $text->wording,
            }, $first, $put->isRight()),
        );
    }
}
