<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126190000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Copies of a sheet in which the times of its timetable are others.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE copy ADD moved SMALLINT DEFAULT 0 NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE copy DROP moved');
    }
}
