<?php

declare(strict_types=1);

namespace Rostik\Core\Tests;

use Symfony\Component\Config\FileLocator;
use Symfony\Component\DependencyInjection\Compiler\CompilerPassInterface;
use Symfony\Component\DependencyInjection\Compiler\PassConfig;
use Symfony\Component\DependencyInjection\ContainerBuilder;
use Symfony\Component\DependencyInjection\Definition;
use Symfony\Component\DependencyInjection\Loader\YamlFileLoader;
use Symfony\Component\DependencyInjection\Reference;

/** The core as the application has it, for whoever needs a part of it without the application. */
final class Core implements CompilerPassInterface
{
    private static ?ContainerBuilder $container = null;

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    public static function get(string $class): object
    {
        $part = (self::$container ??= self::container())->get($class);

        return $part instanceof $class ? $part : throw new \LogicException($class.' is no part of the core.');
    }

    private static function container(): ContainerBuilder
    {
        $container = new ContainerBuilder();
        (new YamlFileLoader($container, new FileLocator(__DIR__.'/../../app/config')))->load('core.yaml');
        $container->addCompilerPass(new self(), PassConfig::TYPE_BEFORE_REMOVING);
        $container->compile();

        return $container;
    }

    /** Every part can be asked for; values, which are made where they are needed, and what is made of them, are none. */
    public function process(ContainerBuilder $container): void
    {
        $values = array_filter($container->getDefinitions(), static fn (Definition $one): bool => $one->hasErrors());
        do {
            $before = \count($values);
            foreach ($container->getDefinitions() as $id => $definition) {
                foreach ($definition->getArguments() as $argument) {
                    if ($argument instanceof Reference && isset($values[(string) $argument])) {
                        $values[$id] = $definition;
                    }
                }
            }
        } while (\count($values) > $before);
        foreach ($container->getDefinitions() as $id => $definition) {
            $definition->setPublic(!isset($values[$id]));
        }
        foreach ($container->getAliases() as $alias) {
            $alias->setPublic(true);
        }
    }
}
