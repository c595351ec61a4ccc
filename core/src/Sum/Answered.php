<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** What kind of thing the answer to a sum is, and so how what a child writes is read. */
enum Answered
{
    case Time;
    /** A length, or how many times. */
    case Length;
    /** <, > or = */
    case Sign;
    case Order;
    /** Several times of day, one after the other. */
    case Times;
    case Date;
    /** A day of the week, yes or no. */
    case Word;
}
