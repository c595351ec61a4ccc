<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** The day as one line with times pinned on it, as a model of its own. */
final readonly class DayPicture implements Picture
{
    public const TYPE = 'day';

    public string $type;

    public function __construct(public DayStrip $strip)
    {
        $this->type = self::TYPE;
    }

    public function withholding(\Closure $mark): self
    {
        return $this;
    }
}
