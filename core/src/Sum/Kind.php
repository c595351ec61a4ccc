<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** The kinds of sum with time. */
enum Kind: string
{
    case Total = 'total';
    case Difference = 'difference';
    case Product = 'product';
    case Share = 'share';
    case Later = 'later';
    case Earlier = 'earlier';
    case Elapsed = 'elapsed';
    case Missing = 'missing';
    case Conversion = 'conversion';
    case Comparison = 'comparison';
    case Order = 'order';
    case Rewrite = 'rewrite';
}
