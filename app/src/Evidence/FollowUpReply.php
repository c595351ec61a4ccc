<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

/** Groups for tomorrow, and how the class stands. */
final readonly class FollowUpReply
{
    /**
     * @param list<GroupText>       $groups   every child in one
     * @param bool                  $kept     whether the teacher has put them together
     * @param list<ChildBriefReply> $children in the order of the register
     * @param list<string>          $tell     questions that would tell most of those of whom there is not enough
     * @param string                $from     what it rests on, in words
     */
    public function __construct(public string $classId, public string $className, public array $groups, public bool $kept, public array $children, public array $tell, public string $from)
    {
    }
}
