import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Practising1795755908680 implements MigrationInterface {
  readonly name = 'Practising1795755908680';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(
      'CREATE TABLE `class_question` (`id` char(36) NOT NULL, `schoolId` char(36) NOT NULL, `code` char(6) NOT NULL, `syllabus` longtext NOT NULL, `card` longtext NOT NULL, `strictness` varchar(12) NULL, `open` tinyint NOT NULL, `round` int NOT NULL, `at` datetime(3) NOT NULL, INDEX `IDX_448799bffcc7b07c839d9ae327` (`schoolId`), UNIQUE INDEX `IDX_5099bbadb626162cdb16981275` (`code`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `class_answer` (`id` char(36) NOT NULL, `questionId` char(36) NOT NULL, `round` int NOT NULL, `device` char(64) NOT NULL, `answer` varchar(500) NOT NULL, `mark` longtext NOT NULL, `at` datetime(3) NOT NULL, UNIQUE INDEX `IDX_1ddea0a87be8d41e17e36086fd` (`questionId`, `round`, `device`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `screen_work` (`id` char(36) NOT NULL, `lessonId` char(36) NOT NULL, `kind` varchar(12) NOT NULL, `asks` varchar(12) NOT NULL, `seed` int NOT NULL, `due` varchar(10) NULL, UNIQUE INDEX `IDX_dddefc9b3b214832d578de5df4` (`lessonId`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `screen_run` (`id` char(36) NOT NULL, `workId` char(36) NOT NULL, `studentId` char(36) NOT NULL, `run` longtext NULL, `points` int NOT NULL, `max` int NOT NULL, `passed` tinyint NOT NULL, `waived` tinyint NOT NULL, `slips` longtext NOT NULL, `at` datetime(3) NOT NULL, INDEX `IDX_4a2e5ddc7d76420a297ec13705` (`workId`), INDEX `IDX_29b77561a22beb61a97de9fbf0` (`studentId`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'ALTER TABLE `class_question` ADD CONSTRAINT `FK_448799bffcc7b07c839d9ae327f` FOREIGN KEY (`schoolId`) REFERENCES `school`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `class_answer` ADD CONSTRAINT `FK_1aabf11fae59b44196f05591005` FOREIGN KEY (`questionId`) REFERENCES `class_question`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `screen_work` ADD CONSTRAINT `FK_dddefc9b3b214832d578de5df4e` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `screen_run` ADD CONSTRAINT `FK_4a2e5ddc7d76420a297ec137056` FOREIGN KEY (`workId`) REFERENCES `screen_work`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `screen_run` ADD CONSTRAINT `FK_29b77561a22beb61a97de9fbf09` FOREIGN KEY (`studentId`) REFERENCES `student`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `screen_run` DROP FOREIGN KEY `FK_29b77561a22beb61a97de9fbf09`');
    await queryRunner.query('ALTER TABLE `screen_run` DROP FOREIGN KEY `FK_4a2e5ddc7d76420a297ec137056`');
    await queryRunner.query('ALTER TABLE `screen_work` DROP FOREIGN KEY `FK_dddefc9b3b214832d578de5df4e`');
    await queryRunner.query('ALTER TABLE `class_answer` DROP FOREIGN KEY `FK_1aabf11fae59b44196f05591005`');
    await queryRunner.query('ALTER TABLE `class_question` DROP FOREIGN KEY `FK_448799bffcc7b07c839d9ae327f`');
    await queryRunner.query('DROP INDEX `IDX_29b77561a22beb61a97de9fbf0` ON `screen_run`');
    await queryRunner.query('DROP INDEX `IDX_4a2e5ddc7d76420a297ec13705` ON `screen_run`');
    await queryRunner.query('DROP TABLE `screen_run`');
    await queryRunner.query('DROP INDEX `IDX_dddefc9b3b214832d578de5df4` ON `screen_work`');
    await queryRunner.query('DROP TABLE `screen_work`');
    await queryRunner.query('DROP INDEX `IDX_1ddea0a87be8d41e17e36086fd` ON `class_answer`');
    await queryRunner.query('DROP TABLE `class_answer`');
    await queryRunner.query('DROP INDEX `IDX_5099bbadb626162cdb16981275` ON `class_question`');
    await queryRunner.query('DROP INDEX `IDX_448799bffcc7b07c839d9ae327` ON `class_question`');
    await queryRunner.query('DROP TABLE `class_question`');
  }
}
