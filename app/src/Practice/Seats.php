<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Security\Core\User\UserProviderInterface;
use Symfony\Component\Uid\Uuid;

/**
 * The seats that there are. Nothing of them is kept in a session.
 *
 * @implements UserProviderInterface<Seat>
 */
final readonly class Seats implements UserProviderInterface
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function loadUserByIdentifier(string $identifier): Seat
    {
        $seat = Uuid::isValid($identifier) ? $this->entities->find(Seat::class, Uuid::fromString($identifier)) : null;

        return $seat ?? throw new UserNotFoundException();
    }

    public function refreshUser(UserInterface $user): Seat
    {
        return $this->loadUserByIdentifier($user->getUserIdentifier());
    }

    public function supportsClass(string $class): bool
    {
        return Seat::class === $class;
    }
}
