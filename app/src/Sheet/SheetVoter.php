<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\App\Account\Teacher;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Authorization\Voter\Vote;
use Symfony\Component\Security\Core\Authorization\Voter\Voter;

/**
 * A teacher may do everything with her own sheets and nothing with anyone else's.
 *
 * @extends Voter<string, Sheet>
 */
final class SheetVoter extends Voter
{
    public const OWN = 'SHEET_OWN';

    /** To take a copy of it: her own, and what a colleague of the same school has put on its shelf. */
    public const TAKE = 'SHEET_TAKE';

    protected function supports(string $attribute, mixed $subject): bool
    {
        return \in_array($attribute, [self::OWN, self::TAKE], true) && $subject instanceof Sheet;
    }

    protected function voteOnAttribute(string $attribute, mixed $subject, TokenInterface $token, ?Vote $vote = null): bool
    {
        $teacher = $token->getUser();

        return $teacher instanceof Teacher && ($subject->belongsTo($teacher)
            || (self::TAKE === $attribute && $subject->isShared() && !$subject->isDeleted() && $subject->owner()->school() === $teacher->school()));
    }
}
