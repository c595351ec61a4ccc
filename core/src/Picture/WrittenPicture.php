<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** Written working, line under line. */
final readonly class WrittenPicture implements Picture
{
    public const TYPE = 'written';

    public string $type;

    /** @param list<string> $lines marked text */
    public function __construct(public array $lines)
    {
        $this->type = self::TYPE;
    }

    public function withholding(\Closure $mark): self
    {
        return new self(array_map(static fn (string $line): string => $mark($line, true), $this->lines));
    }
}
