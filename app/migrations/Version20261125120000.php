<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125120000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'A question may be asked and answered in a form of its own.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE question ADD COLUMN IF NOT EXISTS answers VARCHAR(20) DEFAULT NULL, ADD COLUMN IF NOT EXISTS times VARCHAR(20) DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE question DROP COLUMN answers, DROP COLUMN times');
    }
}
