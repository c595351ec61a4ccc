<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126200000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Piles of papers, what was asked on them, and what was marked.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE pile_part (id BINARY(16) NOT NULL, questions JSON NOT NULL, position SMALLINT NOT NULL, sheet BINARY(16) DEFAULT NULL, settings JSON NOT NULL, pile_id BINARY(16) NOT NULL, INDEX IDX_1F29235397C5D098 (pile_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci');
        $this->addSql('CREATE TABLE paper (id BINARY(16) NOT NULL, own JSON DEFAULT NULL, marks JSON NOT NULL, absent TINYINT NOT NULL, position SMALLINT NOT NULL, code VARCHAR(4) NOT NULL, part SMALLINT NOT NULL, moved SMALLINT NOT NULL, pile_id BINARY(16) NOT NULL, child_id BINARY(16) DEFAULT NULL, INDEX IDX_4E1A601697C5D098 (pile_id), INDEX IDX_4E1A6016DD62C21B (child_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci');
        $this->addSql('CREATE TABLE pile (id BINARY(16) NOT NULL, by_children TINYINT NOT NULL, nearly_counts TINYINT NOT NULL, revision INT NOT NULL, deleted_at DATETIME DEFAULT NULL, title VARCHAR(120) NOT NULL, on_day DATE NOT NULL, made_at DATETIME NOT NULL, owner_id BINARY(16) NOT NULL, classroom_id BINARY(16) DEFAULT NULL, INDEX IDX_F9ED3E537E3C61F9 (owner_id), INDEX IDX_F9ED3E536278D5A8 (classroom_id), INDEX pile_shelf (owner_id, on_day), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci');
        $this->addSql('ALTER TABLE pile_part ADD CONSTRAINT FK_1F29235397C5D098 FOREIGN KEY (pile_id) REFERENCES pile (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE paper ADD CONSTRAINT FK_4E1A601697C5D098 FOREIGN KEY (pile_id) REFERENCES pile (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE paper ADD CONSTRAINT FK_4E1A6016DD62C21B FOREIGN KEY (child_id) REFERENCES child (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE pile ADD CONSTRAINT FK_F9ED3E537E3C61F9 FOREIGN KEY (owner_id) REFERENCES teacher (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE pile ADD CONSTRAINT FK_F9ED3E536278D5A8 FOREIGN KEY (classroom_id) REFERENCES classroom (id) ON DELETE CASCADE');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE paper');
        $this->addSql('DROP TABLE pile_part');
        $this->addSql('DROP TABLE pile');
    }
}
