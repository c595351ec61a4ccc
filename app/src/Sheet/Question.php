<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** One question in its place on a sheet. */
#[ORM\Entity]
#[ORM\UniqueConstraint(name: 'question_key', columns: ['sheet_id', 'question_key'])]
class Question
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    /**
     * @param string $key    its identity within the sheet, given by whoever adds it
     * @param bool   $locked whether it stays when the numbers are drawn anew
     */
    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'questions')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Sheet $sheet,
        #[ORM\Column(name: 'question_key', length: 36)]
        private string $key,
        #[ORM\Embedded(columnPrefix: false)]
        private QuestionText $text,
        #[ORM\Column(type: 'smallint')]
        private int $position,
        #[ORM\Column]
        private bool $locked = false,
    ) {
        $this->id = Uuid::v7();
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function sheet(): Sheet
    {
        return $this->sheet;
    }

    public function key(): string
    {
        return $this->key;
    }

    public function text(): QuestionText
    {
        return $this->text;
    }

    public function position(): int
    {
        return $this->position;
    }

    public function isLocked(): bool
    {
        return $this->locked;
    }

    /** Words tell their own numbers, so what is told in words of one's own keeps them, as what is locked does. */
    public function keepsItsNumbers(): bool
    {
        return $this->locked || ('' !== $this->text->wording && null === $this->text->story);
    }

    public function rewrite(QuestionText $text, int $position, bool $locked): void
    {
        $this->text = $text;
        $this->position = $position;
        $this->locked = $locked;
    }
}
