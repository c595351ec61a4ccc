<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\DependencyInjection\Attribute\Target;
use Symfony\Component\HttpFoundation\RateLimiter\AbstractRequestRateLimiter;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\RateLimiter\RateLimiterFactoryInterface;
use Symfony\Component\Security\Http\SecurityRequestAttributes;

/** Tries at signing in: so many a minute for one account from one address, and more for the address altogether. */
final class SignInLimits extends AbstractRequestRateLimiter
{
    public function __construct(
        #[Target('sign_in_account.limiter')]
        private readonly RateLimiterFactoryInterface $account,
        #[Target('sign_in_address.limiter')]
        private readonly RateLimiterFactoryInterface $address,
        #[Autowire('%kernel.secret%')]
        #[\SensitiveParameter]
        private readonly string $secret,
    ) {
    }

    protected function getLimiters(Request $request): array
    {
        $email = $request->attributes->get(SecurityRequestAttributes::LAST_USERNAME, '');
        $email = mb_strtolower(\is_string($email) ? $email : '', 'UTF-8');
        $from = $request->getClientIp() ?? '';
        $hidden = fn (string $text): string => hash_hmac('sha256', $text, $this->secret);

        return [$this->address->create($hidden($from)), $this->account->create($hidden($email.'-'.$from))];
    }
}
