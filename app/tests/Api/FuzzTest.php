<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Api;

use PHPUnit\Framework\Attributes\Group;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Rostik\App\Tests\ApiTestCase;
use Symfony\Component\BrowserKit\Cookie;
use Symfony\Component\Uid\Uuid;

/**
 * Requests of at most 10 kB that nobody would send, to every address, by a stranger, a teacher and a tablet: each is answered or
 * refused within its time, in less than 2 MB, and none is a fault of ours.
 */
final class FuzzTest extends ApiTestCase
{
    /** In seconds, for any request; a machine that others use as well is let have a few more. */
    private const LONGEST = 8.0;

    /** The same for a PDF, which is made by another program. */
    private const LONGEST_PAPER = 60.0;

    /** In bytes. */
    private const LARGEST = 2_000_000;

    /** What members of bodies and queries are called, anywhere. */
    private const NAMES = ['version', 'title', 'questions', 'count', 'name', 'sums', 'sum', 'text', 'words', 'aims', 'levels', 'level', 'kind', 'method', 'cells', 'groups', 'standing', 'to', 'teachers', 'administrator', 'of', 'lastWord', 'code', 'child', 'children', 'answers', 'answer', 'activity', 'turns', 'seconds', 'target', 'exactly', 'tries', 'wanted', 'week', 'first', 'rungs', 'rung', 'slots', 'on', 'content', 'revision', 'parts', 'state', 'style', 'seed', 'limits', 'from', 'until', 'email', 'password', 'word', 'file', 'sheet', 'sheetId', 'table', 'seat', 'q', 'paper', 'set', 'copies', 'minutes', 'with', 'group', 'at', 'step', 'face', 'steps', 'two-step', 'stories', 'hands', 'setting', 'question', 'query', 'day', 'lesson', 'id'];

    private Randomizer $dice;

    /** @var list<string> what there is, by its number */
    private array $ids = [];

    public function testNothingThatIsSentIsAFaultOfOurs(): void
    {
        $this->sendMany(150, 20_261_201);
    }

    public function testBytesThatAreNoLettersAreRefusedKindly(): void
    {
        $this->signIn();
        foreach (['/api/problems?rung=%C3', '/api/problems?rung=a%ED%A0%80b', '/api/activities/%C3%28', '/api/rungs/%FF/board', '/api/search?q=%C3', '/api/codes/%FE'] as $address) {
            $this->browser->request('GET', $address, server: ['HTTP_ORIGIN' => 'http://localhost', 'HTTP_ACCEPT' => 'application/json']);
            self::assertLessThan(500, $this->code(), $address);
            self::assertIsArray(json_decode((string) $this->browser->getResponse()->getContent(), true), $address);
        }
    }

    /** Two thousand, with PDFs: some minutes. */
    #[Group('every')]
    public function testNorIsAnythingOfTwoThousand(): void
    {
        $this->sendMany(2000, random_int(1, 1_000_000), true);
    }

