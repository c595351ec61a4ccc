<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

use Symfony\Component\Lock\LockFactory;
use Symfony\Component\Lock\LockInterface;
use Symfony\Component\Lock\Store\FlockStore;
use Symfony\Component\Process\Exception\ProcessFailedException;
use Symfony\Component\Process\Process;

/**
 * Turns print pages into a PDF with WeasyPrint, in a process of its own that has no secrets and reads nothing but the
 * stylesheets (`app/bin/paper.py`). One or two are made at a time on a machine, and one for each teacher; the others wait.
 */
final readonly class Pdf
{
    /** The longest that one document may take, in seconds. */
    private const LONGEST = 240;

    /** So many are made at a time. */
    private const AT_A_TIME = 2;

    /** The longest that one waits for its turn, in seconds. */
    private const PATIENCE = 120;

    /** How long one's own last one is waited for, in seconds: long enough for one that was stopped to end. */
    private const OWN = 8;

    private LockFactory $locks;

    /**
     * @param string $publicDir where the stylesheets of the pages are
     * @param string $maker     the script
     */
    public function __construct(private string $publicDir, private string $maker)
    {
        $this->locks = new LockFactory(new FlockStore());
    }

    /**
     * @param list<string> $parts whole pages of HTML each, their addresses relative to the public folder; put together in that order
     * @param string       $who   for whom
     *
     * @return string the bytes of the PDF
     *
     * @throws TooMuchPaper
     * @throws ProcessFailedException
     */
    public function of(array $parts, string $who): string
    {
        $making = $this->making($parts, $who);
        while ($making->valid()) {
            $making->next();
        }

        return $making->getReturn();
    }

    /**
     * The same, page by page: the number of pages that are laid out, 0 while it waits for its turn; the bytes of the PDF are
     * returned at the end.
     *
     * @param list<string> $parts
     *
     * @return \Generator<int, int, void, string>
     *
     * @throws TooMuchPaper
     * @throws ProcessFailedException
     */
    public function making(array $parts, string $who): \Generator
    {
        $own = $this->locks->createLock('rostik-paper-of-'.hash('sha256', $this->publicDir.$who));
        yield from $this->wait([$own], self::OWN, 'Your last PDF is still being made. Wait for it, or stop it.');
        try {
            $turn = yield from $this->wait($this->turns(), self::PATIENCE, 'Many PDFs are being made at the moment. Try again in a minute, or print from here.');
            try {
                return yield from $this->pages($parts);
            } finally {
                $turn->release();
            }
        } finally {
            $own->release();
        }
    }

    /** Whether one would be made at once. */
    public function hasTurn(): bool
    {
        foreach ($this->turns() as $lock) {
            if ($lock->acquire()) {
                $lock->release();

                return true;
            }
        }

        return false;
    }

    /** @return non-empty-list<LockInterface> */
    private function turns(): array
    {
        return array_map(fn (int $i): LockInterface => $this->locks->createLock('rostik-paper-'.$i.'-'.hash('sha256', $this->publicDir)), range(1, self::AT_A_TIME));
    }

    /**
     * Waits until it has one of the locks.
     *
     * @param non-empty-list<LockInterface> $locks
     *
     * @return \Generator<int, int, void, LockInterface>
     *
     * @throws TooMuchPaper
     */
    private function wait(array $locks, int $seconds, string $otherwise): \Generator
    {
        for ($i = 0; $i < 4 * $seconds; ++$i) {
            foreach ($locks as $lock) {
                if ($lock->acquire()) {
                    return $lock;
                }
            }
            yield 0;
            usleep(250_000);
        }

        throw new TooMuchPaper($otherwise);
    }

    /**
     * @param list<string> $parts
     *
     * @return \Generator<int, int, void, string>
     */
    private function pages(array $parts): \Generator
    {
        $input = json_encode(['base' => $this->publicDir, 'parts' => $parts], \JSON_UNESCAPED_SLASHES | \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_THROW_ON_ERROR)."\n";
        $process = new Process(['/usr/bin/env', '-i', 'PATH=/usr/bin:/bin', 'LC_ALL=C.UTF-8', 'HOME='.sys_get_temp_dir(), $this->maker], null, null, $input, self::LONGEST);
        $process->start();
        $pages = 0;
        foreach ($process->getIterator(Process::ITER_KEEP_OUTPUT) as $channel => $text) {
            $more = Process::ERR === $channel ? substr_count($text, "page\n") : 0;
            if ($more > 0) {
                yield $pages += $more;
            }
        }
        if (!$process->isSuccessful()) {
            throw new ProcessFailedException($process);
        }

        return $process->getOutput();
    }
}
