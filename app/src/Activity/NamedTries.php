<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Doctrine\DBAL\Connection;
use Rostik\App\Classroom\Child;
use Rostik\App\Evidence\MoreAnswers;

/** Tries to feel a length of time say nothing of what a child can do; where its name stands at one, it can be forgotten. */
final readonly class NamedTries implements MoreAnswers
{
    public function __construct(private Connection $connection)
    {
    }

    public function of(Child $child): array
    {
        return [];
    }

    public function take(Child $child): array
    {
        $tries = $this->connection->executeQuery('SELECT LOWER(HEX(id)) FROM tally_try WHERE child_id = ?', [$child->id()->toBinary()])->fetchFirstColumn();
        $this->connection->executeStatement('UPDATE tally_try SET child_id = NULL WHERE child_id = ?', [$child->id()->toBinary()]);

        return ['tries' => $tries];
    }

    public function giveBack(Child $child, array $taken): void
    {
        foreach (\is_array($taken['tries'] ?? null) ? $taken['tries'] : [] as $try) {
            $this->connection->executeStatement('UPDATE tally_try SET child_id = ? WHERE id = ?', [$child->id()->toBinary(), \is_string($try) ? hex2bin($try) : '']);
        }
    }
}
