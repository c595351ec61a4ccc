<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** What most answers have in common: they are no times that hands could show. */
trait UsualAnswer
{
    public function onHands(): null
    {
        return null;
    }
}
