<?php

declare(strict_types=1);

/*
 * Works the sums that come in, one a line, and writes them as the API would send them to the board: what the drawn models
 * are tested with.
 */

use Rostik\Core\Tests\Core;
use Rostik\Core\Board\Board;

require __DIR__.'/../../../vendor/autoload.php';

$board = Core::get(Board::class);
$sums = array_filter(explode("\n", (string) stream_get_contents(\STDIN)));
echo json_encode(array_map($board->show(...), array_values($sums)), \JSON_THROW_ON_ERROR);
