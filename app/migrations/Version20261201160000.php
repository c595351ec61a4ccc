<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261201160000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What was seen of a child is kept as it was worked out last.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE IF NOT EXISTS kept_seen (mark VARCHAR(64) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin`, class_mark VARCHAR(64) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin`, brief JSON NOT NULL, whole JSON NOT NULL, histories JSON NOT NULL, child_id BINARY(16) NOT NULL, PRIMARY KEY (child_id), CONSTRAINT kept_seen_child FOREIGN KEY (child_id) REFERENCES child (id) ON DELETE CASCADE) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`');
        // what changes with the marks of a paper, and with the answers to a question, small enough to be read out of an index
        foreach (['paper' => ['marks', 'pile_id, absent'], 'put' => ['answers', 'first_right, seat_id']] as $table => [$of, $more]) {
            $this->addSql('ALTER TABLE '.$table.' ADD COLUMN IF NOT EXISTS mark INT UNSIGNED AS (CRC32('.$of.')) PERSISTENT, ADD INDEX IF NOT EXISTS '.$table.'_seen (child_id, '.$more.', mark)');
        }
        $this->addSql('ALTER TABLE paper ADD INDEX IF NOT EXISTS paper_marked (pile_id, absent, child_id, mark)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE kept_seen');
        $this->addSql('ALTER TABLE paper DROP INDEX paper_marked');
        foreach (['paper', 'put'] as $table) {
            $this->addSql('ALTER TABLE '.$table.' DROP INDEX '.$table.'_seen, DROP mark');
        }
    }
}
