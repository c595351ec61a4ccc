<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Account;

use Rostik\App\Demo\DemoCommand;
use Rostik\App\Tests\ApiTestCase;

final class AuditTest extends ApiTestCase
{
    private static function log(): string
    {
        $dir = self::getContainer()->getParameter('kernel.logs_dir');
        $files = glob((\is_string($dir) ? $dir : '').'/audit-test-*.log') ?: [];

        return implode('', array_map(static fn (string $file): string => (string) file_get_contents($file), $files));
    }

    public function testWhatWasDoneIsNotedWithoutNamesOrWhatWasTyped(): void
    {
        $before = \strlen(self::log());
        $this->ask('POST', '/api/sign-in', ['email' => 'nobody@ombrel.example', 'password' => 'typed by mistake']);
        $this->ask('POST', '/api/sign-in', ['email' => DemoCommand::EMAIL, 'password' => DemoCommand::PASSWORD]);
        $me = self::text($this->ask('GET', '/api/me'), 'id');
        $this->ask('GET', '/api/classes/'.$this->classId().'/data');
        $noted = substr(self::log(), $before);
        self::assertStringContainsString('sign-in: refused {"account":"unknown"', $noted);
        self::assertStringContainsString('sign-in {"account":"'.$me.'"', $noted);
        self::assertStringContainsString('data taken out {"account":"'.$me.'"', $noted);
        foreach (['nobody@', 'arden@', 'typed by mistake', 'Anouk', 'Kittiwakes', 'Arden'] as $never) {
            self::assertStringNotContainsString($never, $noted);
        }
    }
}
