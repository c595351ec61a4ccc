<?php

declare(strict_types=1);

namespace Rostik\App\Tests;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Account\School;
use Rostik\App\Account\Teacher;
use Rostik\App\Demo\DemoCommand;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Routing\RouterInterface;

/** A browser of the API: real kernel, real MariaDB; every test's changes are rolled back. */
abstract class ApiTestCase extends WebTestCase
{
    protected KernelBrowser $browser;

    protected function setUp(): void
    {
        $this->browser = static::createClient();
    }

    protected function signIn(string $email = DemoCommand::EMAIL): void
    {
        $teacher = $this->entities()->getRepository(Teacher::class)->findOneBy(['email' => $email]);
        self::assertNotNull($teacher);
        $this->browser->loginUser($teacher);
    }

    /** Another teacher of the same school; yet to be flushed. */
    protected function colleague(string $email, string $name): Teacher
    {
        $school = $this->entities()->getRepository(School::class)->findOneBy(['name' => 'Ombrel Island School']);
        self::assertNotNull($school);
        $teacher = new Teacher($email, $name, $school);
        $this->entities()->persist($teacher);

        return $teacher;
    }

    protected function entities(): EntityManagerInterface
    {
        $entities = self::getContainer()->get(EntityManagerInterface::class);
        self::assertInstanceOf(EntityManagerInterface::class, $entities);

        return $entities;
    }

    /** @return list<array{string, string}> method and path of every route */
    protected static function routes(): array
    {
        $router = self::getContainer()->get(RouterInterface::class);
        self::assertInstanceOf(RouterInterface::class, $router);
        $all = [];
        foreach ($router->getRouteCollection() as $route) {
            foreach ($route->getMethods() as $method) {
                $all[] = [$method, $route->getPath()];
            }
        }

        return $all;
    }

    /**
     * Asks as our own pages do.
     *
     * @param array<string, mixed>|null $body
     * @param array<string, string>     $server
     *
     * @return array<mixed>
     */
    protected function ask(string $method, string $path, ?array $body = null, array $server = ['HTTP_ORIGIN' => 'http://localhost']): array
    {
        $this->browser->request($method, $path, server: $server + ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: null === $body ? null : json_encode($body, \JSON_THROW_ON_ERROR));
        $reply = json_decode((string) $this->browser->getResponse()->getContent(), true);

        return \is_array($reply) ? $reply : [];
    }

    /**
     * @param array<mixed> $sheet as the API sends it
     *
     * @return list<mixed> that of each question
     */
    protected static function texts(array $sheet, string $of): array
    {
        return array_map(static fn (mixed $question): mixed => \is_array($question) && \is_array($question['text'] ?? null) ? $question['text'][$of] ?? null : null, array_values((array) ($sheet['questions'] ?? [])));
    }

    /** Of the class in hand. */
    protected function classId(): string
    {
        foreach ($this->ask('GET', '/api/classes') as $class) {
            if (\is_array($class) && true === $class['inHand'] && \is_string($class['id'])) {
                return $class['id'];
            }
        }
        self::fail('There is no class in hand.');
    }

    /**
     * The children of the class in hand, as the API has them.
     *
     * @return array<string, string> their names by their ids
     */
    protected function children(): array
    {
        $children = [];
        foreach ($this->ask('GET', '/api/classes') as $class) {
            foreach (\is_array($class) && true === $class['inHand'] && \is_array($class['children']) ? $class['children'] : [] as $child) {
                if (\is_array($child) && \is_string($child['id']) && \is_string($child['name'])) {
                    $children[$child['id']] = $child['name'];
                }
            }
        }

        return $children;
    }

    protected function code(): int
    {
        return $this->browser->getResponse()->getStatusCode();
    }

    /** A file to be kept that is sent while it is written. */
    protected function streamed(string $path): string
    {
        $this->browser->request('GET', $path);
        self::assertSame(200, $this->code());
        self::assertInstanceOf(StreamedResponse::class, $this->browser->getResponse(), $path.' is sent as a whole');

        return $this->browser->getInternalResponse()->getContent();
    }

    /** The page that was answered, its spaces all alike: those that keep a number and its unit together are to be seen only. */
    protected function printed(): string
    {
        return str_replace("\u{a0}", ' ', (string) $this->browser->getResponse()->getContent());
    }

    /** What stands in a reply, by the names that lead there. */
    protected static function in(mixed $reply, string|int ...$names): mixed
    {
        foreach ($names as $name) {
            $reply = \is_array($reply) ? ($reply[$name] ?? null) : null;
        }

        return $reply;
    }

    /** @return list<mixed> one member of each thing of a list */
    protected static function column(string $member, mixed $reply, string|int ...$names): array
    {
        $list = self::in($reply, ...$names);

        return \is_array($list) ? array_values(array_map(static fn (mixed $one): mixed => self::in($one, $member), $list)) : [];
    }

    /** @param array<mixed> $from */
    protected static function text(array $from, string $name): string
    {
        return \is_string($from[$name] ?? null) ? $from[$name] : self::fail('There is no '.$name.'.');
    }
}
