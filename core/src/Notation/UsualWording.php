<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Sum;

/** How most sums are asked and solved: as they are written, with an equals sign. */
trait UsualWording
{
    public function solved(Sum $sum, Answer $answer, Writer $writer): ?string
    {
        return null;
    }

    public function put(Sum $sum, Writer $writer): string
    {
        return $this->write($sum, $writer);
    }

    public function claim(Sum $sum, string $answer, Writer $writer): string
    {
        return $this->write($sum, $writer).' = '.$answer;
    }

    public function inWords(Sum $sum, Writer $writer): ?string
    {
        return null;
    }

    public function byClocks(Sum $sum, Writer $writer): ?string
    {
        return null;
    }

    public function turnedRound(Sum $sum, Writer $writer): string
    {
        return 'Turn it round: '.$this->write($sum, $writer);
    }
}
