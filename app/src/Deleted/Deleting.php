<?php

declare(strict_types=1);

namespace Rostik\App\Deleted;

use Doctrine\ORM\Mapping as ORM;

/** Something that is deleted first, and goes for good when the time that the school has set for it is over. */
trait Deleting
{
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $deletedAt = null;

    public function isDeleted(): bool
    {
        return null !== $this->deletedAt;
    }

    public function deletedAt(): ?\DateTimeImmutable
    {
        return $this->deletedAt;
    }

    /** @param ?\DateTimeImmutable $at null brings it back */
    public function delete(?\DateTimeImmutable $at): void
    {
        $this->deletedAt = $at;
    }
}
