<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Shell;

use Rostik\App\Tests\ApiTestCase;

final class HeadersTest extends ApiTestCase
{
    public function testThePageAllowsNothingFromElsewhere(): void
    {
        $this->browser->request('GET', '/prepare');
        self::assertSame(200, $this->code());
        $policy = (string) $this->browser->getResponse()->headers->get('Content-Security-Policy');
        self::assertStringContainsString("default-src 'none'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        self::assertStringNotContainsString('http', $policy);
        self::assertMatchesRegularExpression("/style-src 'self' 'nonce-[A-Za-z0-9+\/=]{24}'/", $policy);
        $first = $policy;
        $this->browser->request('GET', '/prepare');
        self::assertNotSame($first, $this->browser->getResponse()->headers->get('Content-Security-Policy'), 'a new nonce each time');
        self::assertSame('nosniff', $this->browser->getResponse()->headers->get('X-Content-Type-Options'));
    }

    public function testProblemsCarryTheHeadersToo(): void
    {
        $this->ask('GET', '/api/sheets');
        self::assertSame(401, $this->code());
        self::assertStringContainsString("frame-ancestors 'self'", (string) $this->browser->getResponse()->headers->get('Content-Security-Policy'));
    }
}
