<?php

declare(strict_types=1);

/*
 * Loads the compiled container's classes and the whole core once, when php-fpm starts, so that no request has to:
 * opcache.preload points here.
 */

use Rostik\App\Kernel;

require_once dirname(__DIR__, 2).'/vendor/autoload.php';

// while php-fpm starts there is no $_SERVER to ask
$var = getenv('ROSTIK_VAR') ?: dirname(__DIR__, 2).'/var';
foreach (glob($var.'/cache/prod/*KernelProdContainer.preload.php') ?: [] as $file) {
    require_once $file;
}
$root = dirname(__DIR__, 2);
// what the container does not name but every request that reads something loads
$more = [
    'core/src', 'app/src',
    'vendor/doctrine/dbal/src/Types', 'vendor/doctrine/dbal/src/Driver/PDO/MySQL', 'vendor/doctrine/dbal/src/Platforms/MySQL',
    'vendor/doctrine/orm/src/Internal/Hydration', 'vendor/doctrine/orm/src/Mapping', 'vendor/doctrine/orm/src/Persisters', 'vendor/doctrine/orm/src/Utility',
    'vendor/doctrine/orm/src/Query', 'vendor/doctrine/instantiator/src', 'vendor/symfony/doctrine-bridge/Types', 'vendor/symfony/type-info/Type', 'vendor/symfony/type-info/TypeResolver',
];
foreach ($more as $folder) {
    foreach (is_dir($root.'/'.$folder) ? new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root.'/'.$folder, FilesystemIterator::SKIP_DOTS)) : [] as $file) {
        if ($file instanceof SplFileInfo && 'php' === $file->getExtension()) {
            require_once $file->getPathname();
        }
    }
}
foreach (['DriverManager', 'ExpandArrayParameters', 'Connection\\StaticServerVersionProvider', 'Driver\\PDO\\Connection', 'Driver\\PDO\\Result', 'Driver\\PDO\\Statement', 'Platforms\\MariaDB1010Platform', 'Schema\\MySQLSchemaManager'] as $class) {
    class_exists('Doctrine\\DBAL\\'.$class);
}
foreach (['ORM\\Event\\ListenersInvoker', 'ORM\\Events', 'ORM\\Internal\\HydrationCompleteHandler', 'ORM\\Proxy\\DefaultProxyClassNameResolver', 'Persistence\\Mapping\\RuntimeReflectionService', 'Bundle\\DoctrineBundle\\Mapping\\ClassMetadataFactory'] as $class) {
    class_exists('Doctrine\\'.$class);
}
foreach (['Clock\\NativeClock', 'HttpFoundation\\JsonResponse', 'HttpFoundation\\Session\\SessionUtils', 'PropertyAccess\\PropertyAccess', 'Security\\Http\\Authenticator\\Token\\PostAuthenticationToken', 'Security\\Http\\Event\\LazyResponseEvent', 'Security\\Http\\Attribute\\CurrentUser', 'Security\\Core\\AuthenticationEvents', 'Routing\\Attribute\\Route', 'VarExporter\\Hydrator', 'String\\Inflector\\EnglishInflector'] as $class) {
    class_exists('Symfony\\Component\\'.$class);
}
class_exists(Kernel::class);
