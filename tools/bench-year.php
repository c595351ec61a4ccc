<?php

declare(strict_types=1);

/*
 * How fast the places are where a whole year is looked at, beside an empty reply of the same framework, in the same run: a
 * class of 40 with 200 piles, 190 lessons and 20 practices, as `demo:year` loads it.
 * Usage: php tools/bench-year.php http://127.0.0.1:8321
 */

/** @var non-empty-string $address */
$address = $argv[1] ?? 'http://127.0.0.1:8321';
$jar = (string) tempnam(sys_get_temp_dir(), 'jar');
$handle = curl_init();

/** @return array{float, int, string} milliseconds, bytes as they go over the line, the reply */
$ask = static function (string $method, string $path, mixed $body = null) use ($handle, $jar, $address): array {
    curl_reset($handle);
    curl_setopt_array($handle, [
        \CURLOPT_URL => $address.$path, \CURLOPT_CUSTOMREQUEST => $method, \CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIEFILE => $jar, \CURLOPT_COOKIEJAR => $jar,
        \CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Origin: '.$address, 'Sec-Fetch-Site: same-origin', 'Accept-Encoding: identity'],
    ] + (null === $body ? [] : [\CURLOPT_POSTFIELDS => (string) json_encode($body)]));
    $start = hrtime(true);
    $reply = (string) curl_exec($handle);
    $time = (hrtime(true) - $start) / 1e6;
    if (curl_getinfo($handle, \CURLINFO_RESPONSE_CODE) >= 400) {
        fwrite(\STDERR, $method.' '.$path.' answered '.curl_getinfo($handle, \CURLINFO_RESPONSE_CODE).': '.substr($reply, 0, 300)."\n");
        exit(1);
    }

    return [$time, strlen($reply), $reply];
};

$ask('POST', '/api/sign-in', ['email' => 'year@ombrel.example', 'password' => 'Pintail at noon']);
/** @var list<array{id: string, children: list<array{id: string}>}> $classes */
$classes = json_decode($ask('GET', '/api/classes')[2], true);
$class = $classes[0]['id'];
$child = $classes[0]['children'][17]['id'];
$tomorrow = date('Y-m-d', time() + 30 * 86400);
$close = static function (string $reply) use ($ask): void {
    $id = json_decode($reply, true)['id'] ?? '';
    $ask('POST', '/api/practices/'.$id.'/close', ['lastWord' => '']);
};
$places = [
    'Follow up' => ['GET', '/api/classes/'.$class.'/follow-up', null, null],
    'a child' => ['GET', '/api/children/'.$child, null, null],
    'a child, its page' => ['GET', '/print/children/'.$child, null, null],
    'Today, the plan' => ['GET', '/api/classes/'.$class.'/plan', null, null],
    'the path' => ['GET', '/api/classes/'.$class.'/plan/path', null, null],
    'piles' => ['GET', '/api/piles', null, null],
    'practices' => ['GET', '/api/classes/'.$class.'/practices', null, null],
    'opening a practice' => ['POST', '/api/classes/'.$class.'/practices', ['of' => 'needs'], $close],
    'one lesson more' => ['POST', '/api/classes/'.$class.'/lessons', ['rung' => 'across-noon', 'on' => $tomorrow, 'start' => '10:40', 'minutes' => 45], static function (string $reply) use ($ask): void { $ask('DELETE', '/api/lessons/'.(json_decode($reply, true)['id'] ?? '')); }],
    'a mark' => ['POST', '', null, null],
];
/** @var list<array{id: string}> $piles */
$piles = json_decode($ask('GET', '/api/piles')[2], true);
$pile = json_decode($ask('GET', '/api/piles/'.$piles[0]['id'])[2], true);
$places['a mark'] = ['POST', '/api/piles/'.$piles[0]['id'].'/cells', ['since' => $pile['revision'] ?? 0, 'cells' => [['paper' => $pile['papers'][3]['id'], 'question' => 2, 'given' => '2 h 10 min']]], null];
$places['Follow up after a mark'] = ['GET', '/api/classes/'.$class.'/follow-up', null, null];

$median = static function (array $times): float {
    sort($times);

    return $times[intdiv(count($times), 2)];
};
$empty = [];
for ($i = 0; $i < 60; ++$i) {
    $empty[] = $ask('GET', '/api/me')[0];
}
$empty = [];
for ($i = 0; $i < 200; ++$i) {
    $empty[] = $ask('POST', '/api/empty', new stdClass())[0];
}
$least = $median($empty);
printf("an empty reply of the framework      %8.2f ms\n", $least);
$failed = false;
foreach ($places as $name => [$method, $path, $body, $after]) {
    $times = [];
    $bytes = 0;
    $first = 0.0;
    for ($i = 0; $i < 7; ++$i) {
        if ('Follow up after a mark' === $name) {
            $ask('POST', $places['a mark'][1], ['since' => 0, 'cells' => [['paper' => $pile['papers'][$i]['id'], 'question' => 1, 'given' => ($i + 1).' h 10 min']]]);
        }
        [$time, $bytes, $reply] = $ask($method, $path, $body);
        $times[] = $time;
        $first = 0 === $i ? $time : $first;
        null === $after || $after($reply);
    }
    $ratio = $median($times) / $least;
    $failed = $failed || $ratio > 15 || $bytes > 300_000;
    printf("%-36s %8.2f ms, %5.1f times an empty reply (15 allowed), %4d kB (300 allowed); the first %.0f ms\n", $name, $median($times), $ratio, $bytes / 1000, $first);
}
foreach (['/api/classes/'.$class.'/evidence.csv', '/api/classes/'.$class.'/plan.csv', '/api/piles/'.$piles[0]['id'].'.csv', '/api/classes/'.$class.'/data', '/api/account/data'] as $path) {
    [$time, $bytes] = $ask('GET', $path);
    printf("%-36s %8.2f ms, %5d kB\n", basename($path), $time, $bytes / 1000);
}
exit($failed ? 2 : 0);
