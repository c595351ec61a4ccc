<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Timetable\TableLine;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;

/** A question as it should be on the sheet. */
final readonly class QuestionRequest
{
    #[Assert\Uuid(strict: true)]
    public string $id;

    /**
     * @param string $id     a UUID given by whoever adds the question, so that a change sent twice adds it once
     * @param bool   $locked whether it stays when the numbers are drawn anew
     */
    public function __construct(
        string $id,
        #[Assert\Valid]
        public QuestionText $text,
        public bool $locked = false,
    ) {
        // the same identity, however it is written
        $this->id = strtolower($id);
    }

    /** A new question about the timetable of a sheet. */
    public static function aboutATable(TableLine $line): self
    {
        return new self(Uuid::v4()->toRfc4122(), new QuestionText($line->write()));
    }

    /** By which questions of one sheet are told apart. */
    public static function identity(mixed $question): ?string
    {
        return $question instanceof self ? $question->id : null;
    }
}
