<?php

declare(strict_types=1);

namespace Rostik\App\School;

use Rostik\App\Account\Keeping;
use Rostik\App\Classroom\SchoolClassReply;

/** A school, as its administrators see it. */
final readonly class SchoolReply
{
    /**
     * @param list<ColleagueReply>   $colleagues  by name
     * @param list<InvitationReply>  $invitations that wait
     * @param list<SchoolClassReply> $classes     by name
     * @param bool                   $mail        whether letters go out by themselves
     * @param list<LetterReply>      $outbox      that wait to be passed on
     */
    public function __construct(public string $name, public Keeping $keeping, public array $colleagues, public array $invitations, public array $classes, public bool $mail, public array $outbox)
    {
    }
}
