<?php

declare(strict_types=1);

/*
 * A class at practice: so many tablets that answer every four seconds, with the teacher's view open, beside an empty reply
 * in the same run. Nothing may be lost or taken twice.
 * Usage: php tools/bench-practice.php http://127.0.0.1:8321 [seconds] [tablets]
 */

/** @var non-empty-string $address */
$address = $argv[1] ?? 'http://127.0.0.1:8321';
$seconds = (int) ($argv[2] ?? 180);
$tablets = (int) ($argv[3] ?? 35);
const EVERY = 4.0;
const LOOKS_EVERY = 3.0;

$headers = ['Content-Type: application/json', 'Origin: '.$address, 'Sec-Fetch-Site: same-origin'];
$handle = static function (string $jar, string $method, string $path, ?string $body) use ($address, $headers): CurlHandle {
    $handle = curl_init($address.$path);
    curl_setopt_array($handle, [\CURLOPT_CUSTOMREQUEST => $method, \CURLOPT_HTTPHEADER => $headers, \CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIEFILE => $jar] + (null === $body ? [] : [\CURLOPT_POSTFIELDS => $body]));

    return $handle;
};
/** @return array<mixed> */
$ask = static function (string $jar, string $method, string $path, mixed $body = null) use ($handle): array {
    $one = $handle($jar, $method, $path, null === $body ? null : json_encode($body, \JSON_THROW_ON_ERROR));
    curl_setopt($one, \CURLOPT_COOKIEJAR, $jar);
    $reply = (string) curl_exec($one);
    $status = curl_getinfo($one, \CURLINFO_RESPONSE_CODE);
    curl_close($one);
    if ($status >= 400) {
        fwrite(\STDERR, $path.' answered '.$status.': '.$reply."\n");
        exit(1);
    }

    return (array) json_decode($reply, true);
};

$teacher = (string) tempnam(sys_get_temp_dir(), 'jar');
$ask($teacher, 'POST', '/api/sign-in', ['email' => 'arden@ombrel.example', 'password' => 'Pintail at noon']);
$id = sprintf('01900000-0000-7000-8000-%012x', random_int(1, 1 << 40));
$children = array_map(static fn (int $i): array => ['id' => sprintf('01900000-0000-7001-8000-%012x', random_int(1, 1 << 46)), 'name' => 'Child '.$i], range(1, $tablets));
$ask($teacher, 'PUT', '/api/classes/'.$id, ['name' => 'A class at practice', 'children' => $children, 'taught' => []]);
$practice = $ask($teacher, 'POST', '/api/classes/'.$id.'/practices', ['of' => 'needs', 'many' => 40]);

/** @var list<array{jar: string, next: float, questions: list<array{id: string, usual: list<array{text: string, signal: string}>}>, given: array<string, list<string>>}> $seats */
$seats = [];
foreach ($children as $i => $child) {
    $jar = (string) tempnam(sys_get_temp_dir(), 'jar');
    $ask($jar, 'POST', '/api/go/class', ['code' => $practice['code']]);
    $ask($jar, 'POST', '/api/go/in', ['code' => $practice['code'], 'child' => $child['id']]);
    $seats[] = ['jar' => $jar, 'next' => EVERY * $i / $tablets, 'questions' => [], 'given' => []];
}
usleep(1_500_000);
foreach ($seats as $i => $seat) {
    $seats[$i]['questions'] = array_values((array) $ask($seat['jar'], 'GET', '/api/go/now')['offers']);
}

