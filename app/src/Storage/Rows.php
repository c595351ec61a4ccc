<?php

declare(strict_types=1);

namespace Rostik\App\Storage;

use Doctrine\DBAL\Connection;

/** Rows as they stand in a table, taken out of it and put back as they were: what was deleted, while it can be brought back. */
final readonly class Rows
{
    /** Columns that the database makes itself, by table. */
    private const MADE = ['put' => ['mark' => true], 'paper' => ['mark' => true]];

    public function __construct(private Connection $connection)
    {
    }

    /**
     * @param literal-string $where  with a question mark for each parameter
     * @param list<string>   $params
     *
     * @return list<array<string, mixed>> keys in hexadecimal digits
     */
    public function read(string $table, string $where, array $params): array
    {
        return array_map(self::plain(...), $this->connection->executeQuery('SELECT * FROM '.$table.' WHERE '.$where, $params)->fetchAllAssociative());
    }

    /**
     * The same, and they are not in the table any more.
     *
     * @param literal-string $where
     * @param list<string>   $params
     *
     * @return list<array<string, mixed>>
     */
    public function take(string $table, string $where, array $params): array
    {
        $rows = $this->read($table, $where, $params);
        $this->connection->executeStatement('DELETE FROM '.$table.' WHERE '.$where, $params);

        return $rows;
    }

    /** Puts them back; what has come in their place since, and what belongs to something that is gone, stays away. */
    public function put(string $table, mixed $rows): void
    {
        foreach (\is_array($rows) ? $rows : [] as $row) {
            if (\is_array($row) && [] !== $row) {
                $row = array_diff_key($row, self::MADE[$table] ?? []);
                $names = array_map(strval(...), array_keys($row));
                $this->connection->executeStatement(
                    \sprintf('INSERT IGNORE INTO %s (%s) VALUES (%s)', $table, implode(', ', $names), implode(', ', array_fill(0, \count($names), '?'))),
                    array_map(static fn (string $name): mixed => self::isKey($name) && \is_string($row[$name]) ? hex2bin($row[$name]) : $row[$name], $names),
                );
            }
        }
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    private static function plain(array $row): array
    {
        foreach ($row as $name => $value) {
            $row[$name] = self::isKey($name) && \is_string($value) ? bin2hex($value) : $value;
        }

        return $row;
    }

    private static function isKey(string $name): bool
    {
        return 'id' === $name || str_ends_with($name, '_id');
    }
}
