<?php

declare(strict_types=1);

namespace Rostik\App\Account;

/** The key of a second step that is being set up, shown this once. */
final readonly class SecondStepReply
{
    /**
     * @param string $key to be typed into an app
     * @param string $uri the same as a picture holds it
     */
    public function __construct(public string $key, public string $uri)
    {
    }
}
