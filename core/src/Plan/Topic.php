<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

use Rostik\Core\Skill\Rung;

/** What a rung is about, as the name of a lesson. */
final class Topic
{
    /** "I can go across noon." gives "Go across noon"; the point of p.m. stays. */
    public static function of(Rung $rung): string
    {
        return ucfirst(self::withoutStop(preg_replace('/^I (can )?/', '', $rung->can) ?? ''));
    }

    /** In a few words, for where it stands beside others: "Across noon". */
    public static function short(Rung $rung): string
    {
        return str_starts_with($rung->short, 'a.m.') ? $rung->short : ucfirst($rung->short);
    }

    public static function withoutStop(string $sentence): string
    {
        return preg_replace('/(?<![ap]\.m)\.$/', '', $sentence) ?? $sentence;
    }
}
