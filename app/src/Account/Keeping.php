<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Rostik\App\Api\ProblemListener;
use Symfony\Component\Validator\Constraints as Assert;

/** How long a school keeps what. The figures to begin with are ours; the school's own policy and local law decide. */
final readonly class Keeping
{
    /**
     * @param int     $deletedDays   for so many days what was deleted can be brought back
     * @param ?int    $marksMonths   marks are kept for so many months; null for as long as the child is in the class
     * @param ?string $childrenLeave on this day of the year, as MM-DD, classes that are no longer taken up lose their children;
     *                               null for never by itself
     * @param int     $quietMonths   a class counts as no longer taken up after so many months in which nobody had it in hand
     */
    public function __construct(
        #[Assert\Range(notInRangeMessage: 'What was deleted can be kept from 1 to 365 days: 30', min: 1, max: 365, payload: ProblemListener::SAY)]
        public int $deletedDays = 30,
        #[Assert\Range(notInRangeMessage: 'Marks can be kept from 1 to 60 months: 12', min: 1, max: 60, payload: ProblemListener::SAY)]
        public ?int $marksMonths = null,
        #[Assert\Regex('/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/', message: 'A day of the year is written as month and day: 08-31', payload: ProblemListener::SAY)]
        public ?string $childrenLeave = null,
        #[Assert\Range(notInRangeMessage: 'From 1 to 24 months: 2', min: 1, max: 24, payload: ProblemListener::SAY)]
        public int $quietMonths = 2,
    ) {
    }
}
