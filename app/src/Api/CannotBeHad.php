<?php

declare(strict_types=1);

namespace Rostik\App\Api;

use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/** What was asked for cannot be had; the message says why, in words meant for people. */
final class CannotBeHad extends UnprocessableEntityHttpException
{
}
