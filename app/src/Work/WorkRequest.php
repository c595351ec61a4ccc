<?php

declare(strict_types=1);

namespace Rostik\App\Work;

use Rostik\Core\Notation\Style;
use Symfony\Component\HttpFoundation\Exception\JsonException;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/** A sum to be worked. */
final readonly class WorkRequest
{
    /**
     * @param string                $sum     one line, in any of the usual forms, or a problem in words
     * @param ?Style                $style   in which the class writes; null for the usual one
     * @param array<string, string> $methods ids of the class's own methods, by kind of sum
     */
    public function __construct(public string $sum, public ?Style $style = null, public array $methods = [])
    {
    }

    /**
     * Read by hand: this reply is asked for with every pause in typing, and mapping one string by way of serializer and
     * validator took longer than working the sum.
     *
     * @throws UnprocessableEntityHttpException when there is no sum in it
     * @throws JsonException                    when it is not JSON
     */
    public static function of(Request $request): self
    {
        $body = $request->toArray();
        $sum = $body['sum'] ?? null;

        $methods = \is_array($body['methods'] ?? null) ? $body['methods'] : [];

        return \is_string($sum) ? new self($sum, WantedStyle::of($body['style'] ?? null), array_filter($methods, static fn (mixed $id, int|string $kind): bool => \is_string($id) && \is_string($kind), \ARRAY_FILTER_USE_BOTH)) : throw new UnprocessableEntityHttpException('There is no sum in it.');
    }
}
