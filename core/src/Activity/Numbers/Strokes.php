<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Moment;
use Rostik\Core\Activity\Span;

/** Strokes of the bell, and what they stand for. */
final readonly class Strokes
{
    /**
     * @param int     $count  1 or more
     * @param Span    $length how long that is
     * @param ?Moment $from   when the first was heard, where it is asked how late it is then
     * @param ?Moment $until  how late it is then
     */
    public function __construct(public int $count, public Span $length, public ?Moment $from = null, public ?Moment $until = null)
    {
    }
}
