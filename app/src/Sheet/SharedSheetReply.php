<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Skill\Level;
use Symfony\Component\Uid\Uuid;

/** A sheet on the shelf of the school. */
final readonly class SharedSheetReply
{
    public string $id;
    public ?Level $level;
    public string $byId;

    /**
     * @param list<string> $rungs ids of the rungs that its questions exercise
     * @param string       $by    who put it there
     */
    public function __construct(Uuid $uuid, public string $title, public int $questions, SheetSettings $settings, public array $rungs, Uuid $owner, public string $by)
    {
        $this->id = $uuid->toRfc4122();
        $this->level = $settings->level;
        $this->byId = $owner->toRfc4122();
    }
}
