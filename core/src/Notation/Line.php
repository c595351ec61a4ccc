<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/** A typed line with the times and lengths that begin at each of its places; each is looked for only once. */
final class Line
{
    private const ASIDES = ['what' => true, 'is' => true, 'what\'s' => true, 'how' => true, 'long' => true, 'it' => true, 'find' => true, 'many' => true, 'work' => true, 'out' => true, 'calculate' => true, 'from' => true, 'the' => true];

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
        while (isset(self::ASIDES[$this->words->at($i)])) {
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

    /** A length as an item of a list, where a comma ends it. */
    public function item(int $i): ?LengthReading
    {
        return $this->lengthReader->at($this->words, $i, true);
    }

    /** Whether the line ends here, apart from an equals sign, a question mark or a full stop. */
    public function endsAt(int $i): bool
    {
        $count = $this->words->count;
        while ($i < $count && $this->words->is($i, '=', '?', '_', '.')) {
            ++$i;
        }

        return $i >= $count;
    }

    /** The place after one of these words or signs ("take away" counts as one), or 0 where none of them stands here. */
    public function after(int $i, string ...$any): int
    {
        $texts = $this->words->texts;
        if (!isset($texts[$i])) {
            return 0;
        }
        $here = $texts[$i];
        foreach ($any as $one) {
            if ($here === $one) {
                return $i + 1;
            }
            if ($here[0] === $one[0] && $one === $here.' '.($texts[$i + 1] ?? '')) {
                return $i + 2;
            }
        }

        return 0;
    }
}
