<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;
use Rostik\App\Account\Teacher;
use Rostik\App\Tests\ApiTestCase;
use Symfony\Component\Uid\Uuid;

/** What holds for every address of the application, those that are yet to come included: the router says which there are. */
final class RoutesTest extends ApiTestCase
{
    /** Enough for each request that has a body; what it does not know is passed over. */
    private const BODY = [
        'version' => 1, 'title' => 'Taken', 'questions' => [], 'count' => 2, 'name' => 'Terns', 'sums' => ['1 h + 2 h'], 'text' => '1 h + 2 h',
        'aims' => [['rung' => 'add-plain', 'count' => 1]], 'levels' => ['core'], 'kind' => 'total', 'method' => 'column', 'cells' => [], 'groups' => [], 'standing' => 'secure', 'to' => '0', 'teachers' => ['0'], 'administrator' => false, 'of' => 'needs', 'lastWord' => '', 'code' => 'crab lamp 47', 'child' => '1', 'answers' => [], 'activity' => 'lotto', 'turns' => 5, 'seconds' => 60, 'target' => 30, 'exactly' => 10, 'tries' => [],
        'wanted' => ['across-noon'], 'week' => [['weekday' => 1, 'start' => '09:40', 'minutes' => 60]], 'first' => '2026-12-07', 'rungs' => ['across-noon'], 'slots' => [], 'rung' => 'across-noon', 'on' => '2026-12-07', 'content' => '{}', 'revision' => 1, 'parts' => [], 'state' => 'done'];

    /** What is worked out for anybody: nothing in it belongs to a teacher. */
    private const FOR_ALL = ['/api/me', '/api/sign-in', '/api/empty', '/api/work', '/api/board', '/api/mistakes', '/api/set-up', '/api/links', '/api/go', '/health', '/calendar', '/{path}'];

    public function testWhoeverIsNotSignedInIsAskedToBeforeAnythingElse(): void
    {
        $asked = 0;
        foreach (self::routes() as [$method, $path]) {
            if ([] !== array_filter(self::FOR_ALL, static fn (string $open): bool => $path === $open || str_starts_with($path, $open.'/') && '/api/me' !== $open)) {
                continue;
            }
            $problem = $this->ask($method, strtr($path, ['{id}' => Uuid::v7()->toRfc4122(), '{set}' => Uuid::v7()->toRfc4122(), '{code}' => 'K7QM', '{format}' => 'text']), 'GET' === $method ? null : self::BODY);
            if ('/api/sign-out' === $path) {
                self::assertContains($this->code(), [204, 401]);
                continue;
            }
            self::assertSame([401, 'sign-in-first'], [$this->code(), $problem['code'] ?? null], $method.' '.$path);
            ++$asked;
        }
        self::assertGreaterThan(25, $asked);
    }

