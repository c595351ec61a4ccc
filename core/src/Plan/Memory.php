<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

/** Remembers what takes long to work out and always comes out the same. */
interface Memory
{
    /**
     * @template T of array<mixed>
     *
     * @param array<mixed>  $of   all that it hangs on; values that JSON can write
     * @param \Closure(): T $work it, where it is not remembered; the same JSON can write
     *
     * @return T
     */
    public function remember(array $of, \Closure $work): array;
}
