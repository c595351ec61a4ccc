<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\Classrooms;
use Rostik\App\Deleted\Gone;
use Rostik\App\Timetable\AskedTableReply;
use Rostik\App\Timetable\ShowingTables;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sheet\Checking;
use Rostik\Core\Sheet\Warning;
use Rostik\Core\Timetable\AnyTable;
use Rostik\Core\Timetable\NoSuchQuestion;
use Rostik\Core\Timetable\TableAsking;
use Rostik\Core\Timetable\TableLine;
use Rostik\Core\Work\Workbench;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Uuid;

/** The sheets of the teacher who is signed in: finding, beginning, changing, copying, deleting and bringing back. */
final readonly class Sheets
{
    public const UNTITLED = 'Untitled sheet';

    public function __construct(
        private EntityManagerInterface $entities,
        private SheetRepository $sheets,
        private Security $security,
        private ClockInterface $clock,
        private Workbench $bench,
        private Checking $checking,
        private Classrooms $classrooms,
        private TableAsking $tables,
        private ShowingTables $showing,
        private Quota $quota,
    ) {
    }

    /**
     * @throws NotFoundHttpException for a sheet that does not exist, is another teacher's, or is deleted
     */
    public function get(string $id, bool $evenDeleted = false): Sheet
    {
        $sheet = Uuid::isValid($id) ? $this->sheets->find(Uuid::fromString($id)) : null;
        if (null === $sheet || !$this->security->isGranted(SheetVoter::OWN, $sheet) || ($sheet->isDeleted() && !$evenDeleted)) {
            throw new NotFoundHttpException();
        }

        return $sheet;
    }

    /** @return list<ShelfReply> the teacher's sheets, the one changed last first; what was deleted long ago goes for good */
    public function shelf(Teacher $teacher): array
    {
        $this->sheets->forget($teacher, $this->clock->now()->modify('-'.$teacher->school()->keeping()->deletedDays.' days'));

        return $this->sheets->shelf($teacher);
    }

    public function begin(Teacher $owner, NewSheetRequest $wanted): Sheet
    {
        $sheet = $this->new($owner, $wanted->title, $wanted->questions, $this->classrooms->inHand($owner));
        $this->entities->flush();

        return $sheet;
    }

    /**
     * A new sheet, yet to be flushed.
     *
     * @param list<QuestionRequest> $questions
     * @param ?Classroom            $class     that it is for
     * @param ?Uuid                 $family    of sheets that are made together
     */
    public function new(Teacher $owner, string $title, array $questions, ?Classroom $class, ?SheetSettings $settings = null, ?Uuid $family = null): Sheet
    {
        $this->quota->sheets($owner, 1);
        $sheet = new Sheet($owner, $this->title($title), $this->clock->now());
        $sheet->isFor($class);
        $this->write($sheet, $title, $questions, $settings);
        if (null !== $family) {
            $sheet->join($family);
        }
        $this->entities->persist($sheet);

        return $sheet;
    }

    /** @throws OptimisticLockException when the sheet has been changed since the version that was sent */
    public function change(Sheet $sheet, SheetRequest $wanted): void
    {
        $this->entities->lock($sheet, LockMode::OPTIMISTIC, $wanted->version);
        if (null !== $wanted->settings) {
            $sheet->isFor($this->classrooms->find($sheet->owner(), $wanted->classId));
        }
        $this->write($sheet, $wanted->title, $wanted->questions, $wanted->settings);
        $this->entities->flush();
    }

    /** @param list<QuestionRequest> $questions */
    private function write(Sheet $sheet, string $title, array $questions, ?SheetSettings $settings): void
    {
        Quota::letters($questions);
        $sheet->rewrite($this->title($title), $questions, $this->clock->now(), $settings);
        $lines = array_map(static fn (QuestionRequest $q): string => $q->text->sum, $questions);
        $read = array_filter(array_map($this->tables->rung(...), $lines));
        $sheet->index(array_values(array_unique([...$this->checking->rungs($lines), ...$read])));
    }

    /** @param bool $levels whether all that were made together go with it */
    public function archive(Sheet $sheet, bool $away, bool $levels = false): void
    {
        foreach ($this->levels($sheet, $levels) as $one) {
            $one->archive($away ? $this->clock->now() : null);
        }
        $this->entities->flush();
    }

    /** @return list<Sheet> */
    private function levels(Sheet $sheet, bool $levels): array
    {
        $family = $levels ? $this->sheets->family($sheet) : [];

        return [] === $family ? [$sheet] : $family;
    }

    /**
     * @param bool $levels whether all that were made together are duplicated, and belong together again
     *
     * @return Sheet the duplicate of this very sheet
     */
    public function duplicate(Sheet $sheet, bool $levels = false): Sheet
    {
        $family = $this->levels($sheet, $levels);
        $this->quota->sheets($sheet->owner(), \count($family));
        $together = Uuid::v7();
        $duplicate = null;
        foreach ($family as $one) {
            $made = $one->duplicate($this->clock->now());
            if (\count($family) > 1) {
                $made->join($together);
            }
            $this->entities->persist($made);
            $duplicate = null === $duplicate || $one === $sheet ? $made : $duplicate;
        }
        $this->entities->flush();

        return $duplicate ?? throw new \LogicException('It is one of its own family.');
    }

    /** @param bool $levels whether all that were made together go with it */
    public function delete(Sheet $sheet, bool $levels = false): void
    {
        $now = $this->clock->now();
        foreach ($this->levels($sheet, $levels) as $one) {
            $one->delete($now);
        }
        $this->entities->flush();
    }

    /** Brings it back, and the levels that were deleted with it. */
    public function restore(Sheet $sheet): void
    {
        $moment = Gone::moment($sheet);
        foreach (null === $sheet->family() || !$sheet->isDeleted() ? [] : $this->sheets->findBy(['family' => $sheet->family(), 'owner' => $sheet->owner()]) as $one) {
            if (Gone::moment($one) === $moment) {
                $one->delete(null);
            }
        }
        $sheet->delete(null);
        $this->entities->flush();
    }

    public function reply(Sheet $sheet): SheetReply
    {
        $settings = $sheet->settings();
        $style = $this->styleOf($sheet);
        $table = $settings->table?->table();
        $taught = $sheet->classroom()?->taught() ?? [];
        $warnings = $this->checking->warnings(
            $sheet->sums(),
            $settings->level,
            $settings->limits,
            [] === $taught ? [] : [...$taught, ...$settings->aims],
        );

        return new SheetReply(
            $sheet->id()->toRfc4122(),
            $sheet->version(),
            $sheet->title(),
            array_map(fn (Question $question, array $own): QuestionReply => $this->question($question, $own, $style, $table), $sheet->questions(), $warnings),
            $settings,
            $sheet->classroom()?->id()->toRfc4122(),
            array_map(static fn (Sheet $s): SheetLevelReply => new SheetLevelReply($s->id()->toRfc4122(), $s->settings()->level, $s->title()), $this->sheets->family($sheet)),
            $sheet->isArchived(),
        );
    }

    /**
     * The timetable of a sheet with what is asked about it, to be read before the class.
     *
     * @throws NotFoundHttpException for a sheet without one
     */
    public function timetable(Sheet $sheet): AskedTableReply
    {
        $table = $sheet->settings()->table?->table() ?? throw new NotFoundHttpException();
        $style = $this->styleOf($sheet);
        $questions = [];
        foreach (array_filter($sheet->sums(), TableLine::is(...)) as $line) {
            try {
                $questions[] = $this->tables->ask($line, $table, Writer::marked($style));
            } catch (NoSuchQuestion) {
                continue;
            }
        }

        return $this->showing->read($table, $questions, $style);
    }

    /** In which the class writes that it is for, or else the class in hand. */
    public function styleOf(Sheet $sheet): Style
    {
        return ($sheet->classroom() ?? $this->classrooms->inHand($sheet->owner()))?->style() ?? new Style();
    }

    /** @param list<Warning> $warnings */
    private function question(Question $question, array $warnings, Style $style, ?AnyTable $table): QuestionReply
    {
        $text = $question->text();
        try {
            if (TableLine::is($text->sum)) {
                $read = $this->tables->ask($text->sum, $table, Writer::marked($style));

                return new QuestionReply($question->key(), $text, $question->isLocked(), $read->text, $read->answer->text, null, $warnings);
            }
            $answered = $this->bench->answer($text->sum, $style);
            [$shown, $answer] = [$answered->shown, $answered->answer?->shown];
            $problem = $answered->open?->text;
        } catch (NotUnderstood $no) {
            [$shown, $answer, $problem] = [$text->sum, null, $no->getMessage()];
        } catch (NoSuchQuestion $none) {
            [$shown, $answer, $problem] = ['A question about a timetable', null, $none->getMessage()];
        }

        return new QuestionReply($question->key(), $text, $question->isLocked(), $shown, $answer, $problem, $warnings);
    }

    private function title(string $typed): string
    {
        $title = trim($typed);

        return '' === $title ? self::UNTITLED : $title;
    }
}
