<?php

declare(strict_types=1);

namespace Rostik\App\Problem;

use Rostik\App\Work\WantedStyle;
use Rostik\Core\Notation\Style;
use Rostik\Core\Problem\ProblemReader;
use Symfony\Component\HttpFoundation\Exception\JsonException;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/** The words of a question that are to be read. */
final readonly class ReadRequest
{
    /** @param string $sum that stands with them; may be empty */
    private function __construct(public string $text, public string $sum, public Style $style)
    {
    }

    /**
     * Read by hand, as {@see \Rostik\App\Work\WorkRequest} is: it is asked for with every pause in typing.
     *
     * @throws UnprocessableEntityHttpException when there is no text in it
     * @throws JsonException                    when it is not JSON
     */
    public static function of(Request $request): self
    {
        $body = $request->toArray();
        $text = $body['text'] ?? null;
        $sum = $body['sum'] ?? '';
        if (!\is_string($text) || !\is_string($sum) || \strlen($text) > 4 * ProblemReader::LONGEST) {
            throw new UnprocessableEntityHttpException('There is no text in it.');
        }

        return new self($text, $sum, WantedStyle::of($body['style'] ?? null));
    }
}
