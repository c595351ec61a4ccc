<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Skill\Level;
use Rostik\Core\Weighing\Separating;
use Rostik\Core\Work\Workbench;

/** What the questions of a sheet bring to light. */
final readonly class SheetSeparating
{
    public function __construct(private Separating $separating, private MistakeBook $book, private Workbench $bench, private Sheets $sheets)
    {
    }

    public function of(Sheet $sheet): SeparatingReply
    {
        $settings = $sheet->settings();
        $style = $this->sheets->styleOf($sheet);
        $found = $this->separating->of($sheet->lines(), $sheet->keptPlaces(), $settings->level ?? Level::Core, 1, $settings->limits);
        $mistakes = [];
        foreach ($found->mistakes as $id => $places) {
            $mistakes[] = new SeparatingMistakeReply($id, $style->signs($this->book->mistake($id)->may()), array_map(static fn (int $place): int => $place + 1, $places));
        }
        $swap = $found->swap;

        return new SeparatingReply(
            $mistakes,
            $found->separated,
            $found->of,
            array_map(static fn (array $pair): BlurredReply => new BlurredReply(...$pair), $found->blurred),
            null === $swap ? null : new SwapReply($swap->place + 1, $swap->sum, $this->bench->answer($swap->sum, $style)->shown, $swap->separated),
        );
    }
}
