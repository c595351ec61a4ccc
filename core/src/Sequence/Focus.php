<?php

declare(strict_types=1);

namespace Rostik\Core\Sequence;

/** What one of several lessons about the same thing is for; common practice, no source. */
enum Focus: string
{
    case Model = 'model';
    case Without = 'without';
    case Backwards = 'backwards';
    case Mixed = 'mixed';

    /** @param int $number of the lesson, from 1 */
    public static function of(int $number): self
    {
        return match (true) {
            $number <= 1 => self::Model,
            2 === $number => self::Without,
            3 === $number => self::Backwards,
            default => self::Mixed,
        };
    }

    /** As it stands beside the lesson. */
    public function said(): string
    {
        return match ($this) {
            self::Model => 'with a model',
            self::Without => 'in another way',
            self::Backwards => 'in words and backwards',
            self::Mixed => 'mixed with what is known',
        };
    }
}
