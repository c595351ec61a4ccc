<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

/** What the questions of a sheet can bring to light. */
final readonly class SeparatingReply
{
    /**
     * @param list<SeparatingMistakeReply> $mistakes  the usual mistakes of such questions
     * @param int                          $separated pairs of them that the sheet tells apart
     * @param int                          $of        pairs that such questions could tell apart
     * @param list<BlurredReply>           $blurred   pairs that it does not, by their ids
     * @param ?SwapReply                   $swap      what would tell more; null where nothing would
     */
    public function __construct(public array $mistakes, public int $separated, public int $of, public array $blurred, public ?SwapReply $swap)
    {
    }
}
