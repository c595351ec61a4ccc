<?php

declare(strict_types=1);

namespace Rostik\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\School;
use Rostik\App\Account\Teacher;
use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Marking\Paper;
use Rostik\App\Marking\Pile;
use Rostik\App\Marking\PilePart;
use Rostik\App\Plan\AfterRequest;
use Rostik\App\Plan\CourseText;
use Rostik\App\Plan\Lessons;
use Rostik\App\Plan\LessonState;
use Rostik\App\Plan\Plans;
use Rostik\App\Plan\WeeklyText;
use Rostik\App\Practice\Practice;
use Rostik\App\Practice\PracticeOf;
use Rostik\App\Practice\Put;
use Rostik\App\Practice\Seat;
use Rostik\App\Sheet\QuestionText;
use Rostik\App\Sheet\SheetSettings;
use Rostik\Core\Marking\Sign;
use Rostik\Core\Marking\Written;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Practice\Proposal;
use Rostik\Core\Practice\Why;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Weighing\Choosing;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Symfony\Component\Uid\Uuid;

/** A school year of one class, as large as they come, to measure with: 40 children, 200 piles, 190 lessons, 20 practices. Invented. */
#[AsCommand('demo:year', 'Loads a class with a year behind it, to measure with')]
final class YearCommand extends Command
{
    public const EMAIL = 'year@ombrel.example';

    private const CHILDREN = 40;
    private const PILES = 200;
    private const QUESTIONS = 8;
    private const LESSONS = 190;
    private const PRACTICES = 20;

    private const RUNGS = ['add-plain', 'add-regroup', 'subtract-plain', 'subtract-regroup', 'later-within-hour', 'later-across-hour', 'earlier-within-hour', 'earlier-across-hour', 'how-long-within-hour', 'how-long-across-hours', 'across-noon', 'across-midnight'];

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly UserPasswordHasherInterface $hasher,
        private readonly ClockInterface $clock,
        private readonly Plans $plans,
        private readonly Lessons $lessons,
        private readonly Choosing $choosing,
        private readonly Ladder $ladder,
        private readonly MistakeBook $book,
        private readonly SumReader $reader,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (null !== $this->entities->getRepository(Teacher::class)->findOneBy(['email' => self::EMAIL])) {
            return self::SUCCESS;
        }
        $school = new School('Ombrel Island School');
        $teacher = new Teacher(self::EMAIL, 'Arden Vale', $school);
        $teacher->changePassword($this->hasher->hashPassword($teacher, DemoCommand::PASSWORD));
        $class = new Classroom(Uuid::v7(), $teacher, 'Kittiwakes');
        $class->rewrite('Kittiwakes', self::RUNGS);
        $names = array_map(static fn (int $i): string => 'Child '.$i, range(1, self::CHILDREN));
        $class->register(array_combine(array_map(static fn (): string => Uuid::v7()->toRfc4122(), $names), $names), $this->clock->now());
        foreach ([$school, $teacher, $class] as $one) {
            $this->entities->persist($one);
        }
        $this->entities->flush();
        $this->lessons($class);
        for ($i = 0; $i < self::PILES; ++$i) {
            $this->pile($this->again($class), $i);
        }
        for ($i = 0; $i < self::PRACTICES; ++$i) {
            $this->practice($this->again($class), $i);
        }
        $output->writeln(\sprintf('A year is loaded: %s', self::EMAIL));

        return self::SUCCESS;
    }

    private function again(Classroom $class): Classroom
    {
        $this->entities->clear();

        return $this->entities->find(Classroom::class, $class->id()) ?? throw new \LogicException('It has been kept.');
    }

    private function lessons(Classroom $class): void
    {
        $now = $this->clock->now();
        $this->plans->plan($class, new CourseText(self::RUNGS, [], array_map(static fn (int $day): WeeklyText => new WeeklyText($day, '09:40', 60), range(1, 5)), $now->modify('-260 days')->format('Y-m-d'), self::LESSONS, seed: 3));
        foreach ($this->plans->lessons($class) as $lesson) {
            if ($lesson->on() < $now->format('Y-m-d')) {
                $this->lessons->went($lesson, new AfterRequest(LessonState::Done));
            }
        }
    }

    private function day(int $number, int $of): \DateTimeImmutable
    {
        return $this->clock->now()->modify('-'.(260 - intdiv(250 * $number, $of)).' days');
    }

    /** @return list<string> */
    private function sums(int $seed): array
    {
        return $this->choosing->choose($this->ladder->rung(self::RUNGS[$seed % \count(self::RUNGS)]), Level::Core, self::QUESTIONS, $seed)->sums;
    }

    private function pile(Classroom $class, int $number): void
    {
        $sums = $this->sums($number);
        $pile = new Pile($class->teachers()[0], $class, 'Sheet '.($number + 1), $this->day($number, self::PILES), $this->clock->now());
        $pile->add(new PilePart($pile, 0, null, new SheetSettings(), array_map(static fn (string $sum): QuestionText => new QuestionText($sum), $sums)));
        $predicted = array_map(fn (string $sum): array => array_values($this->book->predict($this->reader->read($sum)->sum)), $sums);
        foreach ($class->children() as $i => $child) {
            $paper = new Paper($pile, $i, $child);
            foreach ($sums as $place => $sum) {
                $dice = crc32($number.' '.$i.' '.$place) % 100;
                $wrong = $predicted[$place][$i % max(1, \count($predicted[$place]))] ?? null;
                $paper->mark($place, $dice < 75 || null === $wrong ? new Written(sign: Sign::Right) : new Written($dice < 92 ? $wrong->text() : $dice.' min'), 1);
            }
            $pile->lay($paper);
        }
        $this->entities->persist($pile);
        $this->entities->flush();
    }

    private function practice(Classroom $class, int $number): void
    {
        $sums = $this->sums(1000 + $number);
        $opened = $this->day($number, self::PRACTICES);
        $rung = self::RUNGS[(1000 + $number) % \count(self::RUNGS)];
        $practice = new Practice($class, $class->teachers()[0], 'year '.$number, PracticeOf::Rungs, [$rung], null, 'Practice '.($number + 1), 12, false, false, $opened, $opened->modify('+20 minutes'));
        $practice->close($opened->modify('+20 minutes'), '');
        $this->entities->persist($practice);
        foreach ($class->children() as $i => $child) {
            $seat = new Seat($practice, $child, null, $i + 1, bin2hex(random_bytes(32)), $opened, $i);
            $this->entities->persist($seat);
            for ($place = 0; $place < 12; ++$place) {
                $this->entities->persist($this->put($seat, $child, $place, $rung, $sums[$place % \count($sums)], $opened));
            }
        }
        $this->entities->flush();
    }

    private function put(Seat $seat, Child $child, int $place, string $rung, string $sum, \DateTimeImmutable $at): Put
    {
        $right = 0 !== crc32($child->position().' '.$place.' '.$sum) % 4;
        $given = $right ? $this->book->predict($this->reader->read($sum)->sum) : [];
        $put = new Put($seat, $place, new Proposal($rung, Level::Core, Why::Learning, 0.8, 0), new QuestionText($sum));
        $put->was([['given' => [] === $given ? '1 h' : array_values($given)[0]->text(), 'signal' => $right ? 'right' : 'look', 'read' => '', 'mistake' => null]], 0, $right, $at);

        return $put;
    }
}
