<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;

/**
 * Makes the questions of a sheet from its aims: as many of each rung as asked for, at one level, no two alike, the
 * easier rungs first. The same seed gives the same sheet.
 */
final readonly class SheetMaker
{
    /** The most questions on a sheet. */
    public const MOST = 60;

    private Writer $plain;

    public function __construct(private Generator $generator, private Forms $forms)
    {
        $this->plain = Writer::plain();
    }

    public static function standard(): self
    {
        $forms = Forms::standard();

        return new self(new Generator($forms), $forms);
    }

    /** @param list<Aim> $aims from the bottom of the ladder up */
    public function make(array $aims, Level $level, int $seed, Limits $limits): MadeSheet
    {
        $sums = [];
        $shortages = [];
        foreach ($aims as $i => $aim) {
            // more than are needed: rungs overlap, and a sheet has no question twice
            $drawn = $this->generator->draw($aim->rung, $level, $aim->count + \count($sums), $seed + 7919 * $i + 104729 * (int) array_search($level, Level::cases(), true), $limits);
            $found = 0;
            foreach ($drawn->sums as $sum) {
                $text = $this->forms->write($sum, $this->plain);
                if ($found < $aim->count && !isset($sums[$text])) {
                    $sums[$text] = true;
                    ++$found;
                }
            }
            if ($found < $aim->count) {
                $shortages[] = new Shortage($aim->rung->id, $aim->count, $found);
            }
        }

        return new MadeSheet($level, array_keys($sums), $shortages);
    }
}
