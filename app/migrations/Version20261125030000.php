<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125030000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Classes; levels of one sheet that belong together; the archive; challenges; variants with their codes.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE IF NOT EXISTS classroom (id BINARY(16) NOT NULL, owner_id BINARY(16) NOT NULL, name VARCHAR(60) NOT NULL, children JSON NOT NULL, taught JSON NOT NULL, INDEX classroom_owner (owner_id, name), PRIMARY KEY(id), CONSTRAINT fk_classroom_owner FOREIGN KEY (owner_id) REFERENCES teacher (id) ON DELETE CASCADE) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci');
        // every teacher so far has one class, known by its name
        $this->addSql('INSERT INTO classroom (id, owner_id, name, children, taught) SELECT t.id, t.id, t.class_name, \'[]\', \'[]\' FROM teacher t LEFT JOIN classroom c ON c.owner_id = t.id WHERE c.id IS NULL');
        $this->addSql('ALTER TABLE sheet ADD COLUMN IF NOT EXISTS family BINARY(16) DEFAULT NULL, ADD COLUMN IF NOT EXISTS archived_at DATETIME DEFAULT NULL, ADD COLUMN IF NOT EXISTS rungs JSON NOT NULL DEFAULT \'[]\'');
        $this->addSql('ALTER TABLE sheet ADD INDEX IF NOT EXISTS sheet_family (family)');
        $this->addSql('ALTER TABLE question ADD COLUMN IF NOT EXISTS challenge TINYINT(1) NOT NULL DEFAULT 0');
        $this->addSql('CREATE TABLE IF NOT EXISTS variant (id BINARY(16) NOT NULL, sheet_id BINARY(16) NOT NULL, set_id BINARY(16) NOT NULL, owner_id BINARY(16) NOT NULL, code VARCHAR(4) NOT NULL, name VARCHAR(40) NOT NULL, position SMALLINT NOT NULL, questions JSON NOT NULL, made_at DATETIME NOT NULL, deleted_at DATETIME DEFAULT NULL, INDEX variant_set (set_id, position), INDEX variant_sheet (sheet_id), UNIQUE INDEX variant_code (owner_id, code), PRIMARY KEY(id), CONSTRAINT fk_variant_sheet FOREIGN KEY (sheet_id) REFERENCES sheet (id) ON DELETE CASCADE, CONSTRAINT fk_variant_owner FOREIGN KEY (owner_id) REFERENCES teacher (id) ON DELETE CASCADE) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE variant');
        $this->addSql('ALTER TABLE question DROP COLUMN challenge');
        $this->addSql('ALTER TABLE sheet DROP COLUMN family, DROP COLUMN archived_at, DROP COLUMN rungs');
        $this->addSql('DROP TABLE classroom');
    }
}
