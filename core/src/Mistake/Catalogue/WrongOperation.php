<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\SecondMove;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;

/**
 * Adds where it should subtract or the reverse; goes later for earlier or the reverse. The calculation itself is right.
 *
 * Common practice, no source.
 */
final class WrongOperation implements Mistake
{
    public function id(): string
    {
        return 'wrong-operation';
    }

    public function may(): string
    {
        return 'may be adding where it is to be subtracted, or the other way round';
    }

    public function look(): string
    {
        return 'Read it once more: later or earlier? Altogether, or how much is left?';
    }

    public function model(): Model
    {
        return Model::Line;
    }

    public function predict(Sum $sum): ?Given
    {
        return match (true) {
            $sum instanceof Total => 2 === \count($sum->addends) ? $this->difference(...$sum->addends) : null,
            $sum instanceof Difference => $this->total($sum),
            $sum instanceof SecondMove => GivenTime::stated(($sum->direction > 0 ? SecondMove::earlier($sum->start, $sum->length) : SecondMove::later($sum->start, $sum->length))->answer()->time),
            $sum instanceof Later => GivenTime::stated(Earlier::of($sum->start, $sum->length)->answer()->time),
            $sum instanceof Earlier => GivenTime::stated(Later::of($sum->start, $sum->length)->answer()->time),
            default => null,
        };
    }

    private function difference(Amount $first, Amount $second): Given
    {
        $larger = $first->duration->compareTo($second->duration) >= 0;

        return GivenLength::amount(Difference::of($larger ? $first : $second, $larger ? $second : $first)->answer()->amount);
    }

    private function total(Difference $sum): Given
    {
        return GivenLength::amount(Total::of($sum->from, $sum->take)->answer()->amount);
    }
}
