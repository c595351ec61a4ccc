<?php

declare(strict_types=1);

namespace Rostik\App\Api;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\KernelEvents;

/** What is done when the reply has gone: its time tells nobody anything, and nobody waits for it. */
#[AsEventListener(event: KernelEvents::TERMINATE)]
final class Afterwards
{
    /** @var list<\Closure(): void> */
    private array $waiting = [];

    /** @param \Closure(): void $act */
    public function do(\Closure $act): void
    {
        $this->waiting[] = $act;
    }

    public function __invoke(): void
    {
        $all = $this->waiting;
        $this->waiting = [];
        foreach ($all as $act) {
            $act();
        }
    }
}
