<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Skill\Another;

/**
 * The same sheet with other numbers: each question with the same features as the first one's, so that neighbours, or a
 * whole class, have work of the same kind and nothing to copy. The same seed gives the same copies.
 */
final readonly class Copies
{
    /** The most that are made at once. */
    public const MOST = 60;

    public function __construct(private SumReader $reader, private Another $another)
    {
    }

    /**
     * @param list<string> $sums  in canonical text, or as typed; what cannot be read stays as it is
     * @param list<int>    $fixed places of questions that are to be the same for all
     * @param int          $count 1 to {@see self::MOST}, the sheet itself as the first among them
     */
    public function make(array $sums, array $fixed, int $count, int $seed): CopySet
    {
        $pools = [];
        foreach ($sums as $place => $sum) {
            $others = \in_array($place, $fixed, true) ? [] : $this->others($sum, $count - 1 + \count($sums), $seed + 31 * $place);
            $pools[$place] = [$sum, ...$others];
        }
        $copies = [$sums];
        $used = array_map(static fn (string $sum): array => [$sum => true], $sums);
        for ($v = 1; $v < $count; ++$v) {
            $taken = [];
            $copy = [];
            foreach ($pools as $place => $pool) {
                $copy[] = $sum = $this->pick($pool, $v, $taken, $used[$place] ?? []);
                $taken[$sum] = true;
                $used[$place][$sum] = true;
            }
            $copies[] = $copy;
        }
        $few = array_filter(array_map(count(...), $used), static fn (int $different, int $place): bool => $different < $count && !\in_array($place, $fixed, true), \ARRAY_FILTER_USE_BOTH);

        return new CopySet($copies, $few);
    }

    /**
     * The first that no other copy has in this place and that does not stand on the same sheet already; failing that,
     * the one whose turn it is.
     *
     * @param non-empty-list<string> $pool
     * @param array<string, true>    $taken on this sheet
     * @param array<string, true>    $used  in this place
     */
    private function pick(array $pool, int $turn, array $taken, array $used): string
    {
        $size = \count($pool);
        $pick = $pool[$turn % $size];
        for ($i = $size - 1; $i >= 0; --$i) {
            $sum = $pool[($turn + $i) % $size];
            if (!isset($taken[$sum]) && (!isset($used[$sum]) || isset($used[$pick]) || isset($taken[$pick]))) {
                $pick = $sum;
            }
        }

        return $pick;
    }

    /** @return list<string> */
    private function others(string $sum, int $count, int $seed): array
    {
        try {
            $like = $this->another->like($this->reader->read($sum)->sum, $count, $seed);
        } catch (NotUnderstood) {
            return [];
        }

        return array_map(static fn ($other): string => $other->sum, $like);
    }
}
