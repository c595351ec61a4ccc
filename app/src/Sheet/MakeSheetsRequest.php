<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\App\Api\ProblemListener;
use Rostik\Core\Sheet\Layout;
use Rostik\Core\Skill\DayHours;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\Unknown;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** Sheets to be made: the same aims at one level or more. */
final readonly class MakeSheetsRequest
{
    private const MOST = 100;

    /**
     * @param string           $title     may be empty
     * @param list<AimRequest> $aims      from the bottom of the ladder up
     * @param list<Level>      $levels    one sheet for each
     * @param int              $seed      the same seed gives the same sheets
     * @param ?bool            $fives     true for fives only, false for single minutes; null for what the level has
     * @param ?bool            $regroups  must or must not; null for either
     * @param ?bool            $noon      crossed or not; null for either
     * @param ?bool            $midnight  crossed or not; null for either
     * @param ?Unknown         $unknown   on the clock; null for any
     * @param ?bool            $hour      crossed or not; null for either
     * @param list<string>     $mistakes  ids of mistakes that the numbers are to bring to light; empty for any numbers
     * @param bool             $challenge whether something harder stands at the end
     * @param ?string          $classId   the class it is for
     * @param bool             $pairs     whether stories come in pairs with the same word, one to add and one to take away
     * @param bool             $names     whether they are told of the children of the class
     * @param DayHours         $day       between which hours the times lie
     * @param bool             $mixed     whether the questions stand in a mixed order, and not as they grow
     * @param ?string          $table     id of the timetable that is read; null for one made up for the level
     */
    public function __construct(
        #[Assert\Length(max: 100)]
        public string $title,
        #[Assert\Valid]
        #[Assert\Count(min: 1, max: 12, maxMessage: 'Sheets are made for at most 12 skills at a time. Take some away, and make other sheets for them.', payload: ProblemListener::SAY)]
        public array $aims,
        #[Assert\Count(min: 1, max: 3)]
        #[Assert\Unique]
        public array $levels,
        public int $seed = 1,
        public ?bool $fives = null,
        public ?bool $regroups = null,
        public ?bool $noon = null,
        public ?bool $midnight = null,
        #[Assert\Choice([Unknown::End, Unknown::Start, Unknown::Length])]
        public ?Unknown $unknown = null,
        public ?bool $hour = null,
        #[Assert\Count(max: 40)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 60)])]
        public array $mistakes = [],
        public bool $challenge = false,
        public Layout $layout = Layout::Page,
        #[Assert\Uuid(strict: true)]
        public ?string $classId = null,
        public bool $pairs = false,
        public bool $names = false,
        #[Assert\Length(max: 60)]
        public ?string $table = null,
        public DayHours $day = DayHours::Waking,
        public bool $mixed = false,
    ) {
    }

    /** No sheet has more than 100 questions, however they come to it. */
    #[Assert\Callback(payload: ProblemListener::SAY)]
    public function isOneSheet(ExecutionContextInterface $context): void
    {
        $all = array_sum(array_map(static fn (AimRequest $aim): int => $aim->count, $this->aims));
        if ($all > self::MOST) {
            $context->addViolation(\sprintf('A sheet has at most %d questions, and that would be %d.', self::MOST, $all));
        }
    }
}
