<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\AmountPart;

/** A converted length, in the units that were asked for. */
final readonly class ConversionAnswer implements Answer
{
    use UsualAnswer;

    /**
     * @param non-empty-list<AmountPart> $parts
     * @param bool                       $about whether it is only a round number
     */
    public function __construct(public array $parts, public bool $about = false)
    {
    }

    public function value(): ConvertedParts
    {
        return new ConvertedParts(array_map(
            static fn (AmountPart $p): ConvertedPart => new ConvertedPart($p->unit->value, $p->isWhole() ? $p->numerator : $p->numerator / $p->denominator),
            AmountPart::written($this->parts),
        ));
    }

    public function said(): Phrase
    {
        return Phrase::of($this->about ? 'about ' : '', ...Phrase::listed(' ', ...AmountPart::written($this->parts)));
    }

    public function equals(Answer $other): bool
    {
        return $other instanceof self && $this->value() == $other->value();
    }
}
