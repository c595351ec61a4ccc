<?php

declare(strict_types=1);

namespace Rostik\App\Deleted;

/** {@see Deleting} */
interface Deletable
{
    public function isDeleted(): bool;

    public function deletedAt(): ?\DateTimeImmutable;

    public function delete(?\DateTimeImmutable $at): void;
}
