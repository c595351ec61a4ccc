<?php

declare(strict_types=1);

namespace Rostik\Core\Skill;

final class NoSuchRung extends \DomainException
{
    public function __construct(string $id)
    {
        parent::__construct(\sprintf('There is no rung “%s” on the ladder. One that there is: add-regroup', $id));
    }
}
