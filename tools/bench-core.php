<?php

declare(strict_types=1);

/*
 * How fast the core is, beside a general-purpose library doing the same sum in the same run: nesbot/carbon parses the
 * time, adds the length and formats the result. The turns are taken in short bursts one after the other and the
 * fastest burst of each counts, so that whatever else the machine does in between falls on all alike.
 */

use Rostik\Core\Tests\Core;
use Carbon\Carbon;
use Rostik\Core\Weighing\Choosing;
use Rostik\Core\Weighing\Diagnostician;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Work\Workbench;

require __DIR__.'/../vendor/autoload.php';

$reader = Core::get(SumReader::class);
$writer = Writer::plain();
$workbench = Core::get(Workbench::class);
$sum = '1:50 p.m. + 3 h 30 min';

$turns = [
    'carbon' => static fn (): string => Carbon::parse('1:50 p.m.')->addHours(2)->addMinutes(30)->format('g:i a'),
    'carbon, the length from text too' => static fn (): string => Carbon::parse('1:50 p.m.')->add('2 hours 30 minutes')->format('g:i a'),
    'a bare answer' => static fn (): string => $writer->answer($reader->read($sum)->sum->answer()),
    'a worked sum, all its methods' => static fn (): object => $workbench->work($sum),
];

/** @var array<string, float> $best microseconds */
$best = [];
foreach ($turns as $turn) {
    for ($i = 0; $i < 200; ++$i) {
        $turn();
    }
}
for ($burst = 0; $burst < 150; ++$burst) {
    foreach ($turns as $name => $turn) {
        $start = hrtime(true);
        for ($i = 0; $i < 30; ++$i) {
            $turn();
        }
        $best[$name] = min($best[$name] ?? \INF, (hrtime(true) - $start) / 30e3);
    }
}
// thirty children with twenty answers each
$diagnostician = Core::get(Diagnostician::class);
$set = Core::get(Choosing::class)->choose(Core::get(Ladder::class)->rung('subtract-regroup'), Level::Core, 20, 1)->sums;
$given = ['3 h 45 min', '2 h 15 min', '4 h 5', '1 h 85 min', '55 min', '', '2 45'];
$start = hrtime(true);
for ($child = 0; $child < 30; ++$child) {
    $diagnostician->diagnose(array_map(static fn (string $text, int $i): array => [$text, $given[($i * 5 + $child) % 7]], $set, array_keys($set)));
}
printf("Thirty children with twenty answers each: %.0f ms (at most 500 is wanted)\n", (hrtime(true) - $start) / 1e6);
$start = hrtime(true);
for ($i = 0; $i < 1000; ++$i) {
    $diagnostician->judge($set[$i % 20], $given[$i % 7]);
}
printf("One answer:                                %.3f ms (at most 1 is wanted)\n", (hrtime(true) - $start) / 1e9);

echo 'The sum '.$sum.":\n";
foreach ($best as $name => $time) {
    printf("  %-34s %7.1f µs   %5.2f times Carbon\n", $name, $time, $time / $best['carbon']);
}
echo "  (wanted: a bare answer at most 1, a worked sum at most 10 times Carbon's parse, add and format)\n";
