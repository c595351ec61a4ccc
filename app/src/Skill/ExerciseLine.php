<?php

declare(strict_types=1);

namespace Rostik\App\Skill;

use Rostik\Core\Method\MethodBook;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sequence\Difficulty;
use Rostik\Core\Sequence\Exercise;

/** A sum with what it stands there for, for other programs. */
final readonly class ExerciseLine
{
    public function __construct(private MethodBook $methods)
    {
    }

    /** @return array{sum: string, wording: string, job: string, says: string, features: list<string>, difficulty: float, method: ?string} */
    public function of(Exercise $one): array
    {
        $chosen = $this->methods->choose($one->question->sum, Writer::marked());

        return [
            'sum' => $one->text,
            'wording' => $one->question->wording,
            'job' => $one->job->value,
            'says' => $one->says,
            'features' => array_map(static fn (Difficulty $it): string => $it->value, $one->difficulties),
            'difficulty' => $one->number,
            'method' => isset($chosen[0]) ? $chosen[0]->method->id() : null,
        ];
    }
}
