<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Symfony\Component\Uid\Uuid;

/** A sheet in the list of sheets. */
final readonly class SheetLineReply
{
    public string $id;

    /** When it was last changed, ISO 8601. */
    public string $changedAt;

    public function __construct(Uuid $uuid, public string $title, public int $questions, \DateTimeImmutable $changed)
    {
        $this->id = $uuid->toRfc4122();
        $this->changedAt = $changed->format(\DATE_ATOM);
    }
}
