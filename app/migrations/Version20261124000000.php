<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261124000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Teachers, sheets with their questions, sessions and sign-in limits.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE IF NOT EXISTS teacher (id BINARY(16) NOT NULL, password_hash VARCHAR(255) NOT NULL, email VARCHAR(180) NOT NULL, name VARCHAR(120) NOT NULL, school VARCHAR(120) NOT NULL, class_name VARCHAR(60) NOT NULL, UNIQUE INDEX UNIQ_B0F6A6D5E7927C74 (email), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE IF NOT EXISTS sheet (id BINARY(16) NOT NULL, version INT DEFAULT 1 NOT NULL, changed_at DATETIME NOT NULL, deleted_at DATETIME DEFAULT NULL, title VARCHAR(120) NOT NULL, owner_id BINARY(16) NOT NULL, INDEX IDX_873C91E27E3C61F9 (owner_id), INDEX sheet_shelf (owner_id, deleted_at, changed_at), PRIMARY KEY (id), CONSTRAINT FK_873C91E27E3C61F9 FOREIGN KEY (owner_id) REFERENCES teacher (id) ON DELETE CASCADE) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE IF NOT EXISTS question (id BINARY(16) NOT NULL, question_key VARCHAR(36) NOT NULL, sum VARCHAR(300) NOT NULL, position SMALLINT NOT NULL, sheet_id BINARY(16) NOT NULL, INDEX IDX_B6F7494E8B1206A5 (sheet_id), UNIQUE INDEX question_key (sheet_id, question_key), PRIMARY KEY (id), CONSTRAINT FK_B6F7494E8B1206A5 FOREIGN KEY (sheet_id) REFERENCES sheet (id) ON DELETE CASCADE) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE IF NOT EXISTS sessions (sess_id VARBINARY(128) NOT NULL PRIMARY KEY, sess_data MEDIUMBLOB NOT NULL, sess_lifetime INTEGER UNSIGNED NOT NULL, sess_time INTEGER UNSIGNED NOT NULL, INDEX sess_lifetime_idx (sess_lifetime)) COLLATE utf8mb4_bin, ENGINE = InnoDB');
        $this->addSql('CREATE TABLE IF NOT EXISTS cache_items (item_id VARBINARY(255) NOT NULL PRIMARY KEY, item_data MEDIUMBLOB NOT NULL, item_lifetime INTEGER UNSIGNED DEFAULT NULL, item_time INTEGER UNSIGNED NOT NULL) COLLATE utf8mb4_bin, ENGINE = InnoDB');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE question, sheet, teacher, sessions, cache_items');
    }
}
