<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

use Rostik\Core\Marking\Sign;
use Symfony\Component\Validator\Constraints as Assert;

/** One answer of a paper, as it is marked; nothing of it takes the mark back. */
final readonly class CellRequest
{
    /**
     * @param string $paper    id
     * @param int    $question place, from 0
     * @param string $given    as it stands on the paper
     * @param ?bool  $over     the teacher's own word: right or wrong
     */
    public function __construct(
        #[Assert\Uuid(strict: true)]
        public string $paper,
        #[Assert\Range(min: 0, max: 99)]
        public int $question,
        #[Assert\Length(max: 200)]
        public string $given = '',
        public ?Sign $sign = null,
        public ?bool $over = null,
    ) {
    }
}
