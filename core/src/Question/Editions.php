<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Mistake\Catalogue\FlipsAmPm;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Mistake\Throughout;
use Rostik\Core\Question\Edition\AsAtFirst;
use Rostik\Core\Sum\Sum;

/**
 * What choices are drawn from. A paper that has been printed must find the same choices when its key is printed, or its
 * answers are marked, a year later; so what the catalogue of mistakes has learnt since is left out here, and what it has
 * given up is kept.
 */
final readonly class Editions
{
    /** Mistakes that came later. */
    private const LATER = [
        'adds-ten', 'day-as-twelve', 'every-fourth-year', 'forgets-first-jump', 'forgets-last-jump', 'hour-ahead', 'hours-from-the-start', 'keeps-twelve',
        'larger-number-on-top', 'numbers-as-they-stand', 'ones-as-tens', 'only-the-hours', 'only-the-minutes', 'past-twenty-four', 'shares-apart', 'sixty-at-the-top',
    ];

    public function __construct(private MistakeBook $book, private Throughout $throughout)
    {
    }

    /**
     * @param array<string, Given> $predicted by id of the mistake, as the catalogue is now
     * @param Given                $right     the right answer
     *
     * @return array<string, Given> as the first edition had them, in the order of their ids
     */
    public function first(Sum $sum, array $predicted, Given $right): array
    {
        $first = array_filter($predicted, static fn (string $id): bool => !\in_array($id, self::LATER, true), \ARRAY_FILTER_USE_KEY);
        foreach ([new FlipsAmPm(true), ...array_map(fn (string $id): AsAtFirst => new AsAtFirst($this->book->mistake($id)), AsAtFirst::CHANGED)] as $was) {
            $given = $was->predict($sum->plain()) ?? $this->throughout->predict($was, $sum->plain());
            if (null === $given || $given->text() === $right->text() || ($given instanceof GivenLength && $given->isOtherFormOf($right))) {
                unset($first[$was->id()]);
            } else {
                $first[$was->id()] = $given;
            }
        }
        ksort($first);

        return $first;
    }
}
