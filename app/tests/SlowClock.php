<?php

declare(strict_types=1);

namespace Rostik\App\Tests;

use Symfony\Component\Clock\ClockInterface;

/** The clock of a machine that has much to do: each look at it finds it a second on. */
final class SlowClock implements ClockInterface
{
    private \DateTimeImmutable $now;

    public function __construct()
    {
        $this->now = new \DateTimeImmutable();
    }

    public function now(): \DateTimeImmutable
    {
        return $this->now = $this->now->modify('+1 second');
    }

    public function sleep(float|int $seconds): void
    {
        $this->now = $this->now->modify(\sprintf('+%d seconds', (int) ceil($seconds)));
    }

    public function withTimeZone(\DateTimeZone|string $timezone): static
    {
        $other = new self();
        $other->now = $this->now->setTimezone(\is_string($timezone) ? new \DateTimeZone($timezone) : $timezone);

        return $other;
    }
}
