<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Rostik\App\Api\ProblemListener;
use Symfony\Component\Validator\Constraints as Assert;

/** What a class is to learn, and when it has its lessons, as it is sent to and fro and kept. */
final readonly class CourseText
{
    /**
     * @param list<string>      $wanted  ids of rungs
     * @param list<string>      $had     ids of rungs that the class has, whatever was seen
     * @param list<WeeklyText>  $week    the lessons of a week
     * @param string            $first   day from which they are planned, 2026-11-26
     * @param int               $lessons so many
     * @param list<DaysOffText> $off     days without
     * @param int               $seed    the same seed gives the same lessons
     */
    public function __construct(
        #[Assert\Count(min: 1, max: 60, minMessage: 'Choose one thing at least that is to be learnt.', payload: ProblemListener::SAY)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 60)])]
        public array $wanted = [],
        #[Assert\Count(max: 60)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 60)])]
        public array $had = [],
        #[Assert\Valid]
        #[Assert\Count(min: 1, max: 20, minMessage: 'Say when there is a lesson: Monday at 09:40, 60 minutes', payload: ProblemListener::SAY)]
        public array $week = [],
        #[Assert\NotBlank]
        #[Assert\Date]
        #[Assert\Regex('/^20\d\d-/', message: 'A day of this century: 2026-12-07')]
        public string $first = '',
        #[Assert\Range(min: 1, max: 120, notInRangeMessage: 'A plan has from 1 to 120 lessons: 12', payload: ProblemListener::SAY)]
        public int $lessons = 5,
        #[Assert\Valid]
        #[Assert\Count(max: 40)]
        public array $off = [],
        public int $seed = 1,
    ) {
    }
}
