<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A school: its teachers work side by side, and nothing of it is seen by another. */
#[ORM\Entity]
class School
{
    /** The longest name, in letters. */
    public const LONGEST = 120;

    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    #[ORM\Column(type: KeepingType::NAME)]
    private Keeping $keeping;

    public function __construct(
        #[ORM\Column(length: self::LONGEST)]
        private string $name,
    ) {
        $this->id = Uuid::v7();
        $this->keeping = new Keeping();
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

    /** How long it keeps what. */
    public function keeping(): Keeping
    {
        return $this->keeping;
    }

    public function keep(Keeping $keeping): void
    {
        $this->keeping = $keeping;
    }
}
