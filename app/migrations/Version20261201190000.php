<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261201190000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'A teacher can turn off the keys that are letters, digits and signs by themselves.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE teacher ADD COLUMN IF NOT EXISTS letter_keys TINYINT(1) DEFAULT 1 NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE teacher DROP letter_keys');
    }
}
