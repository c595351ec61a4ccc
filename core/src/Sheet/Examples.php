<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\ColumnsPicture;
use Rostik\Core\Picture\LinePicture;
use Rostik\Core\Problem\StoryMaker;
use Rostik\Core\Question\Form\Written;
use Rostik\Core\Question\Manner;
use Rostik\Core\Question\PosedQuestion;
use Rostik\Core\Question\Posing;
use Rostik\Core\Question\Question;
use Rostik\Core\Question\Scaffold;
use Rostik\Core\Question\TimesGiven;
use Rostik\Core\Skill\Another;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Sum\Sum;

/** Finds a question to be shown worked at the head of a sheet: one like those on it, with numbers that are not on it. */
final readonly class Examples
{
    /** Others that are drawn for a question, since some may be on the sheet already. */
    private const DRAWN = 3;

    /** Stories that are drawn, since some are on the sheet already. */
    private const STORIES = 60;

    private Writer $plain;

    public function __construct(private Another $another, private Posing $posing, private Forms $forms, private SumReader $reader, private StoryMaker $stories)
    {
        $this->plain = Writer::plain();
    }

    /**
     * @param list<Sum>    $sums    of the sheet
     * @param Manner       $manner  in which its questions are put
     * @param int          $seed    the same seed gives the same example
     * @param list<string> $stories by which its questions are told; where all of them are, the example is another story
     *
     * @return ?PosedQuestion null where no method works such sums
     */
    public function for(array $sums, Manner $manner, int $seed, array $stories = []): ?PosedQuestion
    {
        if ([] !== $stories && !\in_array('', $stories, true)) {
            return $this->told($sums, $manner, $seed, $stories);
        }
        // an example is a sum in signs, whatever is told or drawn on the sheet
        $plainly = new Manner($manner->scaffold, Written::TYPE, TimesGiven::TwentyFour === $manner->times ? $manner->times : TimesGiven::AsWritten, $manner->methods, $manner->style);
        $taken = [];
        foreach ($sums as $sum) {
            $taken[$this->forms->write($sum, $this->plain)] = $sum;
        }
        $first = null;
        foreach ($taken as $sum) {
            foreach ($this->another->like($sum, self::DRAWN, $seed) as $other) {
                $posed = isset($taken[$other->sum]) ? null : $this->posing->pose(new Question($this->reader->read($other->sum)->sum), $plainly);
                if (null === $posed?->working || null === $posed->answer) {
                    continue;
                }
                $steps = $posed->working->steps;
                $last = $steps[\count($steps) - 1]->picture;
                if ($last instanceof ColumnsPicture || $last instanceof LinePicture) {
                    return $posed;
                }
                $first ??= $posed;
                break;
            }
        }

        // one that is told in steps alone, where none is drawn
        return $first;
    }

    /**
     * @param list<Sum>    $sums
     * @param list<string> $stories
     */
    private function told(array $sums, Manner $manner, int $seed, array $stories): ?PosedQuestion
    {
        $rung = [] === array_filter($sums, static fn (Sum $sum): bool => !$sum instanceof InTurn) ? 'two-step-problem' : 'one-step-problem';
        $dice = new Dice($seed);
        for ($try = 0; $try < self::STORIES; ++$try) {
            $told = $this->stories->draw($rung, Scaffold::Full === $manner->scaffold ? Level::Support : Level::Core, $dice, $manner->style);
            if (!\in_array($told->frame->id, $stories, true)) {
                return $this->posing->pose($told->question(), $manner);
            }
        }

        return null;
    }
}
