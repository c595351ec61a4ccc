<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Rostik\Core\Plan\Memory;
use Symfony\Component\DependencyInjection\ParameterBag\ParameterBagInterface;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

/** Remembers in the cache of the application, for as long as the program is the same, and a month at the most. */
final readonly class CachedMemory implements Memory
{
    private const KEPT = 30 * 86400;

    public function __construct(private CacheInterface $cache, private ParameterBagInterface $parameters)
    {
    }

    public function remember(array $of, \Closure $work): array
    {
        $build = $this->parameters->has('container.build_id') ? $this->parameters->get('container.build_id') : '';
        $worked = $this->cache->get('plan.'.hash('xxh128', json_encode([$build, $of], \JSON_THROW_ON_ERROR)), static function (ItemInterface $item) use ($work): array {
            $item->expiresAfter(self::KEPT);

            return $work();
        });

        return $worked;
    }
}
