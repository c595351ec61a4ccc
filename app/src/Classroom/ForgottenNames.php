<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsEntityListener;
use Doctrine\ORM\Events;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/** The name of a child that is erased goes out of every text in which it stands. */
#[AsEntityListener(event: Events::preRemove, entity: Child::class, method: 'forget')]
final readonly class ForgottenNames
{
    /** @param iterable<NamesInTexts> $rooms */
    public function __construct(
        #[AutowireIterator(NamesInTexts::class)]
        private iterable $rooms,
    ) {
    }

    public function forget(Child $child): void
    {
        $names = InventedNames::for($child);
        if ([] !== $names->names()) {
            foreach ($this->rooms as $room) {
                $room->forget($child->classroom(), $names);
            }
        }
    }
}
