<?php

declare(strict_types=1);

/*
 * How long what is done to a sheet takes, beside an empty reply of the framework; and a class set: 30 copies of 12 questions
 * and their keys, made, and as a PDF, beside WeasyPrint alone on the same HTML.
 * Usage: php tools/bench-sheets.php http://127.0.0.1:8321
 */

/** @var non-empty-string $address */
$address = $argv[1] ?? 'http://127.0.0.1:8321';
$handle = curl_init();
curl_setopt($handle, \CURLOPT_COOKIEFILE, '');

/**
 * @param array<string, mixed>|null $body
 *
 * @return array{string, float} the reply, and the seconds it took
 */
$ask = static function (string $path, ?array $body = null, string $method = 'POST') use ($handle, $address): array {
    curl_setopt_array($handle, [
        \CURLOPT_URL => $address.$path,
        \CURLOPT_HTTPGET => null === $body,
        \CURLOPT_CUSTOMREQUEST => null === $body ? 'GET' : $method,
        \CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Origin: '.$address, 'Sec-Fetch-Site: same-origin'],
        \CURLOPT_RETURNTRANSFER => true,
    ]);
    if (null !== $body) {
        curl_setopt($handle, \CURLOPT_POSTFIELDS, json_encode($body, \JSON_THROW_ON_ERROR));
    }
    $start = hrtime(true);
    $reply = curl_exec($handle);
    $seconds = (hrtime(true) - $start) / 1e9;
    if (!is_string($reply) || !in_array(curl_getinfo($handle, \CURLINFO_RESPONSE_CODE), [200, 201], true)) {
        fwrite(\STDERR, $path.' did not answer as it should.'."\n");
        exit(1);
    }

    return [$reply, $seconds];
};

$ask('/api/sign-in', ['email' => 'arden@ombrel.example', 'password' => 'Pintail at noon']);
$aims = [['rung' => 'subtract-regroup', 'count' => 6], ['rung' => 'how-long-across-hours', 'count' => 6]];
[$made] = $ask('/api/sheets/make', ['title' => 'Class set', 'aims' => $aims, 'levels' => ['core'], 'seed' => 3]);
/** @var array{sheets: list<array{id: string}>} $made */
$made = json_decode($made, true, 16, \JSON_THROW_ON_ERROR);
$sheet = $made['sheets'][0]['id'];

/** @param callable(): array{string, float} $once */
$median = static function (callable $once): float {
    $times = [];
    for ($i = 0; $i < 60; ++$i) {
        $times[] = 1000 * $once()[1];
    }
    sort($times);

    return $times[30];
};
$empty = $median(static fn (): array => $ask('/api/empty', []));
printf("an empty reply of the framework      %6.2f ms (medians of 60)\n", $empty);
$line = static function (string $what, callable $once) use ($median, $empty): void {
    $time = $median($once);
    printf("%-36s %6.2f ms %5.2f times an empty reply\n", $what, $time, $time / $empty);
};
$line('who is signed in', static fn (): array => $ask('/api/me'));
$line('the shelf', static fn (): array => $ask('/api/sheets'));
$line('a sheet of 12 questions', static fn (): array => $ask('/api/sheets/'.$sheet));
[$kept] = $ask('/api/sheets/'.$sheet);
/** @var array{version: int, title: string, questions: list<array<string, mixed>>, settings: array<string, mixed>} $kept */
$kept = json_decode($kept, true, 16, \JSON_THROW_ON_ERROR);
$line('a change of it saved', static function () use (&$kept, $ask, $sheet): array {
    $kept['title'] = 'Class set '.$kept['version'];
    $saved = $ask('/api/sheets/'.$sheet, ['version' => $kept['version'], 'title' => $kept['title'], 'questions' => $kept['questions'], 'settings' => $kept['settings']], 'PUT');
    ++$kept['version'];

    return $saved;
});
$sums = array_column(array_column($kept['questions'], 'text'), 'sum');
$line('other numbers for all of it', static fn (): array => $ask('/api/sheets/others', ['sums' => $sums, 'keep' => [], 'seed' => 3]));
$line('what it brings to light', static fn (): array => $ask('/api/sheets/'.$sheet.'/separating'));
$line('its pages and key as HTML', static fn (): array => $ask('/print/sheets/'.$sheet));
$sets = [];
for ($i = 0; $i < 5; ++$i) {
    [$set, $seconds] = $ask('/api/sheets/'.$sheet.'/sets', ['count' => 30, 'seed' => $i]);
    $sets[] = $seconds;
}
/** @var array{id: string} $set */
$set = json_decode($set, true, 16, \JSON_THROW_ON_ERROR);
[$html, $page] = $ask('/print/sheets/'.$sheet.'?set='.$set['id']);
[, $pdf] = $ask('/print/sheets/'.$sheet.'.pdf/progress?set='.$set['id']);
$file = tempnam(sys_get_temp_dir(), 'set').'.html';
file_put_contents($file, str_replace('href="/', 'href="', $html));
$start = hrtime(true);
exec('weasyprint --quiet --base-url '.escapeshellarg('file://'.dirname(__DIR__).'/app/public/').' '.escapeshellarg($file).' /dev/null', result_code: $code);
$alone = (hrtime(true) - $start) / 1e9;
unlink($file);
sort($sets);
printf("30 copies of 12 questions, made      %6.2f s  (median of 5; at most 2 is wanted)\n", $sets[2]);
printf("their pages and keys as HTML         %6.2f s\n", $page);
printf("their PDF, with progress             %6.2f s\n", $pdf);
printf("WeasyPrint alone on the same HTML    %6.2f s\n", $alone);
printf("ratio                                %6.2f\n", $pdf / max(0.01, $alone));
exit($code);
