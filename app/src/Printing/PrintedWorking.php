<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

/** A question worked, for the key or as an example. */
final readonly class PrintedWorking
{
    /**
     * @param string       $method  what the way of working is called
     * @param list<string> $steps   each in a sentence
     * @param string       $drawing as it is set out, as SVG; empty where the method draws nothing
     */
    public function __construct(public string $method, public array $steps, public string $drawing)
    {
    }
}
