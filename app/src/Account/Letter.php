<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A letter in the outbox: where no mail server is set, an administrator reads it here and passes it on. */
#[ORM\Entity]
class Letter
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private School $school,
        #[ORM\Column(length: Address::LONGEST)]
        private string $recipient,
        #[ORM\Column(length: 200)]
        private string $subject,
        #[ORM\Column(type: Types::TEXT)]
        private string $text,
        #[ORM\Column]
        private \DateTimeImmutable $writtenAt,
    ) {
        $this->id = Uuid::v7();
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function school(): School
    {
        return $this->school;
    }

    public function recipient(): string
    {
        return $this->recipient;
    }

    public function subject(): string
    {
        return $this->subject;
    }

    public function text(): string
    {
        return $this->text;
    }

    public function writtenAt(): \DateTimeImmutable
    {
        return $this->writtenAt;
    }
}
