<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Rostik\Core\Evidence\Group;
use Rostik\Core\Evidence\GroupKind;
use Symfony\Component\Validator\Constraints as Assert;

/** A group, as it is sent to and fro and kept. */
final readonly class GroupText
{
    /**
     * @param ?string      $cause    id of what may be behind their answers
     * @param ?string      $rung     that they are to work on
     * @param string       $reason   why they are together, in a sentence
     * @param string       $look     what to look at with them; may be empty
     * @param list<string> $children ids
     */
    public function __construct(
        public GroupKind $kind,
        #[Assert\Length(max: 60)]
        public ?string $cause,
        #[Assert\Length(max: 60)]
        public ?string $rung,
        #[Assert\Length(max: 300)]
        public string $reason,
        #[Assert\Length(max: 300)]
        public string $look,
        #[Assert\Count(max: 60)]
        #[Assert\All([new Assert\Type('string'), new Assert\Uuid(strict: true)])]
        public array $children,
    ) {
    }

    public static function of(Group $group): self
    {
        return new self($group->kind, $group->cause, $group->rung, $group->reason, $group->look, $group->children);
    }

    /** @return array{kind: string, cause: ?string, rung: ?string, reason: string, look: string, children: list<string>} */
    public function kept(): array
    {
        return ['kind' => $this->kind->value, 'cause' => $this->cause, 'rung' => $this->rung, 'reason' => $this->reason, 'look' => $this->look, 'children' => $this->children];
    }

    /** @param array{kind: string, cause: ?string, rung: ?string, reason: string, look: string, children: list<string>} $kept */
    public static function ofKept(array $kept): self
    {
        return new self(GroupKind::tryFrom($kept['kind']) ?? GroupKind::Unsure, $kept['cause'], $kept['rung'], $kept['reason'], $kept['look'], $kept['children']);
    }

    /** @param list<string> $children ids */
    public function with(array $children): self
    {
        return new self($this->kind, $this->cause, $this->rung, $this->reason, $this->look, $children);
    }
}
