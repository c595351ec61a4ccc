<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127020000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Sheets that are given to a colleague, or on the shelf of the school.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE sheet ADD COLUMN IF NOT EXISTS shared_at DATETIME DEFAULT NULL, ADD COLUMN IF NOT EXISTS given_by VARCHAR(120) DEFAULT '' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE sheet DROP COLUMN shared_at, DROP COLUMN given_by');
    }
}
