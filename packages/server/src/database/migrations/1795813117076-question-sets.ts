import type { MigrationInterface, QueryRunner } from 'typeorm';

export class QuestionSets1795813117076 implements MigrationInterface {
  readonly name = 'QuestionSets1795813117076';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(
      'CREATE TABLE `question_set` (`id` char(36) NOT NULL, `schoolId` char(36) NOT NULL, `code` char(6) NOT NULL, `name` varchar(120) NOT NULL, `syllabus` longtext NOT NULL, `cards` longtext NOT NULL, `strictness` varchar(12) NULL, `open` tinyint NOT NULL, `at` datetime(3) NOT NULL, INDEX `IDX_7fde99a1604f8151c699bc63d2` (`schoolId`), UNIQUE INDEX `IDX_62937f74c454eaf25655719d2d` (`code`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `set_answer` (`id` char(36) NOT NULL, `setId` char(36) NOT NULL, `card` varchar(160) NOT NULL, `device` char(64) NOT NULL, `answer` varchar(500) NOT NULL, `mark` longtext NOT NULL, `verdict` varchar(8) NOT NULL, `firstVerdict` varchar(8) NOT NULL, `at` datetime(3) NOT NULL, UNIQUE INDEX `IDX_5ec6ee34d73d7cdc3b425546cd` (`setId`, `card`, `device`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'ALTER TABLE `question_set` ADD CONSTRAINT `FK_7fde99a1604f8151c699bc63d2e` FOREIGN KEY (`schoolId`) REFERENCES `school`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `set_answer` ADD CONSTRAINT `FK_0e1a3afe113f0417b030d5f3759` FOREIGN KEY (`setId`) REFERENCES `question_set`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `set_answer` DROP FOREIGN KEY `FK_0e1a3afe113f0417b030d5f3759`');
    await queryRunner.query('ALTER TABLE `question_set` DROP FOREIGN KEY `FK_7fde99a1604f8151c699bc63d2e`');
    await queryRunner.query('DROP INDEX `IDX_5ec6ee34d73d7cdc3b425546cd` ON `set_answer`');
    await queryRunner.query('DROP TABLE `set_answer`');
    await queryRunner.query('DROP INDEX `IDX_62937f74c454eaf25655719d2d` ON `question_set`');
    await queryRunner.query('DROP INDEX `IDX_7fde99a1604f8151c699bc63d2` ON `question_set`');
    await queryRunner.query('DROP TABLE `question_set`');
  }
}
