<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Rostik\App\Account\Teacher;

/** Texts in the tables of a class and of those who teach it, in which names are looked for. */
final readonly class TextsOfClass
{
    public function __construct(private Connection $connection)
    {
    }

    /**
     * @param literal-string  $where   which rows are the class's (:class) or its teachers' (:teachers)
     * @param list<string>    $columns of text, or of JSON
     * @param ?literal-string $story   the column that says by which story a row is told
     */
    public function forget(Classroom $class, InventedNames $names, string $table, string $where, array $columns, ?string $story = null): void
    {
        $like = [];
        $params = ['class' => $class->id()->toBinary(), 'teachers' => array_map(static fn (Teacher $one): string => $one->id()->toBinary(), $class->teachers())];
        foreach ($names->names() as $i => $name) {
            // in JSON a letter that is none of ASCII's is written by its number
            foreach (array_unique([$name, trim((string) json_encode($name), '"')]) as $j => $written) {
                foreach ($columns as $column) {
                    $like[] = \sprintf('%s LIKE :name%d_%d', $column, $i, $j);
                }
                $params[\sprintf('name%d_%d', $i, $j)] = '%'.addcslashes($written, '%_\\').'%';
            }
        }
        $rows = $this->connection->executeQuery(
            \sprintf('SELECT id, %s%s FROM %s WHERE (%s) AND (%s)', implode(', ', $columns), null === $story ? '' : ', '.$story, $table, $where, implode(' OR ', $like)),
            $params,
            ['teachers' => ArrayParameterType::BINARY],
        )->fetchAllAssociative();
        foreach ($rows as $row) {
            $changed = [];
            foreach ($columns as $column) {
                $text = \is_string($row[$column]) ? $row[$column] : '';
                $read = str_starts_with($text, '[') || str_starts_with($text, '{') ? json_decode($text, true) : null;
                $now = \is_array($read) ? json_encode(self::deep($read, $names), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION) : $names->in($text, null !== $story && null !== $row[$story]);
                if ($now !== $text && (!\is_array($read) || $read !== json_decode($now, true))) {
                    $changed[$column] = $now;
                }
            }
            if ([] !== $changed) {
                $this->connection->update($table, $changed, ['id' => $row['id']]);
            }
        }
    }

    /**
     * @param array<mixed> $read
     *
     * @return array<mixed>
     */
    private static function deep(array $read, InventedNames $names): array
    {
        // as a question is kept, or as its row stood in a table
        $told = isset($read['story']) || isset($read['text_story']);

        return array_map(static fn (mixed $one): mixed => match (true) {
            \is_array($one) => self::deep($one, $names),
            \is_string($one) => $names->in($one, $told),
            default => $one,
        }, $read);
    }
}
