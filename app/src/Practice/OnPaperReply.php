<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

/** A practice on paper, ready to be printed. */
final readonly class OnPaperReply
{
    /**
     * @param string $sheet id
     * @param string $set   id of its copies
     */
    public function __construct(public string $sheet, public string $set)
    {
    }
}
