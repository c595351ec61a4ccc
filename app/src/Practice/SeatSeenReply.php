<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

/** A tablet as the teacher sees it while a practice runs. */
final readonly class SeatSeenReply
{
    /**
     * @param ?string   $child  id; null where there are only numbers
     * @param int       $done   questions that are answered
     * @param SeatState $state  how it goes
     * @param int       $looks  how often it was told to look again at the question that stands there
     * @param bool      $double whether the same child sits at another tablet, too
     */
    public function __construct(public string $id, public string $name, public ?string $child, public int $done, public SeatState $state, public int $looks, public bool $double, public string $since)
    {
    }
}
