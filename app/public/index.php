<?php

declare(strict_types=1);

use Rostik\App\Kernel;
use Symfony\Component\HttpFoundation\Request;

require dirname(__DIR__, 2).'/vendor/autoload.php';

// a pool whose work has time leaves the processor to the others
if ('' !== (string) getenv('ROSTIK_STANDS_BACK')) {
    proc_nice(19);
}

$kernel = new Kernel(is_string($_SERVER['APP_ENV'] ?? null) ? $_SERVER['APP_ENV'] : 'prod', false);
$request = Request::createFromGlobals();
$response = $kernel->handle($request);
$response->send();
$kernel->terminate($request, $response);
