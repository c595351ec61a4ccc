<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

use Rostik\App\Api\ProblemListener;
use Rostik\Core\Timetable\CsvTable;
use Rostik\Core\Timetable\Vehicle;
use Symfony\Component\Validator\Constraints as Assert;

/** A timetable as CSV, to be kept. */
final readonly class KeepTableRequest
{
    public function __construct(
        #[Assert\NotBlank(message: 'A timetable needs a name: Boats to Fell Harbour', normalizer: 'trim', payload: ProblemListener::SAY)]
        #[Assert\Length(max: 120)]
        public string $title,
        #[Assert\Length(max: CsvTable::LARGEST)]
        public string $csv,
        public Vehicle $vehicle = Vehicle::Service,
    ) {
    }
}
