<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126160000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Timetables that teachers bring in.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE timetable (id BINARY(16) NOT NULL, title VARCHAR(120) NOT NULL, vehicle VARCHAR(12) NOT NULL, csv MEDIUMTEXT NOT NULL, owner_id BINARY(16) NOT NULL, INDEX IDX_6B1F6707E3C61F9 (owner_id), INDEX timetable_shelf (owner_id, title), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci');
        $this->addSql('ALTER TABLE timetable ADD CONSTRAINT FK_6B1F6707E3C61F9 FOREIGN KEY (owner_id) REFERENCES teacher (id) ON DELETE CASCADE');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE timetable');
    }
}
