<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Uid\Uuid;

/** A teacher who signs in. */
#[ORM\Entity]
#[ORM\UniqueConstraint(name: 'teacher_email', columns: ['email'])]
class Teacher implements UserInterface, PasswordAuthenticatedUserInterface
{
    /** The longest name, in letters. */
    public const LONGEST = 120;

    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    /** In its normal form, compared byte by byte. */
    #[ORM\Column(length: Address::LONGEST, options: ['collation' => 'utf8mb4_bin'])]
    private string $email;

    #[ORM\Column(length: 255)]
    private string $passwordHash = '';

    #[ORM\Column(options: ['default' => false])]
    private bool $administrator = false;

    /** Whether letters, digits and signs by themselves are keys of a screen: who dictates can turn them off. */
    #[ORM\Column(options: ['default' => true])]
    private bool $letterKeys = true;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $endedAt = null;

    #[ORM\Column(type: SecondStepType::NAME)]
    private SecondStep $secondStep;

    public function __construct(
        Address|string $email,
        #[ORM\Column(length: self::LONGEST)]
        private string $name,
        #[ORM\ManyToOne(fetch: 'EAGER')]
        #[ORM\JoinColumn(nullable: false)]
        private School $school,
    ) {
        $this->id = Uuid::v7();
        $this->secondStep = new SecondStep();
        $this->email = (string) ($email instanceof Address ? $email : Address::typed($email));
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function rename(string $name): void
    {
        $this->name = $name;
    }

    public function email(): string
    {
        return $this->email;
    }

    public function school(): School
    {
        return $this->school;
    }

    /** Whether she looks after the accounts of the school. */
    public function isAdministrator(): bool
    {
        return $this->administrator;
    }

    public function hasLetterKeys(): bool
    {
        return $this->letterKeys;
    }

    public function useLetterKeys(bool $on): void
    {
        $this->letterKeys = $on;
    }

    public function administers(bool $does): void
    {
        $this->administrator = $does;
    }

    /** Whether the account is still hers to use. */
    public function isEnded(): bool
    {
        return null !== $this->endedAt;
    }

    /** @param ?\DateTimeImmutable $at null to begin again */
    public function end(?\DateTimeImmutable $at): void
    {
        $this->endedAt = $at;
    }

    public function endedAt(): ?\DateTimeImmutable
    {
        return $this->endedAt;
    }

    public function secondStep(): SecondStep
    {
        return $this->secondStep;
    }

    public function useSecondStep(SecondStep $step): void
    {
        $this->secondStep = $step;
    }

    public function changePassword(string $hash): void
    {
        $this->passwordHash = $hash;
    }

    public function getPassword(): string
    {
        return $this->passwordHash;
    }

    /** @return list<string> */
    public function getRoles(): array
    {
        return $this->administrator ? ['ROLE_TEACHER', 'ROLE_ADMINISTRATOR'] : ['ROLE_TEACHER'];
    }

    public function getUserIdentifier(): string
    {
        return '' === $this->email ? 'nobody' : $this->email;
    }

    #[\Deprecated]
    public function eraseCredentials(): void
    {
    }

    /**
     * What the session keeps: who it is, and enough to end the session when the password changes.
     *
     * @return array{string, string, string}
     */
    public function __serialize(): array
    {
        return [$this->id->toRfc4122(), $this->email, hash('crc32c', $this->passwordHash)];
    }

    /** @param array{string, string, string} $kept */
    public function __unserialize(array $kept): void
    {
        [$id, $this->email, $this->passwordHash] = $kept;
        $this->id = Uuid::fromString($id);
    }
}
