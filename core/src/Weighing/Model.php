<?php

declare(strict_types=1);

namespace Rostik\Core\Weighing;

/**
 * How children are taken to answer: the assumptions behind the weighing, each a probability, stated in one place.
 *
 * Before any answer a child is secure, or has one mistake (each that the sums can show as likely as the others), or,
 * more rarely, two. A secure child slips now and then; most slips are off by 1, 5 or 10 or by an hour. A child with a
 * mistake gives the mistake's own answer nearly always where it shows, and answers like a secure child where it does
 * not. Blank and unreadable answers say nothing. The figures are common practice, no source; `rostik simulate` shows
 * what they lead to.
 */
final readonly class Model
{
    /**
     * @param float $secure     share of children who have no mistake, 0 to 1
     * @param float $two        share of children with two mistakes, among those who have any
     * @param float $slip       a secure child's answer is wrong by a slip
     * @param float $nearSlip   share of slips that are off by 1, 5, 10 or an hour
     * @param float $consistent a child with a mistake gives its answer where it shows
     * @param float $lucky      a child with a mistake is right where it shows
     * @param int   $nearKinds  ways to be off by 1, 5, 10 or an hour, up or down
     * @param int   $otherKinds other wrong answers that a slip may lead to
     */
    public function __construct(
        public float $secure = 0.65,
        public float $two = 0.12,
        public float $slip = 0.1,
        public float $nearSlip = 0.7,
        public float $consistent = 0.85,
        public float $lucky = 0.05,
        public int $nearKinds = 8,
        public int $otherKinds = 40,
    ) {
    }

    /** How likely a secure child gives this answer. */
    public function bySecure(bool $right, bool $near): float
    {
        return match (true) {
            $right => 1 - $this->slip,
            $near => $this->slip * $this->nearSlip / $this->nearKinds,
            default => $this->slip * (1 - $this->nearSlip) / $this->otherKinds,
        };
    }

    /** How likely a child gives this answer in whose sum a mistake shows. */
    public function byMistaken(bool $fits, bool $right, bool $near): float
    {
        if ($fits) {
            return $this->consistent;
        }
        if ($right) {
            return $this->lucky;
        }

        return (1 - $this->consistent - $this->lucky) * ($near ? $this->nearSlip / $this->nearKinds : (1 - $this->nearSlip) / $this->otherKinds);
    }
}
