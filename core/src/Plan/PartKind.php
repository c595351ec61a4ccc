<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

/** What a part of a lesson is for. */
enum PartKind: string
{
    case WarmUp = 'warm-up';
    case LookBack = 'look-back';
    case Explain = 'explain';
    case Together = 'together';
    case OnYourOwn = 'on-your-own';
    case Activity = 'activity';
    case Ticket = 'ticket';
    case TidyUp = 'tidy-up';

    /** As it is said to teachers. */
    public function said(): string
    {
        return match ($this) {
            self::WarmUp => 'Warm-up',
            self::LookBack => 'Look back',
            self::Explain => 'Explain',
            self::Together => 'Together',
            self::OnYourOwn => 'On your own',
            self::Activity => 'Activity',
            self::Ticket => 'Exit ticket',
            self::TidyUp => 'Tidy up',
        };
    }

    /** Whether an activity can stand in it. */
    public function isPlayed(): bool
    {
        return self::WarmUp === $this || self::Activity === $this;
    }

    /** Whether there are sums for the board in it. */
    public function isAtTheBoard(): bool
    {
        return self::LookBack === $this || self::Explain === $this || self::Together === $this;
    }

    /** Whether children answer questions on paper in it. */
    public function isOnPaper(): bool
    {
        return self::OnYourOwn === $this || self::Ticket === $this;
    }
}
