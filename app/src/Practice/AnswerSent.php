<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Symfony\Component\Validator\Constraints as Assert;

/** One answer, as a tablet sends it. */
final readonly class AnswerSent
{
    /**
     * @param string $question id
     * @param int    $n        the how manyth answer to this question it is, from 0: so that none is taken twice
     * @param int    $help     how much help there was before it, 0 to 3
     * @param bool   $over     whether nothing more is answered: the working was seen
     */
    public function __construct(
        #[Assert\Length(max: 40)]
        public string $question,
        #[Assert\Range(min: 0, max: 1000)]
        public int $n,
        #[Assert\Length(max: 400)]
        public string $given = '',
        #[Assert\Range(min: 0, max: 3)]
        public int $help = 0,
        public bool $over = false,
    ) {
    }
}
