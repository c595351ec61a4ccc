<?php

declare(strict_types=1);

/*
 * Replies to many at a time: getting and saving a sheet beside an empty reply of the framework, at 8 connections and at 35.
 * Usage: php tools/bench-load.php http://127.0.0.1:8321
 */

/** @var non-empty-string $address */
$address = $argv[1] ?? 'http://127.0.0.1:8321';
$jar = tempnam(sys_get_temp_dir(), 'jar');
$headers = ['Content-Type: application/json', 'Origin: '.$address, 'Sec-Fetch-Site: same-origin'];

$handle = static function (string $method, string $path, ?string $body) use ($address, $jar, $headers): CurlHandle {
    $handle = curl_init($address.$path);
    curl_setopt_array($handle, [\CURLOPT_CUSTOMREQUEST => $method, \CURLOPT_HTTPHEADER => $headers, \CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIEFILE => $jar] + (null === $body ? [] : [\CURLOPT_POSTFIELDS => $body]));

    return $handle;
};

/** @return array<mixed> */
$ask = static function (string $method, string $path, ?array $body = null) use ($handle, $jar): array {
    $one = $handle($method, $path, null === $body ? null : json_encode($body, \JSON_THROW_ON_ERROR));
    curl_setopt($one, \CURLOPT_COOKIEJAR, $jar);
    $reply = curl_exec($one);
    curl_close($one);

    return is_string($reply) ? (array) json_decode($reply, true) : [];
};

/**
 * @param int                            $side  at a time
 * @param callable(int): array{string, string, ?string} $next method, path and body of the request of a connection
 *
 * @return array{float, float} milliseconds: median and 95th percentile
 */
$load = static function (int $side, int $count, callable $next, ?callable $done = null) use ($handle): array {
    $multi = curl_multi_init();
    $begun = [];
    $of = [];
    $sent = 0;
    $times = [];
    $add = static function (int $connection) use (&$begun, &$of, &$sent, $multi, $handle, $next): void {
        $one = $handle(...$next($connection));
        curl_multi_add_handle($multi, $one);
        $begun[spl_object_id($one)] = hrtime(true);
        $of[spl_object_id($one)] = $connection;
        ++$sent;
    };
    for ($i = 0; $i < $side; ++$i) {
        $add($i);
    }
    do {
        curl_multi_exec($multi, $running);
        while ($info = curl_multi_info_read($multi)) {
            $one = $info['handle'];
            $times[] = (hrtime(true) - $begun[spl_object_id($one)]) / 1e6;
            if (curl_getinfo($one, \CURLINFO_RESPONSE_CODE) >= 300) {
                fwrite(\STDERR, curl_getinfo($one, \CURLINFO_EFFECTIVE_URL).' answered '.curl_getinfo($one, \CURLINFO_RESPONSE_CODE)."\n");
                exit(1);
            }
            $connection = $of[spl_object_id($one)];
            if (null !== $done) {
                $done($connection, (string) curl_multi_getcontent($one));
            }
            curl_multi_remove_handle($multi, $one);
            if ($sent < $count) {
                $add($connection);
                $running = 1;
            }
        }
        curl_multi_select($multi, 0.05);
    } while ($running > 0 || count($times) < $count);
    sort($times);

    return [$times[intdiv(count($times), 2)], $times[(int) (0.95 * count($times))]];
};

$ask('POST', '/api/sign-in', ['email' => 'arden@ombrel.example', 'password' => 'Pintail at noon']);
$sheets = [];
for ($i = 0; $i < 35; ++$i) {
    $questions = [];
    for ($k = 0; $k < 12; ++$k) {
        $questions[] = ['id' => sprintf('00000000-0000-4000-8000-%012d', $k), 'text' => ['sum' => sprintf('%d h %d min + 2 h 45 min', 1 + $k, 5 * $k)]];
    }
    $sheets[$i] = $ask('POST', '/api/sheets', ['title' => 'Load '.$i, 'questions' => $questions]);
}
$empty = static fn (int $i): array => ['POST', '/api/empty', '{}'];
$get = static fn (int $i): array => ['GET', '/api/sheets/'.$sheets[$i]['id'], null];
$put = static function (int $i) use (&$sheets): array {
    $sheet = $sheets[$i];

    return ['PUT', '/api/sheets/'.$sheet['id'], json_encode(['version' => $sheet['version'], 'title' => 'Load '.bin2hex(random_bytes(3)), 'questions' => array_map(static fn (array $q): array => ['id' => $q['id'], 'text' => $q['text']], $sheet['questions'])], \JSON_THROW_ON_ERROR)];
};
$saved = static function (int $i, string $reply) use (&$sheets): void {
    $sheets[$i] = (array) json_decode($reply, true);
};
$load(8, 200, $empty);
$load(8, 200, $get);
foreach ([8, 35] as $side) {
    [$e, $e95] = $load($side, 1200, $empty);
    [$g, $g95] = $load($side, 600, $get);
    [$p, $p95] = $load($side, 600, $put, $saved);
    printf("%2d at a time   empty %6.1f ms, 95%% %6.1f   a sheet %6.1f ms (%.1f), 95%% %6.1f (%.1f)   saved %6.1f ms (%.1f), 95%% %6.1f (%.1f)\n", $side, $e, $e95, $g, $g / $e, $g95, $g95 / $e95, $p, $p / $e, $p95, $p95 / $e95);
}
for ($i = 0; $i < 35; ++$i) {
    $ask('DELETE', '/api/sheets/'.$sheets[$i]['id']);
}
unlink($jar);
