<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Grouping;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;

/** A method that applies to a sum, with how well it suits. */
final readonly class Chosen
{
    /**
     * @param Sum  $sum         as it is worked
     * @param bool $turnedRound whether it was turned round first, to find a missing part
     */
    public function __construct(public Method $method, public Suit $suit, private Sum $sum, private bool $turnedRound = false)
    {
    }

    public function work(Writer $writer): Working
    {
        $working = $this->method->work($this->sum, $writer);
        if (!$this->turnedRound) {
            return $working;
        }
        $asked = match (true) {
            $this->sum instanceof Earlier => 'Turn it round and go back: '.$writer->time($this->sum->start).' '.$writer->minus().' '.$writer->amount($this->sum->length),
            $this->sum instanceof Later => 'Turn it round and go on: '.$writer->time($this->sum->start).' + '.$writer->amount($this->sum->length),
            $this->sum instanceof Elapsed => 'How long is it from '.$writer->time($this->sum->start).' to '.$writer->time($this->sum->end).'?',
            $this->sum instanceof Difference => 'Turn it round and take away: '.$writer->amount($this->sum->from).' '.$writer->minus().' '.$writer->amount($this->sum->take),
            $this->sum instanceof Total => 'Turn it round and add: '.implode(' + ', array_map($writer->amount(...), $this->sum->addends)),
            $this->sum instanceof Share => 'Turn it round and share: '.$writer->amount($this->sum->length).' '.$writer->divided().' '.$this->sum->between,
            $this->sum instanceof Product => 'Turn it round and multiply: '.$this->sum->times.' '.$writer->times().' '.$writer->amount($this->sum->length),
            $this->sum instanceof Grouping => 'How many times does '.$writer->amount($this->sum->each).' go into '.$writer->amount($this->sum->length).'?',
            default => 'Turn it round',
        };

        return new Working($working->method, [new Step(rtrim($asked, '.').(str_ends_with($asked, '?') ? '' : '.'), $working->steps[0]->picture, at: $working->steps[0]->at), ...$working->steps], $working->answer);
    }
}
