<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

/** A part of a lesson with when it is and how long it takes. */
final readonly class PartReply
{
    /**
     * @param string       $title   of the kind of part: "Warm-up"
     * @param string       $content what is in it, in a few words
     * @param list<string> $sums    for the board, as the class writes them, marked
     * @param list<string> $says    what each of them stands there for
     * @param string       $from    when it begins, as the class writes times, marked
     * @param string       $until   when it ends, likewise
     * @param int          $starts  minutes after midnight at which it begins
     * @param int          $minutes that it has
     * @param int          $takes   minutes that it takes by what is in it
     * @param string       $said    how that comes about
     * @param list<string> $more    two sums of its level for who is done before the others, marked; none where that is not asked
     */
    public function __construct(public PartText $text, public string $title, public string $content, public array $sums, public array $says, public string $from, public string $until, public int $starts, public int $minutes, public int $takes, public string $said, public array $more)
    {
    }
}
