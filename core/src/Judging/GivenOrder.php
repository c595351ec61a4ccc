<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedDate;
use Rostik\Core\Time\StatedTime;

/** Things in the order in which a child put them. */
final readonly class GivenOrder implements Given
{
    /**
     * @param list<int>                          $positions of the given things, first to last, counted from 0
     * @param list<StatedTime|StatedDate|Amount> $things    as the sum gives them
     * @param list<int|float>                    $counts    by thing, what it counts for somebody who believes so: things that count
     *                                                      the same may stand either way round; none for what they are
     */
    public function __construct(public array $positions, private array $things, private array $counts = [])
    {
    }

    public function text(): string
    {
        return $this->shown(Style::canonical());
    }

    public function shown(Style $style): string
    {
        $writer = Writer::plain($style);

        return implode(', ', array_map(function (int $i) use ($writer): string {
            $thing = $this->things[$i] ?? null;

            return match (true) {
                $thing instanceof StatedTime => $writer->time($thing),
                $thing instanceof StatedDate => $writer->date($thing),
                $thing instanceof Amount => $writer->amount($thing),
                default => '?',
            };
        }, $this->positions));
    }

    /** The same numbers as ranks, written under the things in place: 2 3 1 says that the third is first. */
    public function asRanks(): self
    {
        $order = array_flip($this->positions);
        ksort($order);

        return new self(array_values($order), $this->things);
    }

    /** Things that are alike may stand either way round. */
    public function says(Given $other): bool
    {
        if (!$other instanceof self) {
            return false;
        }
        $counts = [] === $this->counts ? $other->counts : $this->counts;
        $as = static fn (self $one): array => array_map(static fn (int $i): int|float|null => $counts[$i] ?? null, $one->positions);

        return [] === $counts ? $this->text() === $other->text() : $as($this) === $as($other);
    }
}
