<?php

declare(strict_types=1);

namespace Rostik\Core\Marking;

/** One answer on a paper, as it was marked. */
final readonly class Written
{
    /**
     * @param string $given as it stands on the paper; empty where only a sign was given
     * @param ?Sign  $sign  null where the answer was typed
     * @param ?bool  $over  the teacher's own word, whatever the judging says: right or wrong; null for none
     */
    public function __construct(public string $given = '', public ?Sign $sign = null, public ?bool $over = null)
    {
    }

    /** Whether nothing has been marked. */
    public function isNothing(): bool
    {
        return '' === $this->given && null === $this->sign;
    }
}
