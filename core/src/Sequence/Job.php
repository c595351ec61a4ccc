<?php

declare(strict_types=1);

namespace Rostik\Core\Sequence;

/** What an example stands there for. Which examples teach, and in which order, is common practice, no source. */
enum Job: string
{
    /** The barest case that needs the new thing, or another one like it. */
    case Plain = 'plain';
    /** One thing is other than in the one before. */
    case Changed = 'changed';
    /** It looks alike, and does not need it. */
    case Contrast = 'contrast';
    /** A step harder. */
    case Step = 'step';
    /** From what was learnt before. */
    case Mixed = 'mixed';
    /** The same with another part to be found. */
    case Backwards = 'backwards';
    /** The same in a story. */
    case Words = 'words';
    /** For who is done before the others. */
    case Challenge = 'challenge';
    /** It tells by its answer who has it, and what else may be behind it. */
    case Decides = 'decides';
}
