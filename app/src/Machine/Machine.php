<?php

declare(strict_types=1);

namespace Rostik\App\Machine;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception;
use Psr\Clock\ClockInterface;
use Rostik\App\Printing\Pdf;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** How the machine is on which Rostik runs. */
final readonly class Machine
{
    /** Less room than this, in MB, and nothing more should be kept. */
    private const ROOM = 100;

    /** So much of a log is looked at, in bytes from its end. */
    private const TAIL = 2_000_000;

    public function __construct(
        private Connection $connection,
        private Pdf $pdf,
        private ClockInterface $clock,
        #[Autowire('%kernel.logs_dir%')]
        private string $logs,
        #[Autowire('%kernel.environment%')]
        private string $environment,
    ) {
    }

    /** For whoever watches: nothing but yes and no. */
    public function health(): HealthReply
    {
        try {
            $database = false !== $this->connection->fetchOne('SELECT 1');
        } catch (Exception) {
            $database = false;
        }
        $disk = $this->roomInMb() >= self::ROOM;

        return new HealthReply($database && $disk, $database, $disk, $this->pdf->hasTurn());
    }

    /** For an administrator. */
    public function about(): MachineReply
    {
        $migration = $this->connection->fetchOne('SELECT MAX(version) FROM doctrine_migration_versions');
        $backup = @file_get_contents(\dirname($this->logs).'/last-backup');

        return new MachineReply(
            \is_string($migration) ? (string) preg_replace('/\D/', '', $migration) : '',
            $this->roomInMb(),
            is_numeric(trim((string) $backup)) ? date(\DATE_ATOM, (int) $backup) : null,
            $this->faults(),
        );
    }

    private function roomInMb(): int
    {
        $free = @disk_free_space($this->logs);

        return false === $free ? 0 : (int) ($free / 1_000_000);
    }

    /** Of the last twenty-four hours; what was typed is in none of them. */
    private function faults(): int
    {
        $since = $this->clock->now()->modify('-1 day');
        $faults = 0;
        foreach ([$since, $this->clock->now()] as $day) {
            $file = \sprintf('%s/%s-%s.log', $this->logs, $this->environment, $day->format('Y-m-d'));
            $size = is_file($file) ? (int) filesize($file) : 0;
            $tail = 0 === $size ? '' : (string) file_get_contents($file, offset: max(0, $size - self::TAIL));
            if (preg_match_all('/^\[([^\]]+)\] \w+\.(?:ERROR|CRITICAL|ALERT|EMERGENCY):/m', $tail, $lines) > 0) {
                $faults += \count(array_filter($lines[1], static fn (string $at): bool => (date_create_immutable($at) ?: $since) > $since));
            }
        }

        return $faults;
    }
}
