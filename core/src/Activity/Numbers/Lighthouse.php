<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Moment;
use Rostik\Core\Activity\Numbers;

/** A ring of digital times with faces in its middle. */
final readonly class Lighthouse implements Numbers
{
    public const TYPE = 'lighthouse';

    public string $type;

    /**
     * @param list<Moment> $ring  in the order of the places
     * @param list<Moment> $faces in the middle
     * @param list<int>    $meets by place: position of the face that shows the same
     * @param list<int>    $rolls of the dice as chance has them, for the board
     */
    public function __construct(public array $ring, public array $faces, public array $meets, public array $rolls)
    {
        $this->type = self::TYPE;
    }

    public function plain(): array
    {
        $digits = static fn (Moment $one): string => $one->digits();

        return ['ring' => array_map($digits, $this->ring), 'faces' => array_map($digits, $this->faces), 'meets' => $this->meets];
    }
}
