<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261201100000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The times that a class reads and sets on clocks, out of its book.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE classroom ADD COLUMN IF NOT EXISTS clock_times VARCHAR(2000) NOT NULL DEFAULT \'\'');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE classroom DROP clock_times');
    }
}
