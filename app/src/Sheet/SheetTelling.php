<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Skill\Level;
use Rostik\Core\Weighing\TellingApart;
use Rostik\Core\Work\Workbench;

/** What the questions of a sheet bring to light. */
final readonly class SheetTelling
{
    public function __construct(private TellingApart $telling, private MistakeBook $book, private Workbench $bench, private Sheets $sheets)
    {
    }

    public function of(Sheet $sheet): TellingReply
    {
        $settings = $sheet->settings();
        $style = $this->sheets->styleOf($sheet);
        $told = $this->telling->of($sheet->sums(), $sheet->keptPlaces(), $settings->level ?? Level::Core, 1, $settings->limits);
        $mistakes = [];
        foreach ($told->mistakes as $id => $places) {
            $mistakes[] = new TellingMistakeReply($id, $style->signs($this->book->mistake($id)->may()), array_map(static fn (int $place): int => $place + 1, $places));
        }
        $swap = $told->swap;

        return new TellingReply(
            $mistakes,
            $told->told,
            $told->of,
            array_map(static fn (array $pair): BlurredReply => new BlurredReply(...$pair), $told->blurred),
            null === $swap ? null : new SwapReply($swap->place + 1, $swap->sum, $this->bench->answer($swap->sum, $style)->shown, $swap->told),
        );
    }
}
