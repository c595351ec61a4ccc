<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261201150000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Classes, children, practices, timetables, tries and what was seen can be brought back after they were deleted.';
    }

    public function up(Schema $schema): void
    {
        foreach (['classroom', 'child', 'practice', 'timetable', 'tally'] as $table) {
            $this->addSql('ALTER TABLE '.$table.' ADD COLUMN IF NOT EXISTS deleted_at DATETIME DEFAULT NULL');
        }
        $this->addSql('CREATE TABLE IF NOT EXISTS put_away_record (taken JSON NOT NULL, id BINARY(16) NOT NULL, deleted_at DATETIME DEFAULT NULL, classroom_id BINARY(16) NOT NULL, child_id BINARY(16) DEFAULT NULL, INDEX IDX_942B8256278D5A8 (classroom_id), INDEX IDX_942B825DD62C21B (child_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`');
        $this->addSql('ALTER TABLE put_away_record ADD CONSTRAINT FK_942B8256278D5A8 FOREIGN KEY (classroom_id) REFERENCES classroom (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE put_away_record ADD CONSTRAINT FK_942B825DD62C21B FOREIGN KEY (child_id) REFERENCES child (id) ON DELETE CASCADE');
    }

    public function down(Schema $schema): void
    {
        foreach (['classroom', 'child', 'practice', 'timetable', 'tally'] as $table) {
            $this->addSql('ALTER TABLE '.$table.' DROP deleted_at');
        }
        $this->addSql('DROP TABLE put_away_record');
    }
}
