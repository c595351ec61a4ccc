<?php

declare(strict_types=1);

/*
 * How fast the replies are: the worked sum beside an empty reply of the same framework, in the same run.
 * Usage: php tools/bench-replies.php http://127.0.0.1:8321
 */

/** @var non-empty-string $address */
$address = $argv[1] ?? 'http://127.0.0.1:8321';
$handle = curl_init();

/** @return float milliseconds of one reply */
$ask = static function (string $path, string $body) use ($handle, $address): float {
    curl_setopt_array($handle, [
        \CURLOPT_URL => $address.$path,
        \CURLOPT_POST => true,
        \CURLOPT_POSTFIELDS => $body,
        \CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept-Encoding: gzip'],
        \CURLOPT_RETURNTRANSFER => true,
    ]);
    $start = hrtime(true);
    curl_exec($handle);
    $time = (hrtime(true) - $start) / 1e6;
    if (200 !== curl_getinfo($handle, \CURLINFO_RESPONSE_CODE)) {
        fwrite(\STDERR, $path.' did not answer as it should.'."\n");
        exit(1);
    }

    return $time;
};

$sums = ['1:50 pm + 3 h 30 min', '10:15 am - 35 min', '6 h 10 min - 3 h 45 min', '22:50 to 06:15', '3 h 35 min + 2 h 25 min'];
for ($i = 0; $i < 40; ++$i) {
    $ask('/api/empty', '{}');
    $ask('/api/work', (string) json_encode(['sum' => $sums[$i % 5]]));
}
$empty = [];
$work = [];
for ($i = 0; $i < 400; ++$i) {
    $empty[] = $ask('/api/empty', '{}');
    $work[] = $ask('/api/work', (string) json_encode(['sum' => $sums[$i % 5]]));
}
sort($empty);
sort($work);
printf("an empty reply of the framework  %6.2f ms (median of %d)\n", $empty[200], count($empty));
printf("a worked sum, all its methods    %6.2f ms (median of %d)\n", $work[200], count($work));
printf("ratio                            %6.2f   (at most 2 is wanted)\n", $work[200] / $empty[200]);
