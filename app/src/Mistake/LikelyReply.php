<?php

declare(strict_types=1);

namespace Rostik\App\Mistake;

use Rostik\Core\Picture\Model;

/** A likely wrong answer and what may have led to it: a hint for a conversation with the child. */
final readonly class LikelyReply
{
    /**
     * @param string $mistake id
     * @param string $answer  as a child would write it
     * @param string $may     begins with "may"
     * @param string $look    what to look at with the child
     * @param Model  $model   the model that helps
     */
    public function __construct(
        public string $mistake,
        public string $answer,
        public string $may,
        public string $look,
        public Model $model,
    ) {
    }
}
