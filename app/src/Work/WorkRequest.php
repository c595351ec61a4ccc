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
     * @param string $sum   one line, in any of the usual forms
     * @param ?Style $style in which the class writes; null for the usual one
     */
    public function __construct(public string $sum, public ?Style $style = null)
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

        return \is_string($sum) ? new self($sum, WantedStyle::of($body['style'] ?? null)) : throw new UnprocessableEntityHttpException('There is no sum in it.');
    }
}
