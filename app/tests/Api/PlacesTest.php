<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Api;

use Rostik\App\Tests\ApiTestCase;

/**
 * Where each address is answered, by the one list that nginx's configuration is made of (tools/places): whoever is not signed in
 * takes no worker of the teachers, children have theirs, and what takes long is had once at a time.
 */
final class PlacesTest extends ApiTestCase
{
    private const ROOT = __DIR__.'/../../..';

    /** @return list<array{string, string, string, string}> pattern, workers, settings, an address of the kind */
    private static function places(): array
    {
        $places = [];
        foreach (file(self::ROOT.'/tools/places', \FILE_IGNORE_NEW_LINES | \FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
            if ('#' !== $line[0]) {
                $parts = explode("\t", $line);
                self::assertCount(4, $parts, $line);
                $places[] = $parts;
            }
        }

        return $places;
    }

    /** @return array{string, string, string, string} the first that fits, as nginx takes it */
    private static function place(string $address): array
    {
        foreach (self::places() as $place) {
            if (1 === preg_match('~'.$place[0].'~', $address)) {
                return $place;
            }
        }
        self::fail('No place for '.$address);
    }

    public function testEachLineHasAnAddressThatComesToIt(): void
    {
        foreach (self::places() as $place) {
            self::assertSame($place, self::place($place[3]));
            self::assertContains($place[1], ['open', 'come_in', 'children', 'paper', 'signed_in']);
        }
    }

    public function testEveryAddressOfTheApplicationIsAnsweredWhereItBelongs(): void
    {
        $seen = [];
        foreach (self::routes() as [, $path]) {
            $address = (string) preg_replace('/\{[^}]+\}/', '0193b3a1-0000-7000-8000-000000000000', $path);
            [, $workers, $settings] = self::place($address);
            $seen[$workers] = true;
            $wanted = match (true) {
                str_contains($address, '.pdf') => 'paper',
                str_starts_with($address, '/api/go/') => 'children',
                1 === preg_match('~^/api/(sign-in|set-up|links)(/|$)~', $address) => 'come_in',
                1 === preg_match('~^/api/(work|empty|board|mistakes)(/|$)~', $address) => 'open',
                default => 'signed_in',
            };
            self::assertSame($wanted, $workers, $address);
            self::assertMatchesRegularExpression('/limit_(?:req|conn) zone=\w+|limit_conn \w+ \d/', $settings, $address.' is held to some measure');
            if ('paper' === $workers) {
                self::assertStringContainsString('limit_conn paper 1;', $settings);
            }
        }
        self::assertCount(5, $seen);
    }

    public function testTheFilesForSeveralMachinesAreMadeOfTheSameList(): void
    {
        foreach (['http' => 'nginx-http.conf', 'server' => 'nginx-places.conf'] as $part => $file) {
            exec('env -u ROSTIK_RATE -u ROSTIK_SEAT_RATE -u ROSTIK_OPEN_RATE -u ROSTIK_COME_IN_RATE -u ROSTIK_GO_RATE '.escapeshellarg(self::ROOT.'/rostik').' places '.$part, $made, $code);
            self::assertSame(0, $code);
            self::assertSame($made, \array_slice(file(self::ROOT.'/tools/service/'.$file, \FILE_IGNORE_NEW_LINES) ?: [], 1));
            $made = [];
        }
        $pools = (string) file_get_contents(self::ROOT.'/tools/service/fpm-pool.conf');
        foreach (['teachers' => 'fpm', 'open' => 'open', 'come_in' => 'come-in', 'children' => 'children', 'paper' => 'paper'] as $workers => $socket) {
            self::assertMatchesRegularExpression('/^\['.$workers.'\]$.*?^listen = \S*\/'.$socket.'\.sock$/ms', $pools);
        }
    }
}
