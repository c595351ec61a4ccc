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

    public static function noTable(): self
    {
        return new self('This question is about a timetable, and there is none on the sheet.');
    }

    public static function noKind(string $kind): self
    {
        return new self(\sprintf('There is no kind of question "%s" about a timetable.', $kind));
    }

    public static function unreadable(): self
    {
        return new self('This question about a timetable cannot be read any more. Take another in its place.');
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
