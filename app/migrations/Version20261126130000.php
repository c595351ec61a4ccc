<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126130000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'A problem in words may be as long as one that is read.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE question MODIFY wording VARCHAR(1200) NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE question MODIFY wording VARCHAR(600) NOT NULL');
    }
}
