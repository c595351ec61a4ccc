<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Classroom\Child;

/** The three pictures by which a child is known; only a mark of them is kept. */
#[ORM\Entity]
class PictureSign
{
    /** So many pictures there are to choose from. */
    public const PICTURES = 12;

    public function __construct(
        #[ORM\Id]
        #[ORM\OneToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Child $child,
        #[ORM\Column(length: 64, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        private string $mark,
    ) {
    }

    public function child(): Child
    {
        return $this->child;
    }

    public function is(string $mark): bool
    {
        return hash_equals($this->mark, $mark);
    }
}
