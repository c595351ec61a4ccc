<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Security\Core\Exception\UnsupportedUserException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Security\Core\User\UserProviderInterface;
use Symfony\Component\Uid\Uuid;

/**
 * The teachers there are; one whose account has ended is not among those who can sign in.
 *
 * @implements UserProviderInterface<Teacher>
 */
final readonly class Teachers implements UserProviderInterface
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function byAddress(Address $address): ?Teacher
    {
        return $this->entities->getRepository(Teacher::class)->findOneBy(['email' => (string) $address]);
    }

    /** A colleague of the same school, by her id. */
    public function colleague(Teacher $teacher, string $id): ?Teacher
    {
        $found = Uuid::isValid($id) ? $this->entities->find(Teacher::class, Uuid::fromString($id)) : null;

        return null !== $found && $found->school() === $teacher->school() ? $found : null;
    }

    /** @return list<Teacher> of a school, by name */
    public function ofSchool(School $school): array
    {
        return $this->entities->getRepository(Teacher::class)->findBy(['school' => $school], ['name' => 'ASC', 'id' => 'ASC']);
    }

    public function loadUserByIdentifier(string $identifier): Teacher
    {
        $teacher = $this->byAddress(Address::typed($identifier));

        return null !== $teacher && !$teacher->isEnded() ? $teacher : throw new UserNotFoundException();
    }

    public function refreshUser(UserInterface $user): Teacher
    {
        if (!$user instanceof Teacher) {
            throw new UnsupportedUserException();
        }
        $teacher = $this->entities->find(Teacher::class, $user->id());

        return null !== $teacher && !$teacher->isEnded() ? $teacher : throw new UserNotFoundException();
    }

    public function supportsClass(string $class): bool
    {
        return is_a($class, Teacher::class, true);
    }
}
