<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

/** A sheet with its questions and their answers. */
final readonly class SheetReply
{
    /**
     * @param int                   $version   to be sent back with the next change
     * @param list<QuestionReply>   $questions
     * @param ?string               $classId   the class it is for
     * @param list<SheetLevelReply> $levels    the sheets that were made together with it, itself among them; none where it stands alone
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $title,
        public array $questions,
        public SheetSettings $settings,
        public ?string $classId,
        public array $levels,
        public bool $archived,
    ) {
    }
}
