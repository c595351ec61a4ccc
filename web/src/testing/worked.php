<?php

declare(strict_types=1);

/*
 * Works the sums that come in, one a line, and writes them as the API would send them to the board: what the drawn models
 * are tested with. With the argument "day": how every minute of the day is written.
 */

use Rostik\Core\Board\Board;
use Rostik\Core\Board\DayTable;
use Rostik\Core\Notation\Style;
use Rostik\Core\Tests\Core;

require __DIR__.'/../../../vendor/autoload.php';

if (['day'] === array_slice($argv, 1)) {
    echo json_encode(['table' => DayTable::in(new Style()), 'activities' => []], \JSON_THROW_ON_ERROR);
    exit;
}
$board = Core::get(Board::class);
$sums = array_filter(explode("\n", (string) stream_get_contents(\STDIN)));
echo json_encode(array_map($board->show(...), array_values($sums)), \JSON_THROW_ON_ERROR);
