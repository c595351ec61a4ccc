<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Rostik\App\Api\ProblemListener;
use Symfony\Component\Validator\Constraints as Assert;

/** What is given with a one-time link: the new password, and how one is called. */
final readonly class FollowLinkRequest
{
    public function __construct(
        #[Assert\Length(max: 60)]
        public string $word,
        #[Assert\Length(max: Passwords::LONGEST)]
        public string $password,
        #[Assert\Length(max: Teacher::LONGEST, maxMessage: 'A name has no more than 120 letters.', payload: ProblemListener::SAY)]
        public string $name = '',
    ) {
    }
}
