<?php

declare(strict_types=1);

namespace Rostik\App;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    public function getProjectDir(): string
    {
        return \dirname(__DIR__);
    }

    public function getCacheDir(): string
    {
        return $this->varDir().'/cache/'.$this->environment;
    }

    public function getLogDir(): string
    {
        return $this->varDir().'/log';
    }

    /** The folder for everything that comes and goes: the tests have one of their own. */
    private function varDir(): string
    {
        $own = $_SERVER['ROSTIK_VAR'] ?? '';

        return \is_string($own) && '' !== $own ? $own : \dirname(__DIR__, 2).'/var';
    }
}
