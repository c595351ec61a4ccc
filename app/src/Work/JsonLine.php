<?php

declare(strict_types=1);

namespace Rostik\App\Work;

use Rostik\Core\Method\Step;
use Rostik\Core\Notation\Changed;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Work\WorkedAnswer;
use Rostik\Core\Work\WorkedMethod;
use Rostik\Core\Work\WorkedReading;
use Rostik\Core\Work\WorkedSum;

/** A worked sum, or why it could not be worked, as one line of JSON for other programs. The members are described in docs/notation.md. */
final class JsonLine
{
    public static function worked(WorkedSum $worked): string
    {
        $line = [
            'sum' => $worked->sum,
            'kind' => $worked->kind->value,
            'answer' => null === $worked->answer ? null : self::answer($worked->answer),
        ];
        if ([] !== $worked->readings) {
            $line['readings'] = array_map(static fn (WorkedReading $r): array => ['assumes' => $r->assumes, 'sum' => $r->sum, 'answer' => self::answer($r->answer)], $worked->readings);
        }

        return self::encode($line + [
            'crosses' => $worked->crosses,
            'regroups' => $worked->regroups,
            'exact' => $worked->exact,
            'changed' => null === $worked->changed ? null : self::changed($worked->changed),
            'recommended' => $worked->recommended,
            'methods' => array_map(self::method(...), $worked->methods),
            'skills' => $worked->skills,
            'notes' => $worked->notes,
        ] + (null === $worked->claim ? [] : ['claim' => $worked->claim]));
    }

    /** A line that brought the program itself down: the batch goes on. */
    public static function failed(string $typed): string
    {
        return self::encode(['sum' => $typed, 'error' => ['code' => 'our-fault', 'message' => 'Something went wrong on our side with this line.', 'at' => 0, 'example' => '1:50 pm + 3 h 30 min']]);
    }

    public static function refused(string $typed, NotUnderstood $why): string
    {
        return self::encode(['sum' => $typed, 'error' => ['code' => $why->reason, 'message' => $why->getMessage(), 'at' => $why->at, 'example' => $why->example]]);
    }

    /** @return array<string, mixed> */
    public static function answer(WorkedAnswer $answer): array
    {
        return ['text' => $answer->text, 'value' => $answer->value]
            + array_filter(['dayOffset' => $answer->dayOffset, 'seconds' => $answer->seconds, 'months' => $answer->months], static fn (int|float|null $n): bool => null !== $n);
    }

    /** @return array<string, bool> */
    private static function changed(Changed $changed): array
    {
        return [
            'hour' => $changed->hour->changed,
            'minute' => $changed->minute->changed,
            'half' => true === $changed->half?->changed,
            'day' => true === $changed->day?->changed,
        ];
    }

    /** @return array<string, mixed> */
    private static function method(WorkedMethod $method): array
    {
        return [
            'id' => $method->id,
            'steps' => array_map(static fn (Step $s): array => ['say' => Marked::plain($s->say)], $method->steps),
            'answer' => $method->answer,
        ];
    }

    /** @param array<string, mixed> $line */
    private static function encode(array $line): string
    {
        return json_encode($line, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_THROW_ON_ERROR);
    }
}
