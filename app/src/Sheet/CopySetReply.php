<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

/** Copies of a sheet that were made together. */
final readonly class CopySetReply
{
    /**
     * @param string          $madeAt ISO 8601
     * @param list<CopyReply> $copies in order
     * @param list<string>    $notes  what could not be had, each in a sentence; only when it has just been made
     */
    public function __construct(public string $id, public string $madeAt, public array $copies, public array $notes = [])
    {
    }
}
