import type { MigrationInterface, QueryRunner } from 'typeorm';

export class RulesAndGradebook1795776879593 implements MigrationInterface {
  readonly name = 'RulesAndGradebook1795776879593';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(
      'CREATE TABLE `answer_rule` (`id` char(36) NOT NULL, `schoolId` char(36) NOT NULL, `syllabus` varchar(60) NOT NULL, `strand` varchar(16) NOT NULL, `test` varchar(40) NULL, `attribute` varchar(40) NULL, `wanted` longtext NOT NULL, `form` text NOT NULL, `example` text NOT NULL, `points` int NOT NULL, `reason` varchar(500) NOT NULL, `lessonId` char(36) NULL, `staffId` char(36) NOT NULL, `at` datetime(3) NOT NULL, `undoneAt` datetime(3) NULL, `undoneById` char(36) NULL, INDEX `IDX_7c6ac92ee883400d4f27aa3906` (`lessonId`), INDEX `IDX_eab29ec3e913ed032a4a834fdd` (`staffId`), INDEX `IDX_4d0299f33adda5bf068ff1e8d0` (`undoneById`), INDEX `IDX_303de9b399880ff8f3c4754be9` (`schoolId`, `syllabus`, `at`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `mark_flag` (`id` char(36) NOT NULL, `markId` char(36) NOT NULL, `note` varchar(200) NOT NULL, `staffId` char(36) NOT NULL, `at` datetime(3) NOT NULL, UNIQUE INDEX `IDX_9ff9bba9b9bada349c27257906` (`markId`), INDEX `IDX_20c73ee2617e1016783559d75d` (`staffId`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `gradebook_sending` (`id` char(36) NOT NULL, `lessonId` char(36) NOT NULL, `staffId` char(36) NOT NULL, `at` datetime(3) NOT NULL, `state` varchar(8) NOT NULL, `title` varchar(200) NOT NULL, `date` char(10) NOT NULL, `max` double NOT NULL, `tries` int NOT NULL, `dueAt` datetime(3) NOT NULL, `claimedUntil` datetime(3) NULL, `problem` varchar(500) NULL, INDEX `IDX_9e4e56c0d05d03e4a7dd69fb6b` (`staffId`), INDEX `IDX_550d83f5896eedc76b3bcbef28` (`lessonId`, `at`), INDEX `IDX_8a7f50308f9db6565cb5a1f7f8` (`state`, `dueAt`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `gradebook_line` (`id` char(36) NOT NULL, `sendingId` char(36) NOT NULL, `studentId` char(36) NOT NULL, `score` double NOT NULL, `date` char(10) NOT NULL, `comment` varchar(200) NOT NULL, `state` varchar(8) NOT NULL, `reason` varchar(300) NULL, `agreed` double NULL, INDEX `IDX_fb9206dd885c5fe04008606734` (`studentId`), UNIQUE INDEX `IDX_a526878b27c1b13b7f497dd621` (`sendingId`, `studentId`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'ALTER TABLE `answer_rule` ADD CONSTRAINT `FK_4971ee6e40dbe440f6f6f98da3c` FOREIGN KEY (`schoolId`) REFERENCES `school`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `answer_rule` ADD CONSTRAINT `FK_7c6ac92ee883400d4f27aa39069` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE SET NULL ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `answer_rule` ADD CONSTRAINT `FK_eab29ec3e913ed032a4a834fdd6` FOREIGN KEY (`staffId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `answer_rule` ADD CONSTRAINT `FK_4d0299f33adda5bf068ff1e8d0a` FOREIGN KEY (`undoneById`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `mark_flag` ADD CONSTRAINT `FK_9ff9bba9b9bada349c272579063` FOREIGN KEY (`markId`) REFERENCES `mark`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `mark_flag` ADD CONSTRAINT `FK_20c73ee2617e1016783559d75d7` FOREIGN KEY (`staffId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `gradebook_sending` ADD CONSTRAINT `FK_05db4760f5ba02aa883d44f08da` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `gradebook_sending` ADD CONSTRAINT `FK_9e4e56c0d05d03e4a7dd69fb6b4` FOREIGN KEY (`staffId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `gradebook_line` ADD CONSTRAINT `FK_d9659b31b62c0270fa25a9a5d17` FOREIGN KEY (`sendingId`) REFERENCES `gradebook_sending`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `gradebook_line` ADD CONSTRAINT `FK_fb9206dd885c5fe04008606734f` FOREIGN KEY (`studentId`) REFERENCES `student`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `gradebook_line` DROP FOREIGN KEY `FK_fb9206dd885c5fe04008606734f`');
    await queryRunner.query('ALTER TABLE `gradebook_line` DROP FOREIGN KEY `FK_d9659b31b62c0270fa25a9a5d17`');
    await queryRunner.query(
      'ALTER TABLE `gradebook_sending` DROP FOREIGN KEY `FK_9e4e56c0d05d03e4a7dd69fb6b4`',
    );
    await queryRunner.query(
      'ALTER TABLE `gradebook_sending` DROP FOREIGN KEY `FK_05db4760f5ba02aa883d44f08da`',
    );
    await queryRunner.query('ALTER TABLE `mark_flag` DROP FOREIGN KEY `FK_20c73ee2617e1016783559d75d7`');
    await queryRunner.query('ALTER TABLE `mark_flag` DROP FOREIGN KEY `FK_9ff9bba9b9bada349c272579063`');
    await queryRunner.query('ALTER TABLE `answer_rule` DROP FOREIGN KEY `FK_4d0299f33adda5bf068ff1e8d0a`');
    await queryRunner.query('ALTER TABLE `answer_rule` DROP FOREIGN KEY `FK_eab29ec3e913ed032a4a834fdd6`');
    await queryRunner.query('ALTER TABLE `answer_rule` DROP FOREIGN KEY `FK_7c6ac92ee883400d4f27aa39069`');
    await queryRunner.query('ALTER TABLE `answer_rule` DROP FOREIGN KEY `FK_4971ee6e40dbe440f6f6f98da3c`');
    await queryRunner.query('DROP INDEX `IDX_a526878b27c1b13b7f497dd621` ON `gradebook_line`');
    await queryRunner.query('DROP INDEX `IDX_fb9206dd885c5fe04008606734` ON `gradebook_line`');
    await queryRunner.query('DROP TABLE `gradebook_line`');
    await queryRunner.query('DROP INDEX `IDX_8a7f50308f9db6565cb5a1f7f8` ON `gradebook_sending`');
    await queryRunner.query('DROP INDEX `IDX_550d83f5896eedc76b3bcbef28` ON `gradebook_sending`');
    await queryRunner.query('DROP INDEX `IDX_9e4e56c0d05d03e4a7dd69fb6b` ON `gradebook_sending`');
    await queryRunner.query('DROP TABLE `gradebook_sending`');
    await queryRunner.query('DROP INDEX `IDX_20c73ee2617e1016783559d75d` ON `mark_flag`');
    await queryRunner.query('DROP INDEX `IDX_9ff9bba9b9bada349c27257906` ON `mark_flag`');
    await queryRunner.query('DROP TABLE `mark_flag`');
    await queryRunner.query('DROP INDEX `IDX_303de9b399880ff8f3c4754be9` ON `answer_rule`');
    await queryRunner.query('DROP INDEX `IDX_4d0299f33adda5bf068ff1e8d0` ON `answer_rule`');
    await queryRunner.query('DROP INDEX `IDX_eab29ec3e913ed032a4a834fdd` ON `answer_rule`');
    await queryRunner.query('DROP INDEX `IDX_7c6ac92ee883400d4f27aa3906` ON `answer_rule`');
    await queryRunner.query('DROP TABLE `answer_rule`');
  }
}
