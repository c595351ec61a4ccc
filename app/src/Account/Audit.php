<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\Target;
use Symfony\Component\HttpFoundation\RequestStack;

/**
 * What was done with accounts, classes and data, for whoever has to find out one day: when, what, by whose account, from which
 * address. No names, nothing that was typed, and nothing of children. It has a log of its own.
 */
final readonly class Audit
{
    public function __construct(#[Target('audit')] private LoggerInterface $auditLogger, private RequestStack $requests)
    {
    }

    /**
     * @param string                $what in a few words, always the same for the same thing
     * @param array<string, string> $more ids
     */
    public function note(string $what, ?Teacher $who, array $more = []): void
    {
        $this->auditLogger->info($what, ['account' => $who?->id()->toRfc4122() ?? 'unknown', 'from' => $this->requests->getMainRequest()?->getClientIp() ?? 'console'] + $more);
    }
}
