<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

/** Why a rung has a lesson. */
enum Purpose: string
{
    /** It is taught for the first time. */
    case New = 'new';
    /** Once more, since one lesson is seldom enough for it. */
    case Again = 'again';
    /** It was taught some time ago, and is met again. */
    case Back = 'back';
}
