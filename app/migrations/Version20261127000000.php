<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Schools; one-time links, letters, second steps; sessions that belong to a teacher; tries counted for each account.';
    }

    public function up(Schema $schema): void
    {
        $table = 'DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci';
        $this->addSql("CREATE TABLE IF NOT EXISTS school (id BINARY(16) NOT NULL, keeping JSON NOT NULL, name VARCHAR(120) NOT NULL, PRIMARY KEY (id)) $table");
        // one for each name that teachers of before gave
        $this->addSql("INSERT INTO school (id, keeping, name) SELECT UNHEX(REPLACE(UUID(), '-', '')), '{}', t.school FROM (SELECT DISTINCT school FROM teacher) t");
        $this->addSql('ALTER TABLE teacher ADD COLUMN IF NOT EXISTS administrator TINYINT DEFAULT 0 NOT NULL, ADD COLUMN IF NOT EXISTS ended_at DATETIME DEFAULT NULL, ADD COLUMN IF NOT EXISTS second_step JSON DEFAULT NULL, ADD COLUMN IF NOT EXISTS school_id BINARY(16) DEFAULT NULL');
        $this->addSql("UPDATE teacher t JOIN school s ON s.name = t.school SET t.school_id = s.id, t.second_step = '{}', t.administrator = 1");
        $this->addSql('ALTER TABLE teacher DROP COLUMN school, MODIFY school_id BINARY(16) NOT NULL, MODIFY second_step JSON NOT NULL, MODIFY email VARCHAR(180) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL, DROP INDEX IF EXISTS UNIQ_B0F6A6D5E7927C74');
        $this->addSql('CREATE UNIQUE INDEX teacher_email ON teacher (email)');
        $this->addSql('CREATE INDEX IDX_B0F6A6D5C32A47EE ON teacher (school_id)');
        $this->addSql('ALTER TABLE teacher ADD CONSTRAINT FK_B0F6A6D5C32A47EE FOREIGN KEY (school_id) REFERENCES school (id)');
        $this->addSql('ALTER TABLE classroom ADD COLUMN IF NOT EXISTS school_id BINARY(16) DEFAULT NULL');
        $this->addSql('UPDATE classroom c JOIN teaching g ON g.classroom_id = c.id JOIN teacher t ON t.id = g.teacher_id SET c.school_id = t.school_id');
        // nobody teaches it, so nobody has seen it
        $this->addSql('DELETE FROM classroom WHERE school_id IS NULL');
        $this->addSql('ALTER TABLE classroom MODIFY school_id BINARY(16) NOT NULL');
        $this->addSql('CREATE INDEX IDX_497D309DC32A47EE ON classroom (school_id)');
        $this->addSql('ALTER TABLE classroom ADD CONSTRAINT FK_497D309DC32A47EE FOREIGN KEY (school_id) REFERENCES school (id)');
        $this->addSql("CREATE TABLE IF NOT EXISTS one_time_link (id BINARY(16) NOT NULL, email VARCHAR(180) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL, mark VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL, purpose VARCHAR(8) NOT NULL, name VARCHAR(120) NOT NULL, administrator TINYINT NOT NULL, until DATETIME NOT NULL, school_id BINARY(16) NOT NULL, teacher_id BINARY(16) DEFAULT NULL, INDEX IDX_F3109532C32A47EE (school_id), INDEX IDX_F310953241807E1D (teacher_id), UNIQUE INDEX link_mark (mark), PRIMARY KEY (id), CONSTRAINT FK_F3109532C32A47EE FOREIGN KEY (school_id) REFERENCES school (id) ON DELETE CASCADE, CONSTRAINT FK_F310953241807E1D FOREIGN KEY (teacher_id) REFERENCES teacher (id) ON DELETE CASCADE) $table");
        $this->addSql("CREATE TABLE IF NOT EXISTS letter (id BINARY(16) NOT NULL, recipient VARCHAR(180) NOT NULL, subject VARCHAR(200) NOT NULL, text LONGTEXT NOT NULL, written_at DATETIME NOT NULL, school_id BINARY(16) NOT NULL, INDEX IDX_8E02EE0AC32A47EE (school_id), PRIMARY KEY (id), CONSTRAINT FK_8E02EE0AC32A47EE FOREIGN KEY (school_id) REFERENCES school (id) ON DELETE CASCADE) $table");
        // everybody signs in anew: sessions now know whose they are
        $this->addSql("CREATE TABLE IF NOT EXISTS sign_in (id BINARY(32) NOT NULL, teacher_id BINARY(16) NOT NULL, data BLOB NOT NULL, began INT UNSIGNED NOT NULL, used INT UNSIGNED NOT NULL, browser VARCHAR(200) NOT NULL, INDEX sign_in_teacher (teacher_id), INDEX sign_in_used (used), PRIMARY KEY (id), CONSTRAINT sign_in_teacher FOREIGN KEY (teacher_id) REFERENCES teacher (id) ON DELETE CASCADE) $table");
        $this->addSql("CREATE TABLE IF NOT EXISTS sign_in_try (who BINARY(32) NOT NULL, tries INT UNSIGNED NOT NULL, last_at BIGINT NOT NULL, free_at BIGINT NOT NULL, INDEX sign_in_try_last (last_at), PRIMARY KEY (who)) $table");
        $this->addSql('DROP TABLE IF EXISTS sessions, cache_items');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Sessions and schools are of another kind now: restore a copy of before.');
    }
}
