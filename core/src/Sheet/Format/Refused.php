<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet\Format;

/** A file that cannot be read, line by line with the reason. */
final class Refused extends \DomainException
{
    /** @param non-empty-list<Fault> $faults */
    public function __construct(public readonly array $faults)
    {
        parent::__construct(implode(' ', array_map(static fn (Fault $f): string => (0 === $f->line ? '' : 'Line '.$f->line.': ').$f->message, $faults)));
    }

    public static function whole(string $message): self
    {
        return new self([new Fault(0, $message)]);
    }
}
