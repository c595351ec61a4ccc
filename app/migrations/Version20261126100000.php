<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126100000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Copies of a sheet are called so in the database, too.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('RENAME TABLE IF EXISTS variant TO copy');
        $this->addSql('ALTER TABLE copy RENAME INDEX IF EXISTS variant_set TO copy_set, RENAME INDEX IF EXISTS variant_sheet TO copy_sheet, RENAME INDEX IF EXISTS variant_code TO copy_code');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE copy RENAME INDEX copy_set TO variant_set, RENAME INDEX copy_sheet TO variant_sheet, RENAME INDEX copy_code TO variant_code');
        $this->addSql('RENAME TABLE copy TO variant');
    }
}
