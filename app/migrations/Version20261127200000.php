<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127200000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'How long classes took over activities, and their tries to feel a length of time.';
    }

    public function up(Schema $schema): void
    {
        $table = ' DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`';
        $this->addSql('CREATE TABLE IF NOT EXISTS played_game (id BINARY(16) NOT NULL, activity VARCHAR(40) NOT NULL, turns SMALLINT NOT NULL, seconds SMALLINT NOT NULL, played_at DATETIME NOT NULL, classroom_id BINARY(16) NOT NULL, INDEX played_game_class (classroom_id, activity, played_at), PRIMARY KEY (id), CONSTRAINT played_game_of_class FOREIGN KEY (classroom_id) REFERENCES classroom (id) ON DELETE CASCADE)'.$table);
        $this->addSql('CREATE TABLE IF NOT EXISTS tally (id BINARY(16) NOT NULL, target SMALLINT NOT NULL, exactly SMALLINT NOT NULL, taken_at DATETIME NOT NULL, doing VARCHAR(60) NOT NULL, classroom_id BINARY(16) NOT NULL, INDEX tally_class (classroom_id, taken_at), PRIMARY KEY (id), CONSTRAINT tally_of_class FOREIGN KEY (classroom_id) REFERENCES classroom (id) ON DELETE CASCADE)'.$table);
        $this->addSql('CREATE TABLE IF NOT EXISTS tally_try (id BINARY(16) NOT NULL, place SMALLINT NOT NULL, tenths SMALLINT NOT NULL, tally_id BINARY(16) NOT NULL, child_id BINARY(16) DEFAULT NULL, INDEX tally_try_tally (tally_id), INDEX tally_try_child (child_id), PRIMARY KEY (id), CONSTRAINT tally_try_of_tally FOREIGN KEY (tally_id) REFERENCES tally (id) ON DELETE CASCADE, CONSTRAINT tally_try_of_child FOREIGN KEY (child_id) REFERENCES child (id) ON DELETE SET NULL)'.$table);
        $this->addSql('ALTER TABLE practice ADD COLUMN IF NOT EXISTS target SMALLINT DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE practice DROP COLUMN target');
        $this->addSql('DROP TABLE tally_try, tally, played_game');
    }
}
