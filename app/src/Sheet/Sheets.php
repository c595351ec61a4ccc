<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Teacher;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Sheet\Checking;
use Rostik\Core\Sheet\Warning;
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

    public function begin(Teacher $owner, NewSheetRequest $wanted): Sheet
    {
        $sheet = new Sheet($owner, $this->title($wanted->title), $this->clock->now());
        $sheet->rewrite($sheet->title(), $wanted->questions, $this->clock->now());
        $this->entities->persist($sheet);
        $this->entities->flush();

        return $sheet;
    }

    /** @throws OptimisticLockException when the sheet has been changed since the version that was sent */
    public function change(Sheet $sheet, SheetRequest $wanted): void
    {
        $this->entities->lock($sheet, LockMode::OPTIMISTIC, $wanted->version);
        $sheet->rewrite($this->title($wanted->title), $wanted->questions, $this->clock->now(), $wanted->settings);
        $this->entities->flush();
    }

    public function copy(Sheet $sheet): Sheet
    {
        $copy = $sheet->copy($this->clock->now());
        $this->entities->persist($copy);
        $this->entities->flush();

        return $copy;
    }

    public function delete(Sheet $sheet): void
    {
        $sheet->delete($this->clock->now());
        $this->entities->flush();
    }

    public function restore(Sheet $sheet): void
    {
        $sheet->restore();
        $this->entities->flush();
    }

    public function reply(Sheet $sheet): SheetReply
    {
        $questions = $sheet->questions();
        $warnings = $this->checking->warnings(array_map(static fn (Question $q): string => $q->sum(), $questions), $sheet->settings()->level);

        return new SheetReply(
            $sheet->id()->toRfc4122(),
            $sheet->version(),
            $sheet->title(),
            array_map($this->question(...), $questions, $warnings),
            $sheet->settings(),
        );
    }

    /** @param list<Warning> $warnings */
    private function question(Question $question, array $warnings): QuestionReply
    {
        try {
            $answered = $this->bench->answer($question->sum());
        } catch (NotUnderstood $no) {
            return new QuestionReply($question->key(), $question->sum(), $question->sum(), null, $no->getMessage(), [], $question->wording(), $question->isLocked());
        }

        return new QuestionReply(
            $question->key(),
            $question->sum(),
            $answered->shown,
            $answered->answer?->shown,
            null === $answered->answer ? 'a.m. or p.m. is not said, and it changes the answer.' : null,
            $warnings,
            $question->wording(),
            $question->isLocked(),
        );
    }

    private function title(string $typed): string
    {
        $title = trim($typed);

        return '' === $title ? self::UNTITLED : $title;
    }
}
