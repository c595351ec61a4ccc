<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Rostik\App\Api\ProblemListener;
use Rostik\Core\Notation\Style;
use Rostik\Core\Time\WeekBegins;
use Rostik\Core\Time\Weekend;
use Symfony\Component\Validator\Constraints as Assert;

/** A class as it should now be. */
final readonly class ClassRequest
{
    /**
     * @param list<ChildEntry> $children in the order of the register
     * @param list<string>     $taught   ids of rungs of the ladder
     * @param Style            $style    in which it writes
     */
    public function __construct(
        #[Assert\NotBlank(message: 'A class needs a name: Kittiwakes', normalizer: 'trim', payload: ProblemListener::SAY)]
        #[Assert\Length(max: 60)]
        public string $name,
        #[Assert\Valid]
        #[Assert\Count(max: 60, maxMessage: 'A class has no more than 60 children.', payload: ProblemListener::SAY)]
        #[Assert\Unique(normalizer: [ChildEntry::class, 'identity'])]
        public array $children = [],
        #[Assert\Count(max: 60)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 60)])]
        public array $taught = [],
        public Style $style = new Style(),
        public Weekend $weekend = Weekend::SaturdaySunday,
        public WeekBegins $weekBegins = WeekBegins::Monday,
    ) {
    }
}
