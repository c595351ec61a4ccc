<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/** A time that no clock shows, such as 24:10 or 3:61. */
final class NoSuchTime extends \DomainException
{
    private function __construct(string $message, public readonly string $reason, public readonly string $example)
    {
        parent::__construct($message);
    }

    public static function hour(int $hour, int $minute): self
    {
        if (24 === $hour) {
            return new self(
                \sprintf('A 24-hour clock goes from 00:00 to 23:59, so there is no 24:%02d.', $minute),
                'hour-over-23',
                \sprintf('00:%02d', $minute),
            );
        }

        return new self(\sprintf('A day has 24 hours, so there is no %d:%02d.', $hour, $minute), 'hour-over-23', '13:50');
    }

    public static function minute(int $hour, int $minute): self
    {
        return new self(
            \sprintf('A clock goes from 59 minutes to the next o’clock, so there is no %d:%02d.', $hour, $minute),
            'minute-over-59',
            \sprintf('%d:%02d', ($hour + 1) % 24, $minute % 60),
        );
    }

    public static function second(int $second): self
    {
        return new self(\sprintf('A minute has 60 seconds, so no clock shows %d of them.', $second), 'second-over-59', '11:20:35');
    }

    public static function hour12(int $hour, int $minute, HalfOfDay $half): self
    {
        if ($minute > 59) {
            return self::minute($hour, $minute);
        }
        if ($hour > 23) {
            return self::hour($hour, $minute);
        }
        $plain = \sprintf('%02d:%02d', $hour, $minute);

        return new self(
            \sprintf('%s is already a 24-hour time, so it takes no %s', $plain, $half->value),
            'half-with-24h',
            \sprintf('%d:%02d %s', ($hour + 11) % 12 + 1, $minute, $hour < 12 ? 'a.m.' : 'p.m.'),
        );
    }
}
