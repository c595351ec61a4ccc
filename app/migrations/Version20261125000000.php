<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The methods in which a class works each kind of sum.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE teacher ADD COLUMN IF NOT EXISTS house_methods JSON NOT NULL DEFAULT \'{}\'');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE teacher DROP COLUMN house_methods');
    }
}
