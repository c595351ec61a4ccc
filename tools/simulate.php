<?php

declare(strict_types=1);

/*
 * Simulated classes, diagnosed: prints how often a mistake is found where a child has it, and seen where it has not.
 * The children's rules are stated apart from the catalogue (core/tests/Weighing/Child.php, RealPupils.php).
 * Usage: php tools/simulate.php [children a mistake and rung]
 */

use Rostik\Core\Tests\Weighing\RealPupils;
use Rostik\Core\Tests\Weighing\Simulation;

require __DIR__.'/../vendor/autoload.php';

$children = max(4, (int) ($argv[1] ?? 40));
$share = static fn (int $part, int $of): string => 0 === $of ? '   –  ' : sprintf('%5.1f %%', 100 * $part / $of);

echo "Children with one mistake, slipping in 1 of 10 answers; eight chosen sums of a rung\n";
$one = (new Simulation($children, 8321))->one(8);
[$showed, $first] = [0, 0];
foreach ($one as $mistake => [$s, $f]) {
    printf("  %-26s showed in %5d, first in %s\n", $mistake, $s, $share($f, $s));
    $showed += $s;
    $first += $f;
}
printf("  %-26s showed in %5d, first in %s   (95 %% is wanted)\n", 'all together', $showed, $share($first, $showed));
$random = (new Simulation($children, 8321))->one(8, false);
$rs = array_sum(array_column($random, 0));
printf("  %-26s showed in %5d, first in %s\n", 'with random sums instead', $rs, $share((int) array_sum(array_column($random, 1)), $rs));

$secure = (new Simulation($children, 1440))->secure(8);
$all = array_sum(array_column($secure, 0));
printf("Secure children who slip in 1 of 10: %d, called mistaken %s   (at most 3 %% is wanted)\n", $all, $share((int) array_sum(array_column($secure, 1)), $all));
[$both, $found] = (new Simulation($children, 60))->two(16);
printf("Children with two mistakes, sixteen chosen sums: both showed in %d, both found in %s   (80 %% is wanted)\n", $both, $share($found, $both));
[$chosen, $by, $of] = (new Simulation(1, 1))->separated(8);
printf("Pairs of mistakes told apart by eight sums: chosen %d, random %d, of %d that can be\n", $chosen, $by, $of);

echo "Children more like real ones\n";
foreach ((new RealPupils(77))->table(25 * $children) as $what => $figure) {
    printf("  %-46s %s\n", $what, str_contains($what, 'off by') ? sprintf('%.3f', $figure) : sprintf('%5.1f %%', 100 * $figure));
}
