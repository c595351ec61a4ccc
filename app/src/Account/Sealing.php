<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Seals what the database keeps but a copy of the database alone shall not give away, with the application's secret. */
final readonly class Sealing
{
    private string $key;

    public function __construct(#[Autowire('%kernel.secret%')] #[\SensitiveParameter] string $secret)
    {
        $this->key = hash_hmac('sha256', 'sealing', $secret, true);
    }

    public function seal(#[\SensitiveParameter] string $open): string
    {
        $nonce = random_bytes(\SODIUM_CRYPTO_SECRETBOX_NONCEBYTES);

        return base64_encode($nonce.sodium_crypto_secretbox($open, $nonce, $this->key));
    }

    /** Null where it was sealed with another secret, or changed. */
    public function open(string $sealed): ?string
    {
        $bytes = base64_decode($sealed, true);
        if (false === $bytes || \strlen($bytes) <= \SODIUM_CRYPTO_SECRETBOX_NONCEBYTES) {
            return null;
        }
        $open = sodium_crypto_secretbox_open(substr($bytes, \SODIUM_CRYPTO_SECRETBOX_NONCEBYTES), substr($bytes, 0, \SODIUM_CRYPTO_SECRETBOX_NONCEBYTES), $this->key);

        return false === $open ? null : $open;
    }

    /** What is looked up by a text that is not kept itself: an HMAC of it, 32 bytes. */
    public function mark(string $purpose, #[\SensitiveParameter] string $text): string
    {
        return hash_hmac('sha256', $purpose."\0".$text, $this->key, true);
    }
}
