<?php

declare(strict_types=1);

namespace Rostik\App\Tests\School;

use Rostik\App\Tests\ApiTestCase;

final class MachineTest extends ApiTestCase
{
    public function testWhoeverWatchesHearsYesOrNoAndNothingElse(): void
    {
        self::assertSame(['well' => true, 'database' => true, 'disk' => true, 'paper' => true], $this->ask('GET', '/health'));
        self::assertStringContainsString('no-store', (string) $this->browser->getResponse()->headers->get('Cache-Control'));
    }

    public function testAnAdministratorSeesHowTheMachineIs(): void
    {
        $this->signIn();
        $machine = $this->ask('GET', '/api/machine');
        self::assertMatchesRegularExpression('/^\d{14}$/', self::text($machine, 'version'));
        self::assertGreaterThan(0, $machine['room'] ?? 0);
        $corin = $this->colleague('corin@ombrel.example', 'Corin Bell');
        $this->entities()->flush();
        $this->browser->loginUser($corin);
        $this->ask('GET', '/api/machine');
        self::assertSame(404, $this->code());
    }
}
