<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

/** All stories there are, from the files in core/stories. */
final class Stories
{
    private const FOLDER = __DIR__.'/../../stories';

    /** @var ?array<string, Frame> */
    private ?array $frames = null;

    public function __construct(private readonly StoryFile $file)
    {
    }

    /** @return array<string, Frame> by id */
    public function all(): array
    {
        return $this->frames ??= $this->gathered();
    }

    public function frame(string $id): Frame
    {
        return $this->all()[$id] ?? throw new \OutOfBoundsException(\sprintf('There is no story “%s”.', $id));
    }

    /** @return list<Frame> */
    public function of(Shape ...$shapes): array
    {
        return array_values(array_filter($this->all(), static fn (Frame $frame): bool => \in_array($frame->shape, $shapes, true)));
    }

    /** @return array<string, Frame> */
    private function gathered(): array
    {
        $frames = [];
        foreach (glob(self::FOLDER.'/*.txt') ?: [] as $path) {
            foreach ($this->file->read((string) file_get_contents($path), basename($path)) as $frame) {
                if (isset($frames[$frame->id])) {
                    throw new \DomainException(\sprintf('There are two stories “%s”.', $frame->id));
                }
                $frames[$frame->id] = $frame;
            }
        }

        return $frames;
    }
}
