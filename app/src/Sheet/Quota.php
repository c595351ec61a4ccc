<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Api\CannotBeHad;

/** How much one teacher may keep: far more than anybody needs, and no more than a disk has room for. */
final readonly class Quota
{
    /** Sheets, those in the archive and those that were deleted lately among them. */
    public const SHEETS = 2000;

    /** Copies of all sheets together: for a class of 30 three times a week, four years. */
    public const COPIES = 15_000;

    /** The letters of one sheet, its questions in words among them. */
    public const LETTERS = 60_000;

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** @throws CannotBeHad */
    public function sheets(Teacher $owner, int $more): void
    {
        if ($this->entities->getRepository(Sheet::class)->count(['owner' => $owner]) + $more > self::SHEETS) {
            throw new CannotBeHad(\sprintf('You have %d sheets already. Delete some from the archive; what was deleted counts until it is gone for good.', self::SHEETS));
        }
    }

    /** @throws CannotBeHad */
    public function copies(Teacher $owner, int $more): void
    {
        if ($this->entities->getRepository(Copy::class)->count(['owner' => $owner]) + $more > self::COPIES) {
            throw new CannotBeHad(\sprintf('You have %d copies already. Delete sets of old sheets; what was deleted counts until it is gone for good.', self::COPIES));
        }
    }

    /**
     * @param list<QuestionRequest> $questions
     *
     * @throws CannotBeHad
     */
    public static function letters(array $questions): void
    {
        $letters = array_sum(array_map(static fn (QuestionRequest $q): int => \strlen($q->text->sum) + \strlen($q->text->wording), $questions));
        if ($letters > self::LETTERS) {
            throw new CannotBeHad('That is more than one sheet has room for. Put some of the questions on another sheet.');
        }
    }
}
