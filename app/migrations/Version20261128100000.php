<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261128100000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What classes are to learn, and their lessons.';
    }

    public function up(Schema $schema): void
    {
        $table = ' DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`';
        $this->addSql('CREATE TABLE IF NOT EXISTS course (id BINARY(16) NOT NULL, wanted JSON NOT NULL, feed VARCHAR(64) DEFAULT NULL, classroom_id BINARY(16) NOT NULL, UNIQUE INDEX course_class (classroom_id), UNIQUE INDEX course_feed (feed), PRIMARY KEY (id), CONSTRAINT course_of_class FOREIGN KEY (classroom_id) REFERENCES classroom (id) ON DELETE CASCADE)'.$table);
        $this->addSql('CREATE TABLE IF NOT EXISTS planned_lesson (id BINARY(16) NOT NULL, on_day DATE NOT NULL, start SMALLINT NOT NULL, minutes SMALLINT NOT NULL, rung VARCHAR(60) NOT NULL, purpose VARCHAR(8) NOT NULL, why VARCHAR(400) NOT NULL, parts JSON NOT NULL, sheets JSON NOT NULL, levels JSON NOT NULL, ready JSON NOT NULL, took JSON NOT NULL, state VARCHAR(8) NOT NULL, note VARCHAR(2000) NOT NULL, revision INT NOT NULL, deleted_at DATETIME DEFAULT NULL, classroom_id BINARY(16) NOT NULL, INDEX planned_lesson_class (classroom_id, on_day, start), PRIMARY KEY (id), CONSTRAINT planned_lesson_of_class FOREIGN KEY (classroom_id) REFERENCES classroom (id) ON DELETE CASCADE)'.$table);
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE planned_lesson, course');
    }
}
