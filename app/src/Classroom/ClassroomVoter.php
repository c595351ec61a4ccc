<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Rostik\App\Account\Teacher;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Authorization\Voter\Vote;
use Symfony\Component\Security\Core\Authorization\Voter\Voter;

/**
 * Who teaches a class may do everything with it and with what belongs to it; nobody else may see any of it.
 *
 * @extends Voter<string, InClassroom>
 */
final class ClassroomVoter extends Voter
{
    public const TEACHES = 'TEACHES';

    protected function supports(string $attribute, mixed $subject): bool
    {
        return self::TEACHES === $attribute && $subject instanceof InClassroom;
    }

    protected function voteOnAttribute(string $attribute, mixed $subject, TokenInterface $token, ?Vote $vote = null): bool
    {
        $teacher = $token->getUser();

        return $teacher instanceof Teacher && true === $subject->classroom()?->isTaughtBy($teacher);
    }
}
