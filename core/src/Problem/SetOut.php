<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Picture\GivenLine;
use Rostik\Core\Picture\StoryPicture;
use Rostik\Core\Sum\Sum;

/** A problem set out as it is taught: what is given, what is to be found, the operation of each sum, the answer in a sentence. */
final readonly class SetOut
{
    /**
     * @param string                     $text  as it is told
     * @param string                     $ask   the question of it; empty where it has none that was found
     * @param Sum                        $sum   one, or several in turn
     * @param list<GivenLine>            $given
     * @param non-empty-list<SetOutPart> $parts
     * @param ?StoryPicture              $drawn the whole of it; null where it cannot be drawn
     */
    public function __construct(public string $text, public string $ask, public Sum $sum, public array $given, public array $parts, public ?StoryPicture $drawn, private AnswerSentence $sentences)
    {
    }

    /** @param string $written its answer; may be marked, or a gap */
    public function sentence(string $written): string
    {
        return $this->sentences->of($this->text, $this->ask, $this->sum->answer(), $written);
    }
}
