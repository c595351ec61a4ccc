<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Session\Storage\Handler\AbstractSessionHandler;
use Symfony\Component\Uid\Uuid;

/**
 * Sessions in the database, under a hash of their ids. Only one that somebody has signed in with is kept, so strangers leave
 * nothing behind; and one that has ended is never written again by a request that was still under way.
 */
final class SessionRows extends AbstractSessionHandler
{
    /** So long without use, in seconds. */
    public const IDLE = 12 * 3600;

    /** So long altogether, in seconds. */
    public const LONGEST = 7 * 24 * 3600;

    /** Use is noted no more often than this, in seconds: most requests write nothing. */
    private const NOTED = 300;

    /** Whose session is begun with this request. */
    private ?Uuid $teacher = null;
    private string $browser = '';

    /** @var array<string, int> when it was last used, by the ids that were found */
    private array $found = [];

    public function __construct(private readonly Connection $connection, private readonly ClockInterface $clock)
    {
    }

    /** The session that is written at the end of this request is that of this teacher. */
    public function begins(Uuid $teacher, string $browser): void
    {
        $this->teacher = $teacher;
        $this->browser = mb_substr($browser, 0, 200);
    }

    /** Ends all sessions of a teacher, but for one. */
    public function endAll(Uuid $teacher, ?string $but = null): void
    {
        $this->connection->executeStatement('DELETE FROM sign_in WHERE teacher_id = ? AND id <> ?', [$teacher->toBinary(), null === $but ? '' : self::mark($but)], [ParameterType::BINARY, ParameterType::BINARY]);
    }

    /** Ends one of a teacher's sessions; it is known by its hash in hexadecimal. */
    public function end(Uuid $teacher, string $mark): void
    {
        $this->connection->executeStatement('DELETE FROM sign_in WHERE teacher_id = ? AND id = ?', [$teacher->toBinary(), (string) hex2bin($mark)], [ParameterType::BINARY, ParameterType::BINARY]);
    }

    /** @return list<SignedInReply> where a teacher is signed in, the last used first */
    public function of(Uuid $teacher, string $here): array
    {
        $now = $this->now();
        $rows = [];
        /** @var array{id: string, began: int|string, used: int|string, browser: string} $row */
        foreach ($this->connection->fetchAllAssociative('SELECT id, began, used, browser FROM sign_in WHERE teacher_id = ? AND used >= ? AND began >= ? ORDER BY used DESC', [$teacher->toBinary(), $now - self::IDLE, $now - self::LONGEST], [ParameterType::BINARY]) as $row) {
            $rows[] = new SignedInReply(bin2hex($row['id']), date(\DATE_ATOM, (int) $row['began']), date(\DATE_ATOM, (int) $row['used']), $row['browser'], self::mark($here) === $row['id']);
        }

        return $rows;
    }

    protected function doRead(#[\SensitiveParameter] string $sessionId): string
    {
        $now = $this->now();
        $row = $this->connection->fetchAssociative('SELECT data, used FROM sign_in WHERE id = ? AND used >= ? AND began >= ?', [self::mark($sessionId), $now - self::IDLE, $now - self::LONGEST], [ParameterType::BINARY]);
        if (false === $row || !\is_string($row['data']) || !is_numeric($row['used'])) {
            return '';
        }
        $this->found[$sessionId] = (int) $row['used'];

        return $row['data'];
    }

    protected function doWrite(#[\SensitiveParameter] string $sessionId, string $data): bool
    {
        $now = $this->now();
        if (isset($this->found[$sessionId])) {
            $this->connection->executeStatement('UPDATE sign_in SET data = ?, used = ? WHERE id = ?', [$data, $now, self::mark($sessionId)], [ParameterType::BINARY, ParameterType::INTEGER, ParameterType::BINARY]);
        } elseif (null !== $this->teacher) {
            $this->connection->executeStatement('INSERT INTO sign_in (id, teacher_id, data, began, used, browser) VALUES (?, ?, ?, ?, ?, ?)', [self::mark($sessionId), $this->teacher->toBinary(), $data, $now, $now, $this->browser], [ParameterType::BINARY, ParameterType::BINARY, ParameterType::BINARY, ParameterType::INTEGER, ParameterType::INTEGER, ParameterType::STRING]);
            $this->found[$sessionId] = $now;
            $this->teacher = null;
        }

        return true;
    }

    public function updateTimestamp(#[\SensitiveParameter] string $sessionId, string $data): bool
    {
        $now = $this->now();
        if (isset($this->found[$sessionId]) && $now - $this->found[$sessionId] > self::NOTED) {
            $this->connection->executeStatement('UPDATE sign_in SET used = ? WHERE id = ?', [$now, self::mark($sessionId)], [ParameterType::INTEGER, ParameterType::BINARY]);
        }

        return true;
    }

    protected function doDestroy(#[\SensitiveParameter] string $sessionId): bool
    {
        unset($this->found[$sessionId]);
        $this->connection->executeStatement('DELETE FROM sign_in WHERE id = ?', [self::mark($sessionId)], [ParameterType::BINARY]);

        return true;
    }

    public function close(): bool
    {
        return true;
    }

    public function gc(int $max_lifetime): int
    {
        $now = $this->now();

        return (int) $this->connection->executeStatement('DELETE FROM sign_in WHERE used < ? OR began < ?', [$now - self::IDLE, $now - self::LONGEST]);
    }

    private function now(): int
    {
        return $this->clock->now()->getTimestamp();
    }

    private static function mark(#[\SensitiveParameter] string $sessionId): string
    {
        return hash('sha256', $sessionId, true);
    }
}
