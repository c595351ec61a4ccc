<?php

declare(strict_types=1);

namespace Rostik\App\Work;

use Rostik\Core\Notation\HalfSigns;
use Rostik\Core\Notation\PastWord;
use Rostik\Core\Notation\Separator;
use Rostik\Core\Notation\Style;
use Rostik\Core\Time\WeekBegins;
use Rostik\Core\Time\Weekend;

/** The way in which the class writes for which something is asked, as it comes with the request. */
final class WantedStyle
{
    /** @param mixed $sent JSON, decoded or not; what is missing or unknown in it is as usual */
    public static function of(mixed $sent): Style
    {
        $sent = \is_string($sent) ? json_decode($sent, true) : $sent;
        if (!\is_array($sent)) {
            return new Style();
        }
        $text = static fn (string $name): string => \is_string($sent[$name] ?? null) ? $sent[$name] : '';
        $said = static fn (string $name, bool $usual): bool => \is_bool($sent[$name] ?? null) ? $sent[$name] : $usual;
        $usual = new Style();

        return new Style(
            HalfSigns::tryFrom($text('halves')) ?? $usual->halves,
            Separator::tryFrom($text('separator')) ?? $usual->separator,
            PastWord::tryFrom($text('past')) ?? $usual->past,
            $said('nameTwelve', $usual->nameTwelve),
            $said('always24', $usual->always24),
            $said('leadingNought', $usual->leadingNought),
            $said('minutesFirst', $usual->minutesFirst),
            $said('converts', $usual->converts),
            $said('monthFirst', $usual->monthFirst),
            WeekBegins::tryFrom($text('weekBegins')) ?? $usual->weekBegins,
            Weekend::tryFrom($text('weekend')) ?? $usual->weekend,
            $said('totalsFirst', $usual->totalsFirst),
            $said('timesFive', $usual->timesFive),
        );
    }
}
