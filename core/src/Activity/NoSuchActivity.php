<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** An activity, an option or a choice that is not there. */
final class NoSuchActivity extends \DomainException
{
    /** @param list<string> $ids those there are */
    public static function id(string $id, array $ids): self
    {
        return new self(\sprintf('There is no activity “%s”. There are: %s.', mb_substr($id, 0, 40), implode(', ', $ids)));
    }

    /** @param list<string> $ids those there are */
    public static function option(string $id, array $ids): self
    {
        return new self([] === $ids ? \sprintf('Nothing can be chosen about it, so “%s” neither.', mb_substr($id, 0, 40)) : \sprintf('“%s” cannot be chosen here. What can: %s.', mb_substr($id, 0, 40), implode(', ', $ids)));
    }

    /** @param list<string> $ids those there are */
    public static function choice(string $option, string $id, array $ids): self
    {
        return new self(\sprintf('“%s” is no choice for “%s”. There are: %s.', mb_substr($id, 0, 40), $option, implode(', ', $ids)));
    }

    public static function children(int $least, int $most): self
    {
        return new self(\sprintf('A class has %d to %d children here.', $least, $most));
    }

    public static function group(): self
    {
        return new self('A group has 1 child at least.');
    }
}
