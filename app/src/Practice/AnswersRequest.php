<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Symfony\Component\HttpFoundation\Exception\JsonException;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/** Answers, in the order in which they were given. */
final readonly class AnswersRequest
{
    private const MOST = 100;
    private const MOST_HAD = 60;

    /**
     * @param list<AnswerSent> $answers at most 100
     * @param list<string>     $have    ids of the questions that are at the tablet already, at most 60
     */
    public function __construct(public array $answers, public array $have = [])
    {
    }

    /**
     * Read by hand: a whole class sends its answers all the time, and mapping them by way of serializer and validator took
     * as long as judging them.
     *
     * @throws UnprocessableEntityHttpException when it is not as it should be
     * @throws JsonException                    when it is not JSON
     */
    public static function of(Request $request): self
    {
        $body = $request->toArray();
        $answers = $body['answers'] ?? null;
        $have = $body['have'] ?? [];
        if (!\is_array($answers) || !\is_array($have) || \count($answers) > self::MOST || \count($have) > self::MOST_HAD) {
            throw new UnprocessableEntityHttpException('There are no answers in it.');
        }

        return new self(array_map(AnswerSent::of(...), array_values($answers)), array_values(array_filter($have, is_string(...))));
    }
}
