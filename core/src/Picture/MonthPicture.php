<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** One page of a calendar, or two that are looked at together. */
final readonly class MonthPicture implements Picture
{
    public const TYPE = 'month';

    public string $type;

    /** @param non-empty-list<MonthPage> $pages in order */
    public function __construct(public array $pages)
    {
        $this->type = self::TYPE;
    }
}
