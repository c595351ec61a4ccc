<?php

declare(strict_types=1);

namespace Rostik\App\Account;

/** The second step of a teacher's signing in, as it is kept: the key sealed, the recovery codes as hashes. */
final readonly class SecondStep
{
    /**
     * @param string       $key      sealed ({@see Sealing}); empty without a second step
     * @param bool         $inUse    false until the first code has shown that the teacher has the key
     * @param int          $last     the number of the last interval whose code was used: none is taken twice (RFC 6238, 5.2)
     * @param list<string> $recovery hashes of those that are left
     */
    public function __construct(public string $key = '', public bool $inUse = false, public int $last = 0, public array $recovery = [])
    {
    }

    public function usedAt(int $interval): self
    {
        return new self($this->key, true, $interval, $this->recovery);
    }

    /** @param list<string> $recovery */
    public function withRecovery(array $recovery): self
    {
        return new self($this->key, true, $this->last, $recovery);
    }
}
