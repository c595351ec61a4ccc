<?php

declare(strict_types=1);

namespace Rostik\App\School;

use Rostik\App\Account\Teacher;
use Rostik\App\Api\ProblemListener;
use Symfony\Component\Validator\Constraints as Assert;

/** Whom to invite. */
final readonly class InviteRequest
{
    public function __construct(
        #[Assert\NotBlank(message: 'A name is needed: Corin Bell', normalizer: 'trim', payload: ProblemListener::SAY)]
        #[Assert\Length(max: Teacher::LONGEST, maxMessage: 'A name has no more than 120 letters.', payload: ProblemListener::SAY)]
        public string $name,
        #[Assert\Length(max: 300)]
        public string $email,
        public bool $administrator = false,
    ) {
    }
}
