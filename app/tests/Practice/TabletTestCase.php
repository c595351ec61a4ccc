<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Practice;

use Rostik\App\Practice\Code;
use Rostik\App\Tests\ApiTestCase;
use Symfony\Component\BrowserKit\Cookie;

/** Children who sit down at tablets, each with a cookie of its own, and what they do there. */
abstract class TabletTestCase extends ApiTestCase
{
    /** @var array<string, Cookie> secrets of tablets, by name */
    protected array $tablets = [];

    /**
     * @param array<string, mixed> $wanted
     *
     * @return array{id: string, code: string}
     */
    protected function open(array $wanted = []): array
    {
        $this->signIn();
        $reply = $this->ask('POST', '/api/classes/'.$this->classId().'/practices', $wanted + ['of' => 'needs']);
        self::assertSame(201, $this->code(), (string) json_encode($reply));
        $this->forgetTeacher();

        return ['id' => self::word($reply['id']), 'code' => self::word($reply['code'])];
    }

    /** @return array<string, string> ids by name */
    protected function childrenByName(): array
    {
        $this->signIn();
        $ids = array_flip($this->children());
        $this->forgetTeacher();

        return $ids;
    }

    protected function forgetTeacher(): void
    {
        foreach ($this->browser->getCookieJar()->all() as $cookie) {
            if (!str_starts_with($cookie->getName(), 'rostik-tablet')) {
                $this->browser->getCookieJar()->expire($cookie->getName(), $cookie->getPath());
            }
        }
    }

    protected function found(string $code): int
    {
        $this->ask('POST', '/api/go/class', ['code' => $code]);

        return $this->code();
    }

    /**
     * @param array<string, mixed> $wanted
     */
    protected function sitDown(array $wanted): Cookie
    {
        $reply = $this->ask('POST', '/api/go/in', $wanted);
        self::assertSame(201, $this->code(), (string) json_encode($reply));
        $cookie = $this->browser->getCookieJar()->get('rostik-seat', '/api/go');
        self::assertNotNull($cookie);
        self::assertTrue($cookie->isHttpOnly());

        return $cookie;
    }

    /** @return array<mixed> how it stands at its tablet */
    protected function comeIn(string $code, string $name): array
    {
        $found = $this->ask('POST', '/api/go/class', ['code' => $code]);
        foreach ((array) ($found['children'] ?? []) as $child) {
            if (self::in($child, 'name') === $name) {
                $this->tablets[$name] = $this->sitDown(['code' => $code, 'child' => self::in($child, 'id')]);

                return $this->now($name);
            }
        }
        self::fail($name.' is not in the class.');
    }

    /** @return array<mixed> */
    protected function now(string $name): array
    {
        return $this->asTablet($name, 'GET', '/api/go/now');
    }

    /** @return array<mixed> what is said about it */
    protected function answer(string $name, mixed $question, int $n, string $given, int $help = 0): array
    {
        $reply = $this->asTablet($name, 'POST', '/api/go/answers', ['answers' => [['question' => $question, 'n' => $n, 'given' => $given, 'help' => $help, 'over' => false]], 'have' => []]);
        self::assertSame(200, $this->code(), (string) json_encode($reply));
        $said = self::in($reply, 'said', 0);
        self::assertIsArray($said);

        return $said;
    }

    /**
     * @param array<string, mixed>|null $body
     * @param array<string, string>     $server
     *
     * @return array<mixed>
     */
    protected function asTablet(string $name, string $method, string $path, ?array $body = null, array $server = ['HTTP_ORIGIN' => 'http://localhost']): array
    {
        $this->browser->getCookieJar()->set($this->tablets[$name]);
        $reply = $this->ask($method, $path, $body, $server);
        $this->entities()->clear();

        return $reply;
    }

    /**
     * @param array<mixed> $now
     *
     * @return array<mixed> the question that stands there
     */
    protected static function first(array $now): array
    {
        $id = self::in($now, 'waiting', 0);
        foreach ((array) $now['offers'] as $offer) {
            if (\is_array($offer) && self::in($offer, 'id') === $id) {
                return $offer;
            }
        }
        self::fail('No question waits.');
    }

    /**
     * @param array<mixed> $offer
     *
     * @return array<string, string> an answer that leads to each signal
     */
    protected static function bySignal(array $offer): array
    {
        $by = [];
        foreach ((array) $offer['usual'] as $usual) {
            $by[self::word(self::in($usual, 'signal'))] ??= self::word(self::in($usual, 'text'));
        }
        $order = self::in($offer, 'pad', 'order');
        if (\is_array($order) && [] !== $order) {
            $by += ['look' => implode(', ', array_reverse(array_filter($order, is_string(...))))];
        }

        return $by;
    }

    protected static function word(mixed $of): string
    {
        return \is_string($of) ? $of : '';
    }

    protected static function plain(string $marked): string
    {
        return (string) preg_replace('/\{[hmsdx]:([^}]*)\}/', '$1', $marked);
    }
}
