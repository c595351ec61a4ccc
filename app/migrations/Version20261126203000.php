<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126203000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What teachers say of a child over its answers, and the groups that they put together.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE kept_groups (id BINARY(16) NOT NULL, groups JSON NOT NULL, kept_at DATETIME NOT NULL, classroom_id BINARY(16) NOT NULL, UNIQUE INDEX kept_groups_class (classroom_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci');
        $this->addSql('CREATE TABLE rung_word (id BINARY(16) NOT NULL, rung VARCHAR(60) NOT NULL, standing VARCHAR(12) NOT NULL, said_at DATETIME NOT NULL, child_id BINARY(16) NOT NULL, INDEX IDX_4A629A44DD62C21B (child_id), UNIQUE INDEX rung_word (child_id, rung), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci');
        $this->addSql('ALTER TABLE kept_groups ADD CONSTRAINT FK_633732966278D5A8 FOREIGN KEY (classroom_id) REFERENCES classroom (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE rung_word ADD CONSTRAINT FK_4A629A44DD62C21B FOREIGN KEY (child_id) REFERENCES child (id) ON DELETE CASCADE');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE rung_word');
        $this->addSql('DROP TABLE kept_groups');
    }
}
