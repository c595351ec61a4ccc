<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Sheet\Layout;
use Rostik\Core\Skill\Level;
use Symfony\Component\Uid\Uuid;

/** A sheet in the list of sheets. */
final readonly class ShelfReply
{
    public string $id;

    /** When it was last changed, ISO 8601. */
    public string $changedAt;

    /** The level it was made for; null for none. A child's paper does not show it. */
    public ?Level $level;

    public Layout $layout;

    /** The class it is for; null for none. */
    public ?string $classId;

    public bool $archived;

    /** The same for sheets that were made together, one for each level; null for one alone. */
    public ?string $family;

    /** Whether it is on the shelf of the school, too. */
    public bool $shared;

    /**
     * @param list<string> $rungs   ids of the rungs that its questions exercise
     * @param string       $givenBy the colleague who gave it; empty for one's own
     */
    public function __construct(Uuid $uuid, public string $title, public int $questions, \DateTimeImmutable $changed, SheetSettings $settings, public array $rungs, ?\DateTimeImmutable $archivedAt, ?Uuid $familyId, ?Uuid $class, ?\DateTimeImmutable $sharedAt, public string $givenBy)
    {
        $this->level = $settings->level;
        $this->layout = $settings->layout;
        $this->classId = $class?->toRfc4122();
        $this->archived = null !== $archivedAt;
        $this->family = $familyId?->toRfc4122();
        $this->shared = null !== $sharedAt;
        $this->id = $uuid->toRfc4122();
        $this->changedAt = $changed->format(\DATE_ATOM);
    }
}
