<?php

declare(strict_types=1);

namespace Rostik\App\School;

use Rostik\App\Account\School;
use Rostik\App\Account\Teacher;
use Rostik\App\Api\ProblemListener;
use Symfony\Component\Validator\Constraints as Assert;

/** A school and its first account. */
final readonly class SetUpRequest
{
    /** @param string $word that the terminal showed; empty at the machine itself */
    public function __construct(
        #[Assert\NotBlank(message: 'The school needs a name: Ombrel Island School', normalizer: 'trim', payload: ProblemListener::SAY)]
        #[Assert\Length(max: School::LONGEST, maxMessage: 'A name has no more than 120 letters.', payload: ProblemListener::SAY)]
        public string $school,
        #[Assert\NotBlank(message: 'Your name is needed: Corin Bell', normalizer: 'trim', payload: ProblemListener::SAY)]
        #[Assert\Length(max: Teacher::LONGEST, maxMessage: 'A name has no more than 120 letters.', payload: ProblemListener::SAY)]
        public string $name,
        #[Assert\Length(max: 300)]
        public string $email,
        #[\SensitiveParameter]
        public string $password,
        #[Assert\Length(max: 60)]
        public string $word = '',
    ) {
    }
}
