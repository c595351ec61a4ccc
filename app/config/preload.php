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
$core = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/core/src', FilesystemIterator::SKIP_DOTS));
foreach ($core as $file) {
    if ($file instanceof SplFileInfo && 'php' === $file->getExtension()) {
        require_once $file->getPathname();
    }
}
class_exists(Kernel::class);
