<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** One question on a sheet: the text of a sum as it was typed. */
#[ORM\Entity]
#[ORM\UniqueConstraint(name: 'question_key', columns: ['sheet_id', 'question_key'])]
class Question
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    /** @param string $key its identity within the sheet, given by whoever adds it */
    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'questions')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Sheet $sheet,
        #[ORM\Column(name: 'question_key', length: 36)]
        private string $key,
        #[ORM\Column(length: 300)]
        private string $sum,
        #[ORM\Column(type: 'smallint')]
        private int $position,
        #[ORM\Column(length: 600)]
        private string $wording = '',
        #[ORM\Column]
        private bool $locked = false,
        #[ORM\Column]
        private bool $challenge = false,
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

    public function sum(): string
    {
        return $this->sum;
    }

    public function position(): int
    {
        return $this->position;
    }

    public function wording(): string
    {
        return $this->wording;
    }

    public function isLocked(): bool
    {
        return $this->locked;
    }

    public function isChallenge(): bool
    {
        return $this->challenge;
    }

    public function rewrite(string $sum, int $position, string $wording, bool $locked, bool $challenge): void
    {
        $this->challenge = $challenge;
        $this->sum = $sum;
        $this->position = $position;
        $this->wording = $wording;
        $this->locked = $locked;
    }
}
