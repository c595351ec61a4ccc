<?php

declare(strict_types=1);

// PHP 8.5 has get_error_handler(); Symfony 7.4 calls it. See README.md in this folder.
if (!\function_exists('get_error_handler')) {
    function get_error_handler(): ?callable
    {
        $handler = set_error_handler(static fn (): bool => false);
        restore_error_handler();

        return $handler;
    }
}
