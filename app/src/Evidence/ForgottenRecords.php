<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsEntityListener;
use Doctrine\ORM\Events;
use Rostik\App\Classroom\ForgottenNames;

/** With what was seen of a child its name goes out of the questions that it was asked. */
#[AsEntityListener(event: Events::preRemove, entity: PutAwayRecord::class, method: 'forget')]
final readonly class ForgottenRecords
{
    public function __construct(private ForgottenNames $names)
    {
    }

    public function forget(PutAwayRecord $record): void
    {
        if (!$record->isBack() && null !== $record->child()) {
            $this->names->forget($record->child());
        }
    }
}
