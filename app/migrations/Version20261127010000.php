<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127010000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What is the same in all copies of a set is kept once.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE IF NOT EXISTS copy_base (id BINARY(16) NOT NULL, questions JSON NOT NULL, sheet_id BINARY(16) NOT NULL, INDEX IDX_11DAEE9D8B1206A5 (sheet_id), PRIMARY KEY (id), CONSTRAINT FK_11DAEE9D8B1206A5 FOREIGN KEY (sheet_id) REFERENCES sheet (id) ON DELETE CASCADE) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci');
        $this->addSql('ALTER TABLE copy ADD COLUMN IF NOT EXISTS base_id BINARY(16) DEFAULT NULL');
        $this->addSql('CREATE INDEX IDX_4DBABB826967DF41 ON copy (base_id)');
        $this->addSql('ALTER TABLE copy ADD CONSTRAINT FK_4DBABB826967DF41 FOREIGN KEY (base_id) REFERENCES copy_base (id) ON DELETE CASCADE');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Copies hold what differs alone: restore a copy of before.');
    }
}
