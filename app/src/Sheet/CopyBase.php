<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** What is the same in all copies of a set: the questions as they were on the sheet. Each copy keeps what is different in it. */
#[ORM\Entity]
class CopyBase
{
    /** @var list<array<string, bool|string>> */
    #[ORM\Column(type: 'json')]
    private array $questions;

    /**
     * @param Uuid               $id        of the set
     * @param list<QuestionText> $questions in order
     */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: 'uuid')]
        private Uuid $id,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Sheet $sheet,
        array $questions,
    ) {
        $this->questions = array_map(static fn (QuestionText $text): array => $text->kept(), $questions);
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function sheet(): Sheet
    {
        return $this->sheet;
    }

    /**
     * What is different in these questions.
     *
     * @param list<QuestionText> $questions
     *
     * @return list<array<string, bool|string>>
     */
    public function differences(array $questions): array
    {
        return array_map(fn (QuestionText $text, int $place): array => array_diff_assoc($text->kept(), $this->questions[$place] ?? []), $questions, array_keys($questions));
    }

    /**
     * The questions that differ so.
     *
     * @param list<array<string, bool|string>> $differences
     *
     * @return list<array<string, bool|string>>
     */
    public function with(array $differences): array
    {
        return array_map(fn (array $own, int $place): array => $own + ($this->questions[$place] ?? []), $differences, array_keys($differences));
    }
}
