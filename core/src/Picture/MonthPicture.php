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

    /** These pages with the marks they have, and those of another picture of the same working without theirs. */
    public function together(self $other): self
    {
        $pages = [];
        foreach ([...array_map(static fn (MonthPage $page): MonthPage => $page->unmarked(), $other->pages), ...$this->pages] as $page) {
            $pages[$page->title] = $page;
        }

        return new self(array_values($pages));
    }

    public function withholding(\Closure $mark): self
    {
        return $this;
    }
}
