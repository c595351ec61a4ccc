<?php

declare(strict_types=1);

namespace Rostik\App\School;

/** A one-time link that has been made. */
final readonly class LinkMadeReply
{
    /**
     * @param string $link to be passed on; it is shown this once
     * @param bool   $sent whether it has gone out by mail, too
     */
    public function __construct(public string $link, public bool $sent, public SchoolReply $school)
    {
    }
}
