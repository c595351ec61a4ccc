<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126070000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The way in which a class writes.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE classroom ADD COLUMN IF NOT EXISTS style JSON NOT NULL DEFAULT \'{}\'');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE classroom DROP COLUMN style');
    }
}
