<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\RetryableException;
use Psr\Clock\ClockInterface;

/**
 * Tries at a password, counted for each account. After five there is a delay before the next, twice as long each time, up to
 * a quarter of an hour; a right password, or an hour without a try, ends it. Nobody is ever shut out for good, and no
 * address is shut out for what another of the same school does. A browser in which this account has signed in before
 * ({@see KnownBrowser}) is counted by itself, so that a stranger who tries cannot keep the teacher out.
 *
 * A try is counted before the password is looked at, in one statement, so that tries side by side count as well.
 */
final readonly class Tries
{
    private const FREE = 5;
    private const LONGEST_MS = 900_000;
    private const FORGOTTEN_MS = 3_600_000;

    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    /**
     * Counts a try, unless it comes too soon.
     *
     * @param string $who  32 bytes
     * @param int    $free so many before there are delays
     *
     * @return int 0, or the seconds to wait, where it comes too soon and is not to be looked at
     */
    public function count(string $who, int $free = self::FREE): int
    {
        $now = (int) $this->clock->now()->format('Uv');
        $this->connection->executeStatement('INSERT IGNORE INTO sign_in_try (who, tries, last_at, free_at) VALUES (?, 0, 0, 0)', [$who]);
        for ($again = 0;; ++$again) {
            try {
                // the columns are set in their order: the delay is that of the new count
                $counted = $this->connection->executeStatement(
                    'UPDATE sign_in_try SET tries = IF(last_at < :forgotten, 1, tries + 1), free_at = IF(tries < :free, 0, :now + LEAST(:longest, 1000 * POW(2, LEAST(20, tries - :free + 1)))), last_at = :now WHERE who = :who AND free_at <= :now',
                    ['forgotten' => $now - self::FORGOTTEN_MS, 'free' => $free, 'longest' => self::LONGEST_MS, 'now' => $now, 'who' => $who],
                );
                break;
            } catch (RetryableException $busy) {
                if ($again >= 5) {
                    throw $busy;
                }
            }
        }
        if ($counted > 0) {
            return 0;
        }
        $until = $this->connection->fetchOne('SELECT free_at FROM sign_in_try WHERE who = ?', [$who]);

        return is_numeric($until) ? max(1, (int) ceil(((int) $until - $now) / 1000)) : 0;
    }

    /** The right password was given. */
    public function forget(string $who): void
    {
        $this->connection->executeStatement('DELETE FROM sign_in_try WHERE who = ?', [$who]);
    }

    /** The last try was right, and says nothing of the others. */
    public function takeBack(string $who): void
    {
        $this->connection->executeStatement('UPDATE sign_in_try SET tries = IF(tries > 0, tries - 1, 0), free_at = IF(tries = 0, 0, LEAST(free_at, last_at)) WHERE who = ?', [$who]);
    }

    /** Takes away what is forgotten anyhow. */
    public function tidy(): void
    {
        $this->connection->executeStatement('DELETE FROM sign_in_try WHERE last_at < ?', [(int) $this->clock->now()->format('Uv') - 2 * self::FORGOTTEN_MS]);
    }
}