    private function sendMany(int $requests, int $seed, bool $papers = false): void
    {
        $this->dice = new Randomizer(new Xoshiro256StarStar($seed));
        $routes = array_values(array_filter(self::routes(), static fn (array $route): bool => $papers || !str_contains($route[1], '.pdf')));
        $this->signIn();
        $this->gather();
        $slowest = [0.0, ''];
        for ($n = 0; $n < $requests; ++$n) {
            $who = ['stranger', 'teacher', 'teacher', 'tablet'][$n % 4];
            [$method, $path] = $routes[($n * 7919 + $seed) % \count($routes)];
            $this->browser->getCookieJar()->clear();
            if ('teacher' === $who) {
                $this->signIn();
            }
            if ('tablet' === $who) {
                $this->browser->getCookieJar()->set(new Cookie('rostik-seat', $this->word(80)));
            }
            $address = $this->address($path);
            $body = 'GET' === $method ? null : $this->body();
            $said = \sprintf('%d with seed %d: %s %s %s %s', $n, $seed, $who, $method, mb_strcut($address, 0, 400), mb_strcut(mb_scrub((string) $body), 0, 600));
            $from = hrtime(true);
            $this->browser->request($method, $address, server: ['HTTP_ORIGIN' => 'http://localhost', 'CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body);
            $took = (hrtime(true) - $from) / 1e9;
            $slowest = $took > $slowest[0] ? [$took, $said] : $slowest;
            self::assertLessThan(500, $this->code(), $said."\n".mb_strcut((string) $this->browser->getResponse()->getContent(), 0, 1500));
            self::assertLessThan(str_contains($path, '.pdf') ? self::LONGEST_PAPER : self::LONGEST, $took, $said);
            self::assertLessThan(self::LARGEST, \strlen((string) $this->browser->getResponse()->getContent()), $said);
        }
        self::assertGreaterThan(0.0, $slowest[0]);
    }

    private function gather(): void
    {
        foreach (['/api/sheets', '/api/classes', '/api/piles', '/api/timetables', '/api/classes/'.$this->classId().'/plan'] as $list) {
            $this->ask('GET', $list);
            preg_match_all('/"id":"([0-9a-f-]{36})"/', (string) $this->browser->getResponse()->getContent(), $found);
            $this->ids = [...$this->ids, ...\array_slice($found[1], 0, 12)];
        }
        $this->ids = [...$this->ids, ...\array_slice(array_keys($this->children()), 0, 6)];
        self::assertGreaterThan(15, \count($this->ids));
    }

    private function address(string $path): string
    {
        $path = (string) preg_replace_callback('/\{[^}]+\}/', fn (): string => rawurlencode(match ($this->dice->getInt(0, 9)) {
            0 => Uuid::v4()->toRfc4122(),
            1 => $this->word(60),
            2 => $this->one(['lotto', 'across-noon', 'K7QM', 'text', '1', 'column', 'needs']),
            default => $this->one($this->ids),
        }), $path);
        $query = [];
        for ($n = $this->dice->getInt(0, 4); $n > 0; --$n) {
            $query[$this->one(self::NAMES)] = 0 === $this->dice->getInt(0, 5) ? [$this->word(20) => $this->word(20)] : $this->word(120);
        }

        return '/'.ltrim($path, '/').([] === $query ? '' : '?'.http_build_query($query));
    }

    private function body(): string
    {
        $body = match ($this->dice->getInt(0, 12)) {
            0 => $this->word(4000),
            1 => '{'.str_repeat('"a":{', $this->dice->getInt(1, 900)),
            2 => str_repeat('[', 700).str_repeat(']', 700),
            default => (string) json_encode($this->members(3), \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_PARTIAL_OUTPUT_ON_ERROR),
        };

        return mb_strcut($body, 0, 10_000);
    }

    /** @return array<string, mixed> */
    private function members(int $depth): array
    {
        $members = [];
        for ($n = $this->dice->getInt(1, 14); $n > 0; --$n) {
            $members[$this->one(self::NAMES)] = $this->value($depth);
        }

        return $members;
    }

    private function value(int $depth): mixed
    {
        return match ($this->dice->getInt(0, $depth > 0 ? 11 : 8)) {
            0 => null,
            1 => 1 === $this->dice->getInt(0, 1),
            2 => $this->one([-1, 0, 1, 2, 40, 1000, 1_000_000, \PHP_INT_MAX, \PHP_INT_MIN]),
            3 => $this->one([0.5, -0.0, 1e300, 3.0000001]),
            4 => $this->one(['1:50 pm + 3 h 30 min', '6 h 10 min - 3 h 45 min', '99 h + 99 h', 'order 7 am, 7 pm', '9 am to 5 pm', 'core', 'support', 'across-noon', 'add-plain', '2026-12-07', '09:40', 'total']),
            5 => $this->one($this->ids),
            6, 7, 8 => $this->word(300),
            9 => array_map(fn (): mixed => $this->value($depth - 1), array_fill(0, $this->dice->getInt(0, 40), null)),
            default => $this->members($depth - 1),
        };
    }

    /** Anything that may be typed, or not. */
    private function word(int $longest): string
    {
        $pieces = ['a', 'Z', '7', ':', ' ', "\n", "\0", "\t", "\u{200b}", "\u{202e}", 'é', '時', '😀', '½', '%', '<b>', '"', "'", '\\', '{', '}', '[', '..', '/', ';', ' h ', ' min ', ' + ', ' to ', '%s', '${x}', "\u{ffff}", "\xc3"];
        $word = '';
        for ($n = $this->dice->getInt(0, 24); $n > 0; --$n) {
            $word .= str_repeat($this->one($pieces), 0 === $this->dice->getInt(0, 6) ? 40 : 1);
        }

        return substr($word, 0, $longest);
    }

    /**
     * @template T
     *
     * @param list<T> $of
     *
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[$this->dice->getInt(0, \count($of) - 1)];
    }
}
