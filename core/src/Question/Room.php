<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

use Rostik\Core\Method\Working;
use Rostik\Core\Picture\ColumnsPicture;
use Rostik\Core\Picture\LinePicture;
use Rostik\Core\Picture\MonthPicture;

/** Room for working: columns or a number line, as much of it drawn as the scaffold says, or empty squared paper. */
final readonly class Room
{
    /**
     * @param ColumnsPicture|LinePicture|MonthPicture|null $begins as it stands before the first step; null for empty squared paper
     * @param ColumnsPicture|LinePicture|MonthPicture|null $ends   as it stands at the end, for the places of what is to be filled in
     */
    private function __construct(public ColumnsPicture|LinePicture|MonthPicture|null $begins, public ColumnsPicture|LinePicture|MonthPicture|null $ends, public Scaffold $scaffold)
    {
    }

    /**
     * Null where nothing is drawn.
     *
     * @param bool $asked whether columns or line are asked for, and not only a help
     */
    public static function forWorking(?Working $working, Scaffold $scaffold, bool $asked): ?self
    {
        if (Scaffold::None === $scaffold && !$asked) {
            return null;
        }
        $begins = $working?->steps[0]->picture;
        $ends = null === $working ? null : $working->steps[\count($working->steps) - 1]->picture;
        if ($begins instanceof MonthPicture && $ends instanceof MonthPicture) {
            // a calendar is a help that is given, and not drawn by the child
            return new self($begins, $ends, $scaffold);
        }
        if (Scaffold::Full === $scaffold || $asked) {
            if (($begins instanceof LinePicture && $ends instanceof LinePicture) || ($begins instanceof ColumnsPicture && $ends instanceof ColumnsPicture)) {
                return new self($begins, $ends, $scaffold);
            }
        }

        return Scaffold::None === $scaffold ? null : new self(null, null, $scaffold);
    }
}
