<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** A problem set out in five lines, as far as one has come: given, find, operation, working, answer. */
final readonly class SetOutPicture implements Picture
{
    public const TYPE = 'set-out';

    public string $type;

    /**
     * @param string          $text   the problem as it is told, plain; empty where it is not told
     * @param ?StoryPicture   $story  what the lines are read off; null where it cannot be drawn
     * @param list<GivenLine> $given
     * @param list<SetOutSum> $sums   one, or several of which a later one goes on with the answer of an earlier one
     * @param ?string         $answer marked text; null until it is found
     */
    public function __construct(public string $text, public ?StoryPicture $story, public array $given, public array $sums, public ?string $answer)
    {
        $this->type = self::TYPE;
    }

    public function withholding(\Closure $mark): self
    {
        return new self(
            $this->text,
            $this->story,
            $this->given,
            array_map(static fn (SetOutSum $sum): SetOutSum => new SetOutSum($sum->find, $sum->operation, $sum->sum, $sum->working?->withholding($mark), $sum->result), $this->sums),
            $this->answer,
        );
    }
}
