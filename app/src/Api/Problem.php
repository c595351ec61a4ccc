<?php

declare(strict_types=1);

namespace Rostik\App\Api;

use Symfony\Component\HttpFoundation\JsonResponse;

/** A refusal in the one format for all of them: RFC 9457, Problem Details for HTTP APIs. */
final class Problem
{
    /**
     * @param string                $code    a short name of the problem; its `type` is "urn:rostik:problem:<code>"
     * @param string                $detail  one sentence for a person
     * @param array<string, mixed>  $more    further members
     * @param array<string, string> $headers
     */
    public static function response(int $status, string $code, string $detail, array $more = [], array $headers = []): JsonResponse
    {
        $body = [
            'type' => 'urn:rostik:problem:'.$code,
            'title' => JsonResponse::$statusTexts[$status] ?? 'Problem',
            'status' => $status,
            'code' => $code,
            'detail' => $detail,
        ] + $more;

        // what was sent may be repeated in it, and need not be letters at all
        $response = new JsonResponse(null, $status, $headers + ['Content-Type' => 'application/problem+json']);
        $response->setEncodingOptions($response->getEncodingOptions() | \JSON_INVALID_UTF8_SUBSTITUTE);

        return $response->setData($body);
    }
}
