<?php

declare(strict_types=1);

namespace Rostik\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126060000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Children of their own; who teaches a class, and its methods; sheets and copies know class and child by key.';
    }

    public function up(Schema $schema): void
    {
        $table = ' DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci';
        $this->addSql('CREATE TABLE IF NOT EXISTS child (id BINARY(16) NOT NULL, classroom_id BINARY(16) NOT NULL, name VARCHAR(40) NOT NULL, position SMALLINT NOT NULL, INDEX child_class (classroom_id, position), PRIMARY KEY (id), CONSTRAINT fk_child_class FOREIGN KEY (classroom_id) REFERENCES classroom (id) ON DELETE CASCADE)'.$table);
        $this->addSql('CREATE TABLE IF NOT EXISTS teaching (classroom_id BINARY(16) NOT NULL, teacher_id BINARY(16) NOT NULL, taken_up_at DATETIME(6) DEFAULT NULL, INDEX teaching_teacher (teacher_id), PRIMARY KEY (classroom_id, teacher_id), CONSTRAINT fk_teaching_class FOREIGN KEY (classroom_id) REFERENCES classroom (id) ON DELETE CASCADE, CONSTRAINT fk_teaching_teacher FOREIGN KEY (teacher_id) REFERENCES teacher (id) ON DELETE CASCADE)'.$table);
        $this->addSql('ALTER TABLE classroom ADD COLUMN IF NOT EXISTS methods JSON NOT NULL DEFAULT \'{}\', ADD COLUMN IF NOT EXISTS weekend VARCHAR(20) NOT NULL DEFAULT \'saturday-sunday\', ADD COLUMN IF NOT EXISTS week_begins VARCHAR(10) NOT NULL DEFAULT \'monday\'');
        $this->addSql('ALTER TABLE sheet ADD COLUMN IF NOT EXISTS classroom_id BINARY(16) DEFAULT NULL');
        $this->addSql('ALTER TABLE variant ADD COLUMN IF NOT EXISTS child_id BINARY(16) DEFAULT NULL');

        // who had a class teaches it; the one whose name stood on the account was the class in hand
        $this->addSql('INSERT IGNORE INTO teaching (classroom_id, teacher_id, taken_up_at) SELECT c.id, c.owner_id, IF(c.name = t.class_name, \'2000-01-01\', NULL) FROM classroom c JOIN teacher t ON t.id = c.owner_id');
        $this->addSql('UPDATE classroom c JOIN teacher t ON t.id = c.owner_id SET c.methods = IF(t.house_methods = \'[]\', \'{}\', t.house_methods)');
        // a child for each name in a register; a name that is there twice is two children
        $this->addSql('INSERT INTO child (id, classroom_id, name, position) SELECT UNHEX(REPLACE(UUID(), \'-\', \'\')), c.id, n.name, n.position - 1 FROM classroom c, JSON_TABLE(c.children, \'$[*]\' COLUMNS (position FOR ORDINALITY, name VARCHAR(40) PATH \'$\')) n WHERE NOT EXISTS (SELECT 1 FROM child k WHERE k.classroom_id = c.id)');
        $this->addSql('UPDATE sheet s JOIN classroom c ON c.owner_id = s.owner_id AND c.id = UNHEX(REPLACE(JSON_VALUE(s.settings, \'$.classId\'), \'-\', \'\')) SET s.classroom_id = c.id');
        // the settings are an object, even where nothing was ever set
        $this->addSql('UPDATE sheet SET settings = IF(JSON_TYPE(settings) = \'OBJECT\', JSON_REMOVE(settings, \'$.classId\'), \'{}\')');
        // a copy is that of the child of this name: of the class of its sheet, else of any class of the teacher. A name that is in
        // no register was erased with its class, and goes here, too.
        foreach (['k.classroom_id = s.classroom_id', 'k.classroom_id IN (SELECT c.id FROM classroom c WHERE c.owner_id = v.owner_id)'] as $where) {
            $this->addSql('UPDATE variant v JOIN sheet s ON s.id = v.sheet_id SET v.child_id = (SELECT k.id FROM child k WHERE k.name = v.name AND '.$where.' ORDER BY k.position LIMIT 1) WHERE v.child_id IS NULL AND v.name <> \'\'');
        }
        $this->addSql('ALTER TABLE sheet ADD CONSTRAINT fk_sheet_class FOREIGN KEY (classroom_id) REFERENCES classroom (id) ON DELETE SET NULL');
        $this->addSql('ALTER TABLE variant ADD CONSTRAINT fk_variant_child FOREIGN KEY (child_id) REFERENCES child (id) ON DELETE SET NULL, DROP COLUMN name');
        $this->addSql('ALTER TABLE classroom DROP FOREIGN KEY fk_classroom_owner');
        $this->addSql('ALTER TABLE classroom DROP INDEX classroom_owner, DROP COLUMN owner_id, DROP COLUMN children');
        $this->addSql('ALTER TABLE teacher DROP COLUMN class_name, DROP COLUMN house_methods');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Children have an identity of their own, which a list of names cannot hold.');
    }
}
