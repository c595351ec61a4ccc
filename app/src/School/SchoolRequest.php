<?php

declare(strict_types=1);

namespace Rostik\App\School;

use Rostik\App\Account\Keeping;
use Rostik\App\Account\School;
use Rostik\App\Api\ProblemListener;
use Symfony\Component\Validator\Constraints as Assert;

/** A school as it should now be. */
final readonly class SchoolRequest
{
    public function __construct(
        #[Assert\NotBlank(message: 'The school needs a name: Ombrel Island School', normalizer: 'trim', payload: ProblemListener::SAY)]
        #[Assert\Length(max: School::LONGEST, maxMessage: 'A name has no more than 120 letters.', payload: ProblemListener::SAY)]
        public string $name,
        #[Assert\Valid]
        public Keeping $keeping = new Keeping(),
    ) {
    }
}
