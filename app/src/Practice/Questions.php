<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Classroom\Child;
use Rostik\App\Sheet\QuestionText;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Practice\Chooser;
use Rostik\Core\Practice\NoOffer;
use Rostik\Core\Practice\Offer;
use Rostik\Core\Practice\Offering;
use Rostik\Core\Practice\Path;
use Rostik\Core\Practice\Proposal;
use Rostik\Core\Practice\Reaction;
use Rostik\Core\Practice\Setter;
use Rostik\Core\Practice\Why;
use Rostik\Core\Question\Manner;
use Rostik\Core\Question\Setting;
use Rostik\Core\Skill\Another;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Timetable\NoSuchQuestion;
use Rostik\Core\Timetable\TableAsking;
use Rostik\Core\Timetable\TableLine;
use Rostik\Core\Timetable\TableQuestion;

/** The questions of a tablet: those that were answered, and those that wait, so that there are some without a connection. */
final class Questions
{
    /** So many wait at the most. */
    public const AHEAD = 12;

    /** With so many waiting no others are chosen yet: it is done for several at once. */
    public const ENOUGH = 10;

    /** So many of those are chosen anew when an answer has told something. */
    private const SOON = 3;

    /** Draws without a question after which another rung is taken. */
    private const VAIN = 3;

    /** @var array<string, Offer> of this request, by question: one that has just been chosen is sent with it */
    private array $offers = [];

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly Chooser $chooser,
        private readonly Setter $setter,
        private readonly Offering $offering,
        private readonly SumReader $reader,
        private readonly Ladder $ladder,
        private readonly Another $another,
        private readonly TableAsking $tables,
    ) {
    }

    /** @return list<Put> of that tablet, in order, without those that were dropped */
    public function of(Seat $seat): array
    {
        /** @var list<Put> $puts */
        $puts = $this->entities->getRepository(Put::class)->findBy(['seat' => $seat], ['place' => 'ASC', 'id' => 'ASC']);

        return array_values(array_filter($puts, static fn (Put $put): bool => !$put->isDropped()));
    }

    /**
     * Chooses until so many wait; yet to be flushed.
     *
     * @param list<Put> $puts of the tablet, in order
     *
     * @return list<Put> the same with the new ones
     */
    public function fill(Seat $seat, array $puts, int $ahead): array
    {
        $taken = [];
        foreach ($puts as $put) {
            $taken[$put->place()] = $put;
        }
        // from the front: what comes next is chosen first
        $waiting = 0;
        for ($place = 0; $waiting < $ahead && $place < $seat->practice()->questions(); ++$place) {
            $put = $taken[$place] ?? null;
            if (null === $put) {
                $put = $this->next($seat, $puts, $place);
                if (null === $put) {
                    break;
                }
                $this->entities->persist($put);
                $puts[] = $put;
                usort($puts, static fn (Put $a, Put $b): int => $a->place() <=> $b->place());
            }
            $waiting += $put->isAnswered() ? 0 : 1;
        }

        return $puts;
    }

    /**
     * What a child would be asked, were it at a tablet, for who has none: nothing is kept of it here.
     *
     * @return list<QuestionText>
     */
    public function onPaper(Practice $practice, Child $child, \DateTimeImmutable $now): array
    {
        $seat = new Seat($practice, $child, null, $child->position() + 1, '', $now, crc32('paper'.$child->id()->toRfc4122()) & 0x7FFFFFFF);
        $puts = [];
        for ($place = 0; $place < $practice->questions(); ++$place) {
            $put = $this->next($seat, $puts, $place);
            if (null === $put) {
                break;
            }
            $puts[] = $put;
        }

        return array_map(static fn (Put $put): QuestionText => $put->text(), $puts);
    }

    /** Whether the first answer to it tells so much that what comes next is chosen anew. */
    public static function tells(Put $put): bool
    {
        return PracticeOf::Sheet !== $put->seat()->practice()->of() && (false === $put->isRight() || (true === $put->isRight() && Why::FindOut === $put->why()));
    }

    /**
     * Answers have told something: those that come soon are chosen anew.
     *
     * @param ?Put      $last that was answered; null for none
     * @param list<Put> $puts all of the tablet, in order
     * @param bool      $told whether they have told something ({@see self::tells})
     *
     * @return list<Put> without those that were dropped
     */
    public function reconsider(?Put $last, array $puts, bool $told): array
    {
        // one that was dropped, and answered all the same without a connection, has its place; what came instead goes
        $taken = [];
        foreach ($puts as $put) {
            if ([] !== $put->answers() || $put->isAnswered()) {
                $taken[$put->place()] = $put;
            }
        }
        foreach ($puts as $put) {
            if (isset($taken[$put->place()]) && $taken[$put->place()] !== $put && [] === $put->answers() && !$put->isAnswered()) {
                $put->drop();
            }
        }
        // a tablet goes on in order: what was dropped behind it is not answered any more
        foreach ($puts as $put) {
            if (null !== $last && $put->isDropped() && $put->place() < $last->place()) {
                $this->entities->remove($put);
            }
        }
        if ($told && null !== $last) {
            $waiting = array_values(array_filter($puts, static fn (Put $put): bool => !$put->isDropped() && !$put->isAnswered() && [] === $put->answers() && $put->place() > $last->place()));
            foreach (\array_slice($waiting, 0, self::SOON) as $put) {
                $put->drop();
            }
        }

        return array_values(array_filter($puts, static fn (Put $put): bool => !$put->isDropped()));
    }

    /**
     * @throws NoOffer
     * @throws NotUnderstood
     * @throws NoSuchQuestion
     */
    public function offer(Put $put): Offer
    {
        return $this->offers[$put->id()->toRfc4122()] ??= $this->laidOut($put);
    }

    /**
     * @throws NoOffer
     * @throws NotUnderstood
     * @throws NoSuchQuestion
     */
    private function laidOut(Put $put): Offer
    {
        if (TableLine::is($put->text()->sum)) {
            return $this->offering->ofTable($this->read($put), $put->seat()->practice()->classroom()->style());
        }

        return $this->offering->of($put->text()->read($this->reader), $this->manner($put), self::number($put));
    }

    /** @throws NoOffer */
    public function react(Put $put, string $given): Reaction
    {
        if (TableLine::is($put->text()->sum)) {
            return $this->offering->reactToTable($this->read($put), $given, $put->seat()->practice()->classroom()->style());
        }

        return $this->offering->react($put->text()->read($this->reader), $this->manner($put), self::number($put), $given);
    }

    /**
     * The question about the timetable.
     *
     * @throws NoSuchQuestion
     */
    public function read(Put $put): TableQuestion
    {
        $practice = $put->seat()->practice();

        return $this->tables->ask($put->text()->sum, $practice->table()?->table(), Writer::marked($practice->classroom()->style()));
    }

    private function manner(Put $put): Manner
    {
        $class = $put->seat()->practice()->classroom();

        return Setter::manner($put->proposal(), $class->style(), $class->methods());
    }

    /** By which the order of choices is drawn. */
    private static function number(Put $put): int
    {
        return $put->place() + 1;
    }

    /** @param list<Put> $puts */
    private function next(Seat $seat, array $puts, int $place): ?Put
    {
        $before = array_values(array_filter($puts, static fn (Put $put): bool => $put->place() < $place));
        if (PracticeOf::Sheet === $seat->practice()->of()) {
            return $this->ofSheet($seat, $before, $place);
        }
        $path = Path::of($this->ladder, $seat->practice()->rungs());
        if (null === $path) {
            return null;
        }
        $whose = $seat->turn($place);
        $asked = array_values(array_map(static fn (Put $put) => $put->practised(), array_filter($before, static fn (Put $put): bool => $put->child() === $whose)));
        $class = $seat->practice()->classroom();
        $taken = array_map(static fn (Put $put): string => $put->text()->sum, $puts);
        for ($vain = 0; $vain < self::VAIN; ++$vain) {
            $seed = $seat->seed() + 97 * $place + 13 * $vain;
            $proposal = $this->chooser->next($path, self::history($seat, $whose), $asked, $seat->practice()->day(), $seed);
            $proposal = 0 === $vain ? $proposal : new Proposal($path->rungs[$seed % $path->count()], Level::Core, $proposal->why, $proposal->chance, $proposal->turn);
            if (Setting::Table === $this->ladder->rung($proposal->rung)->setting) {
                $put = $this->ofTable($seat, $place, $proposal, $taken, $seed);
                if (null !== $put) {
                    return $put;
                }
                continue;
            }
            $question = $this->setter->question($proposal, $taken, $class->style(), $class->methods(), $seed);
            if (null !== $question) {
                return $this->sound(new Put($seat, $place, $proposal, QuestionText::of($question, $this->setter->text($question))));
            }
        }

        return null;
    }

    /**
     * One about the timetable; null where it has none for that rung.
     *
     * @param list<string> $taken
     */
    private function ofTable(Seat $seat, int $place, Proposal $proposal, array $taken, int $seed): ?Put
    {
        $table = $seat->practice()->table()?->table();
        $lines = null === $table ? [] : array_map(static fn (TableLine $line): string => $line->write(), $this->tables->forRung($proposal->rung, $table, $proposal->level, 6, $seed));
        $line = array_values(array_diff($lines, $taken))[0] ?? $lines[0] ?? null;

        return null === $line ? null : $this->sound(new Put($seat, $place, $proposal, new QuestionText($line)));
    }

    /** Null for what cannot be practised after all. */
    private function sound(Put $put): ?Put
    {
        try {
            $this->offer($put);
        } catch (NoOffer|NotUnderstood|NoSuchQuestion) {
            return null;
        }

        return $put;
    }

    /** @return array<string, list<\Rostik\Core\Evidence\Seen>> */
    private static function history(Seat $seat, ?Child $child): array
    {
        return null === $child ? [] : $seat->practice()->beforeOf($child->id()->toRfc4122());
    }

    /**
     * The next of a sheet; behind the last, one like each that went wrong.
     *
     * @param list<Put> $before
     */
    private function ofSheet(Seat $seat, array $before, int $place): ?Put
    {
        $sheet = $seat->practice()->sheet();
        if (isset($sheet[$place])) {
            $rung = $this->rung($sheet[$place]);

            return $this->sound(new Put($seat, $place, new Proposal($rung, Level::Core, Why::Sheet, 0.8, 0), $sheet[$place]));
        }
        $again = \count(array_filter($before, static fn (Put $put): bool => Why::Again === $put->why()));
        $wrong = array_values(array_filter($before, static fn (Put $put): bool => false === $put->isRight() && Why::Sheet === $put->why() && '' === $put->text()->wording && !TableLine::is($put->text()->sum)));
        $like = $wrong[$again] ?? null;
        $other = null === $like ? null : $this->another->like($this->reader->read($like->text()->sum)->sum, 1, $seat->seed() + $place)[0] ?? null;

        return null === $like || null === $other ? null : $this->sound(new Put($seat, $place, new Proposal($like->rung(), Level::Core, Why::Again, 0.6, 0), $like->text()->withSum($other->sum)));
    }

    private function rung(QuestionText $text): string
    {
        if (TableLine::is($text->sum)) {
            return $this->tables->rung($text->sum) ?? '';
        }
        try {
            $rungs = $this->ladder->exercisedBy($this->reader->read($text->sum)->sum);
        } catch (NotUnderstood) {
            $rungs = [];
        }

        return $rungs[\count($rungs) - 1] ?? '';
    }
}