    /** Word for word what one gets that never was, so that nobody learns which there are. */
    public function testWhatBelongsToAnotherTeacherIsNotThere(): void
    {
        $this->signIn();
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Private', 'questions' => [['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => '6 h 10 min - 3 h 45 min']]]]);
        self::assertIsString($sheet['id']);
        $set = $this->ask('POST', '/api/sheets/'.$sheet['id'].'/sets', ['count' => 2]);
        self::assertIsString($set['id']);
        $pile = $this->ask('POST', '/api/piles', ['sheetId' => $sheet['id']]);
        $classes = $this->ask('GET', '/api/classes');
        self::assertIsArray($classes[0]);
        self::assertIsString($classes[0]['id']);
        $other = $this->colleague('beryl@ombrel.example', 'Beryl Quay');
        $this->entities()->persist($other);
        $this->entities()->flush();
        $this->browser->loginUser($other);
        $tried = 0;
        foreach (self::routes() as [$method, $path]) {
            if (!str_contains($path, '{id}')) {
                continue;
            }
            $own = match (true) {
                str_starts_with($path, '/api/children') || str_starts_with($path, '/print/children') => self::text((array) self::in($classes, 0, 'children', 0), 'id'),
                str_starts_with($path, '/api/classes') || str_starts_with($path, '/print/classes') => $classes[0]['id'],
                str_starts_with($path, '/api/piles') => self::text($pile, 'id'),
                default => $sheet['id'],
            };
            $at = static fn (string $id): string => strtr($path, ['{id}' => $id, '{set}' => $set['id'], '{format}' => 'text', '{paper}' => Uuid::v7()->toRfc4122(), '{rung}' => 'add-regroup']);
            $there = $this->ask($method, $at($own), 'GET' === $method ? null : self::BODY);
            self::assertSame(404, $this->code(), $method.' '.$path);
            if ('/api/classes/{id}' !== $path || 'PUT' !== $method) {
                // a class is begun by putting it at an address of its own
                self::assertSame($there, $this->ask($method, $at(Uuid::v7()->toRfc4122()), 'GET' === $method ? null : self::BODY), $method.' '.$path);
            }
            ++$tried;
        }
        self::assertGreaterThan(14, $tried);
        $this->signIn();
        self::assertSame($sheet, $this->ask('GET', '/api/sheets/'.$sheet['id']), 'nothing has become of it');
        self::assertSame($classes, $this->ask('GET', '/api/classes'));
        self::assertSame($pile, $this->ask('GET', '/api/piles/'.self::text($pile, 'id')));
    }

    /** A request that comes from a page of another address is not carried out, whoever is signed in. */
    public function testNothingIsDoneForThePagesOfOthers(): void
    {
        $this->signIn();
        $refused = 0;
        foreach (self::routes() as [$method, $path]) {
            if ('GET' === $method) {
                continue;
            }
            $this->ask($method, strtr($path, ['{id}' => Uuid::v7()->toRfc4122(), '{set}' => Uuid::v7()->toRfc4122()]), self::BODY, ['HTTP_ORIGIN' => 'https://elsewhere.example', 'HTTP_SEC_FETCH_SITE' => 'cross-site']);
            if ([] === array_filter(['/api/empty', '/api/work', '/api/board', '/api/mistakes'], static fn (string $open): bool => str_starts_with($path, $open))) {
                self::assertSame(403, $this->code(), $method.' '.$path);
                ++$refused;
            }
        }
        self::assertGreaterThan(15, $refused);
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('unfit')]
    public function testWhatIsNotAsItShouldBeIsRefusedAndNothingIsKept(string $method, string $path, array $body): void
    {
        $this->signIn();
        $before = $this->ask('GET', '/api/sheets');
        $problem = $this->ask($method, $path, $body);
        self::assertSame([422, 'not-as-expected'], [$this->code(), $problem['code'] ?? null]);
        self::assertSame('application/problem+json', $this->browser->getResponse()->headers->get('Content-Type'));
        self::assertNotSame('', $problem['detail'] ?? '');
        self::assertDoesNotMatchRegularExpression('/Rostik\\\\|Exception|SQL/', (string) $this->browser->getResponse()->getContent());
        self::assertSame($before, $this->ask('GET', '/api/sheets'));
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function unfit(): iterable
    {
        $question = ['id' => '0b9d1f3e-6c0a-4c55-9a57-1c9c0de0a001', 'text' => ['sum' => '1 h + 2 h']];
        $aims = [['rung' => 'add-plain', 'count' => 6]];
        yield 'no body' => ['POST', '/api/sheets', []];
        yield 'a title that is too long' => ['POST', '/api/sheets', ['title' => str_repeat('x', 121)]];
        yield 'one question twice' => ['POST', '/api/sheets', ['title' => 'x', 'questions' => [$question, $question]]];
        yield 'words that are too long' => ['POST', '/api/sheets', ['title' => 'x', 'questions' => [['text' => ['sum' => '1 h + 2 h', 'wording' => str_repeat('x', 1201)]] + $question]]];
        yield 'an unknown form' => ['POST', '/api/sheets', ['title' => 'x', 'questions' => [['text' => ['sum' => '1 h + 2 h', 'times' => 'sundial']] + $question]]];
        yield 'a number for a sum' => ['POST', '/api/sheets', ['title' => 'x', 'questions' => [['text' => ['sum' => ['2 h']]] + $question]]];
        yield 'no aims' => ['POST', '/api/sheets/make', ['title' => 'x', 'aims' => [], 'levels' => ['core']]];
        yield 'no levels' => ['POST', '/api/sheets/make', ['title' => 'x', 'aims' => $aims, 'levels' => []]];
        yield 'a level twice' => ['POST', '/api/sheets/make', ['title' => 'x', 'aims' => $aims, 'levels' => ['core', 'core']]];
        yield 'an unknown level' => ['POST', '/api/sheets/make', ['title' => 'x', 'aims' => $aims, 'levels' => ['hard']]];
        yield 'none of a rung' => ['POST', '/api/sheets/make', ['title' => 'x', 'aims' => [['rung' => 'add-plain', 'count' => 0]], 'levels' => ['core']]];
        yield 'too many of a rung' => ['POST', '/api/sheets/make', ['title' => 'x', 'aims' => [['rung' => 'add-plain', 'count' => 41]], 'levels' => ['core']]];
        yield 'an unknown part to be found' => ['POST', '/api/sheets/make', ['title' => 'x', 'aims' => $aims, 'levels' => ['core'], 'unknown' => 'middle']];
        yield 'nothing to be drawn anew' => ['POST', '/api/sheets/others', ['sums' => []]];
        yield 'a class without a name' => ['PUT', '/api/classes/0b9d1f3e-6c0a-4c55-9a57-1c9c0de0a002', ['name' => ' ']];
        yield 'a child without a name' => ['PUT', '/api/classes/0b9d1f3e-6c0a-4c55-9a57-1c9c0de0a002', ['name' => 'Terns', 'children' => ['Anouk', '']]];
        yield 'a kind of sum that is none' => ['PUT', '/api/classes/0b9d1f3e-6c0a-4c55-9a57-1c9c0de0a001/method', ['kind' => 'square', 'method' => 'column']];
        yield 'a list without a text' => ['POST', '/api/sheets/read', ['text' => ['1 h']]];
    }
}
