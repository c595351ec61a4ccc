<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** A question that a timetable does not answer, or to which it has several answers. */
final class NoSuchQuestion extends \RuntimeException
{
    public static function needs(string $what): self
    {
        return new self('That question needs '.$what.'.');
    }

    public static function stop(?string $name): self
    {
        return new self(null === $name ? 'The stop is missing.' : \sprintf('The table has no stop "%s", or several of that name.', $name));
    }

    public static function service(?int $number): self
    {
        return new self(null === $number ? 'The service is missing.' : \sprintf('The table has no service %d on that day.', $number));
    }

    public static function notLinked(): self
    {
        return new self('That service does not go from the one stop to the other.');
    }

    public static function nothingRuns(): self
    {
        return new self('Nothing runs then.');
    }

    public static function several(): self
    {
        return new self('Several answers would be right.');
    }
}
