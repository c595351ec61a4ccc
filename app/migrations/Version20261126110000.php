<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126110000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The story by which a question is told, so that it can be told again with other numbers.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE question ADD COLUMN IF NOT EXISTS story VARCHAR(60) DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE question DROP COLUMN story');
    }
}
