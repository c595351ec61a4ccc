<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Sheet\QuestionText;
use Rostik\App\Sheet\SheetSettings;
use Rostik\App\Sheet\SheetSettingsType;
use Symfony\Component\Uid\Uuid;

/** What was asked on the papers of a pile, as it was when the pile was made: one for each level. */
#[ORM\Entity]
class PilePart
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    /** @var list<array{sum: string, wording: string, challenge: bool, answers?: string, times?: string, story?: string}> */
    #[ORM\Column(type: 'json')]
    private array $questions;

    /** @param list<QuestionText> $questions as they are printed */
    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'parts')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Pile $pile,
        #[ORM\Column(type: 'smallint')]
        private int $position,
        #[ORM\Column(type: 'uuid', nullable: true)]
        private ?Uuid $sheet,
        #[ORM\Column(type: SheetSettingsType::NAME)]
        private SheetSettings $settings,
        array $questions,
    ) {
        $this->id = Uuid::v7();
        $this->questions = array_map(static fn (QuestionText $text): array => $text->kept(), $questions);
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function pile(): Pile
    {
        return $this->pile;
    }

    public function position(): int
    {
        return $this->position;
    }

    /** Id of the sheet that it was; null for questions that were read out. */
    public function sheet(): ?Uuid
    {
        return $this->sheet;
    }

    public function settings(): SheetSettings
    {
        return $this->settings;
    }

    /** @return list<QuestionText> */
    public function questions(): array
    {
        return array_map(QuestionText::ofKept(...), $this->questions);
    }
}
