<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Rostik\App\Api\ProblemListener;
use Symfony\Component\Validator\Constraints as Assert;

/** A child in the register, as it is sent to and fro. */
final readonly class ChildEntry
{
    #[Assert\Uuid(strict: true)]
    public string $id;

    #[Assert\NotBlank]
    #[Assert\Length(max: Child::LONGEST, maxMessage: 'A name has no more than 40 letters.', payload: ProblemListener::SAY)]
    public string $name;

    /**
     * @param string $id   a UUID given by whoever adds the child
     * @param string $name a first name, initials or a number
     */
    public function __construct(string $id, string $name)
    {
        // the same identity, however it is written
        $this->id = strtolower($id);
        // letters that nobody sees, that turn the line round or break it are no part of a name
        $this->name = trim(preg_replace('/[\x{00AD}\x{061C}\x{180E}\x{200B}-\x{200F}\x{2028}-\x{202E}\x{2060}-\x{206F}\x{FEFF}\x{FFF9}-\x{FFFB}\p{Cc}]/u', '', str_replace(["\t", "\n"], ' ', $name)) ?? '');
    }

    public static function of(Child $child): self
    {
        return new self($child->id()->toRfc4122(), $child->name());
    }

    /** By which children of one class are told apart. */
    public static function identity(mixed $child): ?string
    {
        return $child instanceof self ? $child->id : null;
    }
}
