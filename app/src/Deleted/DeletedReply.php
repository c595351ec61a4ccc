<?php

declare(strict_types=1);

namespace Rostik\App\Deleted;

/** Something that was deleted and can be brought back. */
final readonly class DeletedReply
{
    /**
     * @param string $with      what comes back with it; empty for nothing
     * @param string $className of the class; empty for none
     * @param string $at        when it was deleted (ISO 8601)
     * @param string $until     the day on which it goes for good (YYYY-MM-DD)
     */
    public function __construct(
        public DeletedKind $kind,
        public string $id,
        public string $name,
        public string $with,
        public string $className,
        public string $at,
        public string $until,
    ) {
    }
}
