<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/** A typed line with the times and lengths that begin at each of its places; each is looked for only once. */
final class Line
{
    private const ASIDES = ['what', 'is', 'what\'s', 'how', 'long', 'it', 'find', 'many', 'work', 'out', 'calculate', 'from', 'the'];

    /** @var array<int, list<TimeReading>> */
    private array $times = [];

    /** @var array<int, LengthReading|null> */
    private array $lengths = [];

    public readonly Words $words;

    /** The place of the first word that matters: after "what is", "how long is it from". */
    public readonly int $start;

    public function __construct(string $typed, private readonly TimeReader $timeReader, private readonly LengthReader $lengthReader)
    {
        $this->words = Words::of($typed);
        $i = 0;
        while ($this->words->is($i, ...self::ASIDES)) {
            ++$i;
        }
        $this->start = $i;
    }

    /** @return list<TimeReading> */
    public function times(int $i): array
    {
        return $this->times[$i] ??= $this->timeReader->at($this->words, $i);
    }

    public function length(int $i): ?LengthReading
    {
        if (!\array_key_exists($i, $this->lengths)) {
            $this->lengths[$i] = $this->lengthReader->at($this->words, $i);
        }

        return $this->lengths[$i];
    }

    /** Whether the line ends here, apart from an equals sign, a question mark or a full stop. */
    public function endsAt(int $i): bool
    {
        while ($this->words->is($i, '=', '?', '_', '.')) {
            ++$i;
        }

        return $i >= $this->words->count;
    }

    /** The place after one of these words or signs ("take away" counts as one), or 0 where none of them stands here. */
    public function after(int $i, string ...$any): int
    {
        $pair = $this->words->at($i).' '.$this->words->at($i + 1);
        foreach ($any as $one) {
            if ($this->words->at($i) === $one) {
                return $i + 1;
            }
            if ($pair === $one) {
                return $i + 2;
            }
        }

        return 0;
    }
}
