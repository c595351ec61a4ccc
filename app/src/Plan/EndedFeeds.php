<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsEntityListener;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\Events;
use Rostik\App\Classroom\Teaching;

/** The private address of a calendar is known to who has taught the class: when one of them no longer does, it is good no more. */
#[AsEntityListener(event: Events::preRemove, entity: Teaching::class, method: 'end')]
final readonly class EndedFeeds
{
    public function __construct(private Connection $connection)
    {
    }

    public function end(Teaching $teaching): void
    {
        $this->connection->executeStatement('UPDATE course SET feed = NULL WHERE classroom_id = :class', ['class' => $teaching->classroom()->id()->toBinary()]);
    }
}
