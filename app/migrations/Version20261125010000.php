<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125010000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'How a sheet is set out; questions in words; questions that keep their numbers.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE sheet ADD COLUMN IF NOT EXISTS settings JSON NOT NULL DEFAULT \'{}\'');
        $this->addSql('ALTER TABLE question ADD COLUMN IF NOT EXISTS wording VARCHAR(600) NOT NULL DEFAULT \'\', ADD COLUMN IF NOT EXISTS locked TINYINT(1) NOT NULL DEFAULT 0');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE question DROP COLUMN wording, DROP COLUMN locked');
        $this->addSql('ALTER TABLE sheet DROP COLUMN settings');
    }
}
