<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Sum;

/** A method that applies to a sum, with how well it suits. */
final readonly class Chosen
{
    /**
     * @param Sum    $sum    as it is worked
     * @param string $turned what is said first, where it was turned round to find a missing part, without its full stop
     */
    public function __construct(public Method $method, public Suit $suit, private Sum $sum, private string $turned = '')
    {
    }

    public function work(Writer $writer): Working
    {
        $working = $this->method->work($this->sum, $writer);
        if ('' === $this->turned) {
            return $working;
        }
        $first = new Step($this->turned.(str_ends_with($this->turned, '?') ? '' : '.'), $working->steps[0]->picture, at: $working->steps[0]->at);

        return new Working($working->method, [$first, ...$working->steps], $working->answer);
    }
}
