<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Rostik\Core\Practice\Signal;
use Rostik\Core\Timetable\TableLine;
use Symfony\Component\Uid\Uuid;

/** A question of a practice, as much of it as a look at the whole class takes: it is read every few seconds. */
final readonly class Glance
{
    public string $seat;

    /** @param list<array{given: string, signal: string, read: string, mistake: ?string}> $answers */
    public function __construct(Uuid $seat, public string $rung, private array $answers, public ?\DateTimeImmutable $answeredAt, public ?bool $right, private bool $dropped, private string $sum, private string $wording)
    {
        $this->seat = $seat->toRfc4122();
    }

    public function isDropped(): bool
    {
        return $this->dropped && [] === $this->answers && null === $this->answeredAt;
    }

    /** How often it said "look again". */
    public function looks(): int
    {
        return \count(array_filter($this->answers, static fn (array $one): bool => Signal::Look->value === $one['signal']));
    }

    /** As the board understands it; null for what it does not. */
    public function line(): ?string
    {
        return match (true) {
            TableLine::is($this->sum) => null,
            '' === $this->wording => $this->sum,
            default => \sprintf('%s [%s]', $this->wording, $this->sum),
        };
    }
}
