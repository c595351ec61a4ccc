<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/** One answer, as a tablet sends it. */
final readonly class AnswerSent
{
    /** The longest answer that is looked at, in bytes. */
    private const LONGEST = 400;

    /**
     * @param string $question id
     * @param int    $n        the how manyth answer to this question it is, from 0 to 1000: so that none is taken twice
     * @param string $given    at most 400 bytes
     * @param int    $help     how much help there was before it, 0 to 3
     * @param bool   $over     whether nothing more is answered: the working was seen
     */
    public function __construct(public string $question, public int $n, public string $given = '', public int $help = 0, public bool $over = false)
    {
    }

    /** @throws UnprocessableEntityHttpException when it is not as it should be */
    public static function of(mixed $sent): self
    {
        $sent = \is_array($sent) ? $sent : [];
        $question = $sent['question'] ?? null;
        $n = $sent['n'] ?? null;
        $given = $sent['given'] ?? '';
        $help = $sent['help'] ?? 0;
        if (!\is_string($question) || \strlen($question) > 40 || !\is_int($n) || $n < 0 || $n > 1000 || !\is_string($given) || \strlen($given) > self::LONGEST || !\is_int($help) || $help < 0 || $help > 3) {
            throw new UnprocessableEntityHttpException('An answer is not as it should be.');
        }

        return new self($question, $n, $given, $help, true === ($sent['over'] ?? false));
    }
}
