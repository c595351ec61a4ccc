<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Symfony\Component\Security\Core\Exception\AuthenticationException;

/** Why somebody could not sign in; the message is for people. */
final class NotSignedIn extends AuthenticationException
{
    /** @param ?int $wait seconds until the next try is looked at */
    public function __construct(public readonly string $reason, string $message, public readonly ?int $wait = null)
    {
        parent::__construct($message);
    }

    /** @param positive-int $seconds */
    public static function tooSoon(int $seconds): self
    {
        $time = match (true) {
            $seconds < 90 => 1 === $seconds ? 'a second' : $seconds.' seconds',
            default => (int) ceil($seconds / 60).' minutes',
        };

        return new self('too-many-tries', \sprintf('Too many tries. Wait %s, then try again.', $time), $seconds);
    }
}
