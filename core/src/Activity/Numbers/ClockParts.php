<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Numbers;

/** The parts of a clock to make. */
final readonly class ClockParts implements Numbers
{
    public const TYPE = 'clock-parts';

    public string $type;

    /**
     * @param int       $face       diameter in millimetres
     * @param int       $hourHand   from the hole to the tip, in millimetres
     * @param int       $minuteHand from the hole to the tip, in millimetres
     * @param int       $hole       diameter in millimetres
     * @param list<int> $printed    the hours that are on the face already, 1 to 12
     * @param bool      $marks      whether the marks of the minutes are on it already
     * @param list<int> $order      in which the hours are written
     */
    public function __construct(public int $face, public int $hourHand, public int $minuteHand, public int $hole, public array $printed, public bool $marks, public array $order)
    {
        $this->type = self::TYPE;
    }

    public function plain(): array
    {
        return ['face_mm' => $this->face, 'hour_hand_mm' => $this->hourHand, 'minute_hand_mm' => $this->minuteHand, 'hole_mm' => $this->hole, 'printed' => $this->printed, 'marks' => $this->marks, 'order' => $this->order];
    }
}
