<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

/** Three pictures that are not the child's. */
final class NotThosePictures extends \DomainException
{
    private function __construct(string $message, public readonly ?int $wait = null)
    {
        parent::__construct($message);
    }

    public static function three(): self
    {
        return new self('Tap your three pictures.');
    }

    public static function others(): self
    {
        return new self('Those are not your pictures. Try once more, or ask your teacher.');
    }

    public static function tooSoon(int $seconds): self
    {
        return new self('Wait a little, or ask your teacher.', $seconds);
    }
}
