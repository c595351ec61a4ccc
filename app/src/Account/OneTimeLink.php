<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A link by which a colleague joins the school, or a teacher gives herself a new password: once. The link itself is not kept. */
#[ORM\Entity]
#[ORM\UniqueConstraint(name: 'link_mark', columns: ['mark'])]
class OneTimeLink
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    #[ORM\Column(length: Address::LONGEST, options: ['collation' => 'utf8mb4_bin'])]
    private string $email;

    /**
     * @param string   $mark    {@see Links} finds it by, in hexadecimal
     * @param ?Teacher $teacher whose password it renews; null for who is yet to join
     */
    public function __construct(
        #[ORM\Column(length: 64, options: ['collation' => 'ascii_bin', 'charset' => 'ascii'])]
        private string $mark,
        #[ORM\Column(length: 8)]
        private LinkPurpose $purpose,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private School $school,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(onDelete: 'CASCADE')]
        private ?Teacher $teacher,
        #[ORM\Column(length: Teacher::LONGEST)]
        private string $name,
        Address $email,
        #[ORM\Column]
        private bool $administrator,
        #[ORM\Column]
        private \DateTimeImmutable $until,
    ) {
        $this->id = Uuid::v7();
        $this->email = (string) $email;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function purpose(): LinkPurpose
    {
        return $this->purpose;
    }

    public function school(): School
    {
        return $this->school;
    }

    public function teacher(): ?Teacher
    {
        return $this->teacher;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function email(): Address
    {
        return Address::typed($this->email);
    }

    /** Whether who joins by it looks after the accounts. */
    public function isForAdministrator(): bool
    {
        return $this->administrator;
    }

    public function until(): \DateTimeImmutable
    {
        return $this->until;
    }

    public function mark(): string
    {
        return $this->mark;
    }
}
