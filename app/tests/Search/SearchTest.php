<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Search;

use Rostik\App\Tests\ApiTestCase;
use Symfony\Component\Uid\Uuid;

final class SearchTest extends ApiTestCase
{
    public function testEverythingOfOnesOwnIsFoundByItsWordsAndNothingOfAnother(): void
    {
        $this->signIn();
        $id = self::in($this->ask('GET', '/api/classes'), 0, 'id');
        self::assertIsString($id);
        $this->ask('POST', '/api/sheets', ['title' => 'Kelp on Monday 100%', 'questions' => [['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => '1 h 20 min + 50 min', 'wording' => 'The kelp hangs for 1 h 20 min, and then for 50 min. How long is that?']]]]);
        self::assertSame(201, $this->code());
        $this->ask('PUT', '/api/classes/'.$id.'/plan', ['wanted' => ['unit-facts'], 'week' => [['weekday' => 1, 'start' => '09:40', 'minutes' => 60]], 'first' => '2093-12-07', 'lessons' => 1]);
        self::assertSame(200, $this->code());
        $kinds = fn (string $typed): array => array_column($this->ask('GET', '/api/search?q='.rawurlencode($typed)), 'kind');

        self::assertSame(['sheet', 'problem'], $kinds('kelp'));
        self::assertSame(['sheet'], $kinds('  MONDAY   kelp '));
        self::assertSame(['sheet'], $kinds('100%'), 'a percent sign is no joker');
        self::assertSame(['child'], $kinds('keziah'));
        self::assertContains('lesson', $kinds('units related'));
        self::assertContains('activity', $kinds('lotto'));
        self::assertSame([], $kinds(''));
        self::assertSame([], $kinds('%'.str_repeat('x', 300)));
        self::assertSame('Kelp on Monday 100%', self::in($this->ask('GET', '/api/search?q=hangs'), 0, 'more'));
        $this->colleague('beryl@ombrel.example', 'Beryl Quay')->changePassword('x');
        $this->entities()->flush();
        $this->signIn('beryl@ombrel.example');
        self::assertSame([], $kinds('kelp'));
        self::assertSame([], $kinds('keziah'));
    }
}
