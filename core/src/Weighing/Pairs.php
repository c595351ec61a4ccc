<?php

declare(strict_types=1);

namespace Rostik\Core\Weighing;

use Rostik\Core\Judging\Given;

/**
 * All pairs of some mistakes. A sum tells two apart where they lead to different answers, or where only one of them shows.
 */
final readonly class Pairs
{
    /** @param array<string, array{string, string}> $all by a name of the pair */
    private function __construct(public array $all)
    {
    }

    /** @param list<string> $mistakes */
    public static function of(array $mistakes): self
    {
        $pairs = [];
        foreach ($mistakes as $i => $a) {
            foreach (\array_slice($mistakes, $i + 1) as $b) {
                $pairs[$a.'+'.$b] = [$a, $b];
            }
        }

        return new self($pairs);
    }

    /**
     * @param array<string, Given> $predicted what each mistake leads to in one sum
     *
     * @return list<string> names of the pairs that this sum tells apart
     */
    public function separatedBy(array $predicted): array
    {
        $names = [];
        foreach ($this->all as $name => [$a, $b]) {
            $one = $predicted[$a] ?? null;
            $other = $predicted[$b] ?? null;
            if (null === $one || null === $other ? $one !== $other : !$one->says($other)) {
                $names[] = $name;
            }
        }

        return $names;
    }
}
