<?php

declare(strict_types=1);

/*
 * Load on several servers while some of them are killed: eight teachers' browsers save sheets, each its own, and begin new ones.
 * What was acknowledged has to be there in the end. Says how many requests failed, when, and what is lost.
 * Usage: php tools/cluster-load.php http://127.0.0.1:8601 SECONDS
 */

/** @var non-empty-string $address */
$address = $argv[1] ?? 'http://127.0.0.1:8601';
$seconds = (int) ($argv[2] ?? 40);
$jar = tempnam(sys_get_temp_dir(), 'jar');
$headers = ['Content-Type: application/json', 'Origin: '.$address, 'Sec-Fetch-Site: same-origin'];
const CONNECTIONS = 8;

$handle = static function (string $method, string $path, mixed $body = null) use ($address, $jar, $headers): CurlHandle {
    $handle = curl_init($address.$path);
    curl_setopt_array($handle, [\CURLOPT_CUSTOMREQUEST => $method, \CURLOPT_HTTPHEADER => $headers, \CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIEFILE => $jar, \CURLOPT_TIMEOUT => 20] + (null === $body ? [] : [\CURLOPT_POSTFIELDS => json_encode($body, \JSON_THROW_ON_ERROR)]));

    return $handle;
};
$ask = static function (string $method, string $path, mixed $body = null) use ($handle, $jar): array {
    $one = $handle($method, $path, $body);
    curl_setopt($one, \CURLOPT_COOKIEJAR, $jar);
    $reply = curl_exec($one);
    $code = curl_getinfo($one, \CURLINFO_RESPONSE_CODE);
    curl_close($one);

    return [$code, is_string($reply) ? (array) json_decode($reply, true) : []];
};

$ask('POST', '/api/sign-in', ['email' => 'arden@ombrel.example', 'password' => 'Pintail at noon']);
$sheets = [];
for ($i = 0; $i < CONNECTIONS; ++$i) {
    [, $sheets[$i]] = $ask('POST', '/api/sheets', ['title' => 'Load '.$i, 'questions' => []]);
}
$multi = curl_multi_init();
$begun = $of = [];
$acknowledged = array_fill(0, CONNECTIONS, 0);
$sent = array_fill(0, CONNECTIONS, 0);
$created = [];
$count = $failed = $conflicts = 0;
/** @var array<int, int> $when failures by second */
$when = [];
$start = hrtime(true);
$next = static function (int $i) use (&$sheets, &$sent, $multi, $handle, &$begun, &$of): void {
    ++$sent[$i];
    $new = 0 === $sent[$i] % 10;
    $one = $new
        ? $handle('POST', '/api/sheets', ['title' => 'New '.$i.' '.$sent[$i], 'questions' => []])
        : $handle('PUT', '/api/sheets/'.$sheets[$i]['id'], ['version' => $sheets[$i]['version'], 'title' => 'Load '.$sent[$i], 'questions' => []]);
    curl_multi_add_handle($multi, $one);
    $begun[spl_object_id($one)] = hrtime(true);
    $of[spl_object_id($one)] = [$i, $new, $sent[$i]];
};
for ($i = 0; $i < CONNECTIONS; ++$i) {
    $next($i);
}
$under = CONNECTIONS;
while ($under > 0) {
    curl_multi_exec($multi, $running);
    while ($info = curl_multi_info_read($multi)) {
        $one = $info['handle'];
        [$i, $new, $number] = $of[spl_object_id($one)];
        $code = curl_getinfo($one, \CURLINFO_RESPONSE_CODE);
        $reply = (array) json_decode((string) curl_multi_getcontent($one), true);
        ++$count;
        $at = (int) ((hrtime(true) - $start) / 1e9);
        if (201 === $code && $new) {
            $created[] = $reply['id'];
        } elseif (200 === $code) {
            $sheets[$i] = $reply;
            $acknowledged[$i] = $number;
        } elseif (409 === $code && isset($reply['sheet'])) {
            // one whose reply was lost may have been saved
            ++$conflicts;
            $sheets[$i] = $reply['sheet'];
        } elseif (409 === $code) {
            ++$conflicts;
        } else {
            ++$failed;
            $when[$at] = ($when[$at] ?? 0) + 1;
        }
        curl_multi_remove_handle($multi, $one);
        --$under;
        if ((hrtime(true) - $start) / 1e9 < $seconds) {
            $next($i);
            ++$under;
        }
    }
    curl_multi_select($multi, 0.02);
}
$lost = 0;
for ($i = 0; $i < CONNECTIONS; ++$i) {
    [, $now] = $ask('GET', '/api/sheets/'.$sheets[$i]['id']);
    $lost += (int) substr((string) ($now['title'] ?? 'Load -1'), 5) < $acknowledged[$i] ? 1 : 0;
}
foreach ($created as $id) {
    [$code] = $ask('GET', '/api/sheets/'.$id);
    $lost += 200 === $code ? 0 : 1;
}
ksort($when);
$longest = $run = 0;
$last = null;
foreach (array_keys($when) as $second) {
    $run = null !== $last && $second - $last <= 1 ? $run + 1 : 1;
    $longest = max($longest, $run);
    $last = $second;
}
printf("%d requests in %d s, %d refused for another version, %d failed (%.2f %%), by second: %s\n", $count, $seconds, $conflicts, $failed, 100 * $failed / max(1, $count), [] === $when ? 'none' : implode(', ', array_map(static fn (int $second, int $n): string => $second.': '.$n, array_keys($when), $when)));
printf("the longest run of seconds with failures: %d; acknowledged and lost: %d\n", $longest, $lost);
unlink($jar);
exit(0 === $lost && $failed / max(1, $count) < 0.01 && $longest < 10 ? 0 : 1);
