<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Symfony\Component\Validator\Constraints as Assert;

/** A child sits down at a tablet. */
final readonly class ComeInRequest
{
    /**
     * @param string    $child       its id; its number, where the class has no list
     * @param ?string   $partner     id of a second child that takes turns with it
     * @param list<int> $sign        its three pictures, from 0, where they are wanted
     * @param list<int> $partnerSign and those of the other one
     */
    public function __construct(
        #[Assert\Length(max: 60)]
        public string $code,
        #[Assert\Length(max: 40)]
        public string $child,
        #[Assert\Length(max: 40)]
        public ?string $partner = null,
        #[Assert\Count(max: 3)]
        #[Assert\All([new Assert\Type('int'), new Assert\Range(min: 0, max: PictureSign::PICTURES - 1)])]
        public array $sign = [],
        #[Assert\Count(max: 3)]
        #[Assert\All([new Assert\Type('int'), new Assert\Range(min: 0, max: PictureSign::PICTURES - 1)])]
        public array $partnerSign = [],
    ) {
    }
}
