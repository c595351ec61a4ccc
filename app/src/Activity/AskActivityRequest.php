<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Rostik\App\Printing\Paper;
use Rostik\Core\Skill\Level;
use Symfony\Component\Validator\Constraints as Assert;

/** For whom an activity is wanted, and how; part of the address. */
final readonly class AskActivityRequest
{
    /**
     * @param ?string               $class    id; the class in hand without one
     * @param ?int                  $children as many as the class has without a number
     * @param ?int                  $group    children in a group; what is usual without a number
     * @param array<string, string> $options  what is chosen about it, by id
     * @param ?string               $rung     that it is to practise
     * @param ?string               $sheet    id; its numbers are taken as far as they go
     */
    public function __construct(
        #[Assert\Length(max: 40)]
        public ?string $class = null,
        #[Assert\Range(min: 1, max: 40)]
        public ?int $children = null,
        #[Assert\Range(min: 1, max: 40)]
        public ?int $group = null,
        public Level $level = Level::Core,
        public int $seed = 1,
        #[Assert\Count(max: 8)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 20)])]
        public array $options = [],
        #[Assert\Length(max: 60)]
        public ?string $rung = null,
        #[Assert\Length(max: 40)]
        public ?string $sheet = null,
        public Paper $paper = Paper::A4,
    ) {
    }
}
