<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127120000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Practices of a class, the tablets at which its children sit, the questions that came to them, and their picture signs.';
    }

    public function up(Schema $schema): void
    {
        $table = ' DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`';
        $this->addSql('CREATE TABLE IF NOT EXISTS picture_sign (mark VARCHAR(64) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin`, child_id BINARY(16) NOT NULL, PRIMARY KEY (child_id), CONSTRAINT picture_sign_child FOREIGN KEY (child_id) REFERENCES child (id) ON DELETE CASCADE)'.$table);
        $this->addSql('CREATE TABLE IF NOT EXISTS practice (id BINARY(16) NOT NULL, closed_at DATETIME DEFAULT NULL, last_word VARCHAR(120) NOT NULL, earlier JSON NOT NULL, sheet JSON DEFAULT NULL, timetable JSON DEFAULT NULL, code VARCHAR(24) NOT NULL, what VARCHAR(10) NOT NULL, rungs JSON NOT NULL, title VARCHAR(120) NOT NULL, questions SMALLINT NOT NULL, signs TINYINT NOT NULL, numbers TINYINT NOT NULL, opened_at DATETIME NOT NULL, ends_at DATETIME NOT NULL, classroom_id BINARY(16) NOT NULL, owner_id BINARY(16) NOT NULL, INDEX practice_code (code, ends_at), INDEX practice_class (classroom_id, opened_at), INDEX practice_owner (owner_id), PRIMARY KEY (id), CONSTRAINT practice_classroom FOREIGN KEY (classroom_id) REFERENCES classroom (id) ON DELETE CASCADE, CONSTRAINT practice_teacher FOREIGN KEY (owner_id) REFERENCES teacher (id) ON DELETE CASCADE)'.$table);
        $this->addSql('CREATE TABLE IF NOT EXISTS seat (id BINARY(16) NOT NULL, seen_at DATETIME NOT NULL, left_at DATETIME DEFAULT NULL, question_id BINARY(16) DEFAULT NULL, on_since DATETIME DEFAULT NULL, finished TINYINT NOT NULL, number SMALLINT NOT NULL, secret VARCHAR(64) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin`, came_at DATETIME NOT NULL, seed INT NOT NULL, practice_id BINARY(16) NOT NULL, child_id BINARY(16) DEFAULT NULL, partner_id BINARY(16) DEFAULT NULL, INDEX seat_practice (practice_id), INDEX seat_child (child_id), INDEX seat_partner (partner_id), UNIQUE INDEX seat_key (secret), PRIMARY KEY (id), CONSTRAINT seat_of_practice FOREIGN KEY (practice_id) REFERENCES practice (id) ON DELETE CASCADE, CONSTRAINT seat_of_child FOREIGN KEY (child_id) REFERENCES child (id) ON DELETE SET NULL, CONSTRAINT seat_of_partner FOREIGN KEY (partner_id) REFERENCES child (id) ON DELETE SET NULL)'.$table);
        $this->addSql('CREATE TABLE IF NOT EXISTS put (id BINARY(16) NOT NULL, answers JSON NOT NULL, help SMALLINT NOT NULL, answered_at DATETIME DEFAULT NULL, first_right TINYINT DEFAULT NULL, dropped TINYINT NOT NULL, rung VARCHAR(60) NOT NULL, level VARCHAR(10) NOT NULL, why VARCHAR(12) NOT NULL, chance DOUBLE PRECISION NOT NULL, place SMALLINT NOT NULL, text_sum VARCHAR(300) NOT NULL, text_wording VARCHAR(1200) NOT NULL, text_challenge TINYINT NOT NULL, text_answers VARCHAR(20) DEFAULT NULL, text_times VARCHAR(20) DEFAULT NULL, text_story VARCHAR(60) DEFAULT NULL, seat_id BINARY(16) NOT NULL, child_id BINARY(16) DEFAULT NULL, INDEX put_seat (seat_id, place), INDEX put_child (child_id), PRIMARY KEY (id), CONSTRAINT put_of_child FOREIGN KEY (child_id) REFERENCES child (id) ON DELETE CASCADE, CONSTRAINT put_of_seat FOREIGN KEY (seat_id) REFERENCES seat (id) ON DELETE CASCADE)'.$table);
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE put, seat, practice, picture_sign');
    }
}
