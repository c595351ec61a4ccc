<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsEntityListener;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\Events;
use Rostik\App\Classroom\Child;

/** What practices keep of earlier days of children goes with the children, and with what was seen of them. */
#[AsEntityListener(event: Events::preRemove, entity: Child::class, method: 'forget')]
final readonly class ForgottenChildren
{
    public function __construct(private Connection $connection)
    {
    }

    public function forget(Child $child): void
    {
        $this->connection->executeStatement(
            'UPDATE practice SET earlier = JSON_REMOVE(earlier, :path) WHERE classroom_id = :class AND JSON_CONTAINS_PATH(earlier, "one", :path)',
            ['path' => self::path($child), 'class' => $child->classroom()->id()->toBinary()],
        );
    }

    /** In what a practice keeps of earlier days (JSON path). */
    public static function path(Child $child): string
    {
        return \sprintf('$."%s"', $child->id()->toRfc4122());
    }
}
