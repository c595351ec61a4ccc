<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Rostik\Core\Problem\Teller;

/** The names of children in texts, and the made-up ones that come in their place. */
final readonly class InventedNames
{
    /** Names that are words as well: in a text of the teacher's own they are taken for the word. */
    private const WORDS = ['april', 'art', 'august', 'autumn', 'bay', 'bill', 'dale', 'dawn', 'dean', 'faith', 'glen', 'grace', 'grant', 'hope', 'ivy', 'jack', 'joy', 'june', 'lane', 'mark', 'max', 'may', 'miles', 'noel', 'pat', 'rain', 'reed', 'rich', 'river', 'robin', 'rose', 'ruby', 'sky', 'sue', 'summer', 'sunny', 'will', 'wren'];

    /** @param array<string, string> $instead by the name */
    private function __construct(private array $instead)
    {
    }

    public static function for(Child ...$children): self
    {
        $names = array_values(array_filter(array_map(static fn (Child $child): string => $child->name(), $children), self::isName(...)));
        // no child of the class gets another one's
        $others = [] === $children ? [] : array_map(static fn (Child $child): string => $child->name(), $children[0]->classroom()->children());
        $free = array_values(array_diff(Teller::NAMES, $names, $others));
        $instead = [];
        foreach ($names as $name) {
            $instead[$name] = [] === $free ? 'Somebody' : $free[crc32($name) % \count($free)];
        }
        // of Noor and Noor B. the longer one is looked for first
        uksort($instead, static fn (string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));

        return new self($instead);
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->instead));
    }

    /** @param bool $told whether it is told by a story, in which the names of children stand for children alone */
    public function in(string $text, bool $told = false): string
    {
        $names = array_filter($this->names(), static fn (string $name): bool => $told || !\in_array(mb_strtolower($name), self::WORDS, true));
        if ([] === $names) {
            return $text;
        }
        $any = implode('|', array_map(static fn (string $name): string => preg_quote($name, '/'), $names));

        return preg_replace_callback('/(?<![\p{L}\p{M}\p{N}-])(?:'.$any.')(?![\p{L}\p{M}\p{N}-])/u', fn (array $found): string => $this->instead[$found[0]] ?? $found[0], $text) ?? $text;
    }

    /** A number or one letter is no name that could be found again. */
    private static function isName(string $name): bool
    {
        return 1 === preg_match('/\p{L}.*\p{L}/u', $name);
    }
}
