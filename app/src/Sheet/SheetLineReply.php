<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Skill\Level;
use Symfony\Component\Uid\Uuid;

/** A sheet in the list of sheets. */
final readonly class SheetLineReply
{
    public string $id;

    /** When it was last changed, ISO 8601. */
    public string $changedAt;

    /** The level it was made for; null for none. A child's paper does not show it. */
    public ?Level $level;

    /** @param array<mixed> $settings as {@see SheetSettings::kept()} */
    public function __construct(Uuid $uuid, public string $title, public int $questions, \DateTimeImmutable $changed, array $settings)
    {
        $this->level = SheetSettings::from($settings)->level;
        $this->id = $uuid->toRfc4122();
        $this->changedAt = $changed->format(\DATE_ATOM);
    }
}
