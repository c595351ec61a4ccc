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
     */
    public function __construct(public array $positions, private array $things)
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

    /** Things that are alike may stand either way round. */
    public function says(Given $other): bool
    {
        return $other instanceof self && $this->text() === $other->text();
    }
}
