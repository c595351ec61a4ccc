<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

/** More PDFs are wanted at once than are made; the message says what to do. */
final class TooMuchPaper extends \RuntimeException
{
}