mt_srand(7);
$multi = curl_multi_init();
$begin = hrtime(true);
$now = static fn (): float => (hrtime(true) - $begin) / 1e9;
$times = ['answer' => [], 'look' => [], 'empty' => [], 'more' => []];
$errors = 0;
$under = [];
$add = static function (string $what, ?int $seat, CurlHandle $one) use (&$under, $multi, $now): void {
    curl_multi_add_handle($multi, $one);
    $under[spl_object_id($one)] = [$what, $seat, $now()];
};
$nextLook = $nextEmpty = 0.0;
$later = [];
while ($now() < $seconds || [] !== $under) {
    $at = $now();
    if ($at < $seconds) {
        foreach ($seats as $i => $seat) {
            if ($seat['next'] > $at) {
                continue;
            }
            $seats[$i]['next'] += EVERY;
            $question = $seat['questions'][0] ?? null;
            if (null === $question) {
                continue;
            }
            $n = count($seat['given'][$question['id']] ?? []);
            // four in five right, at once or with the second answer
            $wanted = 0 === $n && 0 === mt_rand(0, 4) ? 'look' : 'right';
            $usual = array_values(array_filter($question['usual'], static fn (array $one): bool => $one['signal'] === $wanted))[0] ?? $question['usual'][0];
            $seats[$i]['given'][$question['id']][] = $usual['text'];
            if ('right' === $usual['signal']) {
                array_shift($seats[$i]['questions']);
            }
            $have = array_map(static fn (array $one): string => $one['id'], $seats[$i]['questions']);
            $add('answer', $i, $handle($seat['jar'], 'POST', '/api/go/answers', json_encode(['answers' => [['question' => $question['id'], 'n' => $n, 'given' => $usual['text'], 'help' => 0, 'over' => false]], 'have' => $have], \JSON_THROW_ON_ERROR)));
        }
        foreach ($later as $key => [$when, $i]) {
            if ($when <= $at) {
                unset($later[$key]);
                $have = array_map(static fn (array $one): string => $one['id'], $seats[$i]['questions']);
                $add('more', $i, $handle($seats[$i]['jar'], 'GET', '/api/go/now?'.http_build_query(['have' => $have]), null));
            }
        }
        if ($at >= $nextLook) {
            $nextLook += LOOKS_EVERY;
            $add('look', null, $handle($teacher, 'GET', '/api/practices/'.$practice['id'], null));
        }
        if ($at >= $nextEmpty) {
            $nextEmpty += 0.2;
            $add('empty', null, $handle($teacher, 'POST', '/api/empty', '{}'));
        }
    }
    curl_multi_exec($multi, $running);
    while ($info = curl_multi_info_read($multi)) {
        $one = $info['handle'];
        [$what, $i, $sent] = $under[spl_object_id($one)];
        unset($under[spl_object_id($one)]);
        $times[$what][] = 1000 * ($now() - $sent);
        $reply = (array) json_decode((string) curl_multi_getcontent($one), true);
        if (curl_getinfo($one, \CURLINFO_RESPONSE_CODE) >= 300) {
            ++$errors;
            fwrite(\STDERR, curl_getinfo($one, \CURLINFO_EFFECTIVE_URL).' answered '.curl_getinfo($one, \CURLINFO_RESPONSE_CODE)."\n");
        } elseif (null !== $i) {
            $known = [];
            foreach ([...$seats[$i]['questions'], ...array_values((array) ($reply['offers'] ?? []))] as $offer) {
                $known[$offer['id']] = $offer;
            }
            $seats[$i]['questions'] = array_values(array_filter(array_map(static fn (string $id): ?array => $known[$id] ?? null, (array) ($reply['waiting'] ?? []))));
            if (true === ($reply['more'] ?? false)) {
                $later[] = [$now() + 1.5, $i];
            }
        }
        curl_multi_remove_handle($multi, $one);
        curl_close($one);
    }
    curl_multi_select($multi, 0.01);
}

$at95 = static function (array $all): float {
    sort($all);

    return [] === $all ? 0.0 : $all[(int) (0.95 * (count($all) - 1))];
};
$median = static function (array $all): float {
    sort($all);

    return [] === $all ? 0.0 : $all[intdiv(count($all), 2)];
};
// what has arrived, beside what was given
$lost = $doubled = $answers = 0;
foreach ($ask($teacher, 'GET', '/api/practices/'.$practice['id'])['seats'] as $seen) {
    $kept = $ask($teacher, 'GET', '/api/practices/'.$practice['id'].'/seats/'.$seen['id']);
    $given = 0;
    foreach ($seats as $i => $seat) {
        if ('Child '.($i + 1) === $seen['name']) {
            $given = array_sum(array_map(count(...), $seat['given']));
        }
    }
    $arrived = array_sum(array_map(static fn (array $one): int => count($one['answers']), $kept));
    $answers += $given;
    $lost += max(0, $given - $arrived);
    $doubled += max(0, $arrived - $given);
}
$ask($teacher, 'DELETE', '/api/classes/'.$id);
$ratio = $at95($times['answer']) / max(0.01, $at95($times['empty']));
printf("%d tablets, an answer every %.0f s, for %d s: %d answers, %d errors, %d lost, %d taken twice\n", $tablets, EVERY, $seconds, $answers, $errors, $lost, $doubled);
printf("an answer      median %6.1f ms, 95%% %6.1f ms   %.1f times an empty reply's 95%% (5 allowed)\n", $median($times['answer']), $at95($times['answer']), $ratio);
printf("more questions median %6.1f ms, 95%% %6.1f ms\n", $median($times['more']), $at95($times['more']));
printf("teacher's view median %6.1f ms, 95%% %6.1f ms\n", $median($times['look']), $at95($times['look']));
printf("an empty reply median %6.1f ms, 95%% %6.1f ms\n", $median($times['empty']), $at95($times['empty']));
exit($errors + $lost + $doubled > 0 ? 1 : 0);
