<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Rostik\App\Api\ProblemListener;
use Symfony\Component\Validator\Constraints as Assert;

/** What a teacher is called. */
final readonly class AccountRequest
{
    public function __construct(
        #[Assert\NotBlank(message: 'A name is needed: Corin Bell', normalizer: 'trim', payload: ProblemListener::SAY)]
        #[Assert\Length(max: Teacher::LONGEST, maxMessage: 'A name has no more than 120 letters.', payload: ProblemListener::SAY)]
        public string $name,
    ) {
    }
}
