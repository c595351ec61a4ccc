<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

/** Names of a class that look alike are told apart by a number. */
final class Apart
{
    /**
     * @template Key of array-key
     *
     * @param array<Key, string> $names in the order of the register
     *
     * @return array<Key, string>
     */
    public static function names(array $names): array
    {
        // names that are there as they stand keep them
        $taken = array_count_values(array_map(self::look(...), $names));
        $seen = [];
        foreach ($names as $key => $name) {
            $look = self::look($name);
            if (isset($seen[$look])) {
                $short = mb_substr($name, 0, Child::LONGEST - 3);
                for ($number = 2; isset($taken[self::look($short.' '.$number)]) || isset($seen[self::look($short.' '.$number)]); ++$number) {
                }
                $names[$key] = $short.' '.$number;
                $look = self::look($names[$key]);
            }
            $seen[$look] = true;
        }

        return $names;
    }

    /** What cannot be told apart on a screen is the same: capital letters, spaces, other ways of writing the same letter. */
    private static function look(string $name): string
    {
        $one = \Normalizer::normalize($name, \Normalizer::FORM_KC);

        return mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', \is_string($one) ? $one : $name)));
    }
}
