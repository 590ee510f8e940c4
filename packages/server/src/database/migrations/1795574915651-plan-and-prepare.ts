import type { MigrationInterface, QueryRunner } from 'typeorm';

export class PlanAndPrepare1795574915651 implements MigrationInterface {
  readonly name = 'PlanAndPrepare1795574915651';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(
      'CREATE TABLE `prep_tick` (`id` char(36) NOT NULL, `lessonId` char(36) NOT NULL, `staffId` char(36) NOT NULL, `at` datetime(3) NOT NULL, `taskKey` varchar(255) NOT NULL, `done` tinyint NOT NULL, INDEX `IDX_039880b2c815c8e8a6996935b8` (`lessonId`), INDEX `IDX_50f12f165dc53ea5872a4b12af` (`staffId`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `prep_substitution` (`id` char(36) NOT NULL, `lessonId` char(36) NOT NULL, `staffId` char(36) NOT NULL, `at` datetime(3) NOT NULL, `substitute` varchar(60) NOT NULL, `summary` varchar(1000) NOT NULL, INDEX `IDX_c635ae4cffb4421a052018d9d0` (`lessonId`), INDEX `IDX_69832619c0345cdf53751c38f8` (`staffId`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `room` (`id` char(36) NOT NULL, `schoolId` char(36) NOT NULL, `name` varchar(60) NOT NULL, `plan` longtext NOT NULL, UNIQUE INDEX `IDX_fd23d49e1c535838b7c404593e` (`schoolId`, `name`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `store_item` (`id` char(36) NOT NULL, `schoolId` char(36) NOT NULL, `name` varchar(120) NOT NULL, `formula` varchar(80) NOT NULL, `form` varchar(12) NOT NULL, `molarity` double NULL, `percent` double NULL, `density` double NULL, `unit` varchar(8) NOT NULL, `place` varchar(80) NOT NULL, `lowBelow` double NOT NULL, `removedAt` datetime(3) NULL, INDEX `IDX_129eb97316c0f00c08aae67a1d` (`schoolId`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `store_batch` (`id` char(36) NOT NULL, `itemId` char(36) NOT NULL, `code` varchar(40) NOT NULL, `amount` double NOT NULL, `opened` char(10) NULL, `expires` char(10) NULL, `createdAt` datetime(3) NOT NULL, INDEX `IDX_d9563d85c1ca1c58788b1dc0f1` (`itemId`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `stock_move` (`id` char(36) NOT NULL, `batchId` char(36) NOT NULL, `amount` double NOT NULL, `reason` varchar(160) NOT NULL, `lessonId` char(36) NULL, `staffId` char(36) NOT NULL, `at` datetime(3) NOT NULL, INDEX `IDX_b0ae388cc00a1c85d845f46545` (`batchId`), INDEX `IDX_47da817d9ecb97e44c8ecfdb28` (`lessonId`), INDEX `IDX_3a2ae4c091276663205405ff4b` (`staffId`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `syllabus` (`id` char(36) NOT NULL, `schoolId` char(36) NOT NULL, `ownerId` char(36) NULL, `shared` tinyint NOT NULL DEFAULT 1, `archivedAt` datetime(3) NULL, INDEX `IDX_c88bfdef2234c16cd5d652ceb1` (`schoolId`), INDEX `IDX_0c2d02c89e8e339506ec28a29d` (`ownerId`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `syllabus_version` (`id` char(36) NOT NULL, `number` int NOT NULL, `authorId` char(36) NULL, `createdAt` datetime(3) NOT NULL, `document` longtext NOT NULL, `syllabusId` char(36) NOT NULL, INDEX `IDX_6e47152ecef4ff008ad6876f65` (`authorId`), UNIQUE INDEX `IDX_4cd68625890562a370d5439aea` (`syllabusId`, `number`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query('ALTER TABLE `practical` ADD `ownerId` char(36) NULL');
    await queryRunner.query('ALTER TABLE `practical` ADD `shared` tinyint NOT NULL DEFAULT 1');
    await queryRunner.query('ALTER TABLE `practical` ADD `archivedAt` datetime(3) NULL');
    await queryRunner.query('ALTER TABLE `practical_version` ADD `authorId` char(36) NULL');
    await queryRunner.query('ALTER TABLE `lesson` ADD `planning` longtext NULL');
    await queryRunner.query('ALTER TABLE `mark` MODIFY `itemKey` varchar(120) NOT NULL');
    await queryRunner.query('CREATE INDEX `IDX_adc2491344062ab766abb89010` ON `practical` (`ownerId`)');
    await queryRunner.query(
      'CREATE INDEX `IDX_53ef5e5052531697578b07baef` ON `practical_version` (`authorId`)',
    );
    await queryRunner.query(
      'ALTER TABLE `practical` ADD CONSTRAINT `FK_adc2491344062ab766abb89010f` FOREIGN KEY (`ownerId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `practical_version` ADD CONSTRAINT `FK_53ef5e5052531697578b07baeff` FOREIGN KEY (`authorId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `prep_tick` ADD CONSTRAINT `FK_039880b2c815c8e8a6996935b84` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `prep_tick` ADD CONSTRAINT `FK_50f12f165dc53ea5872a4b12afd` FOREIGN KEY (`staffId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `prep_substitution` ADD CONSTRAINT `FK_c635ae4cffb4421a052018d9d09` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `prep_substitution` ADD CONSTRAINT `FK_69832619c0345cdf53751c38f89` FOREIGN KEY (`staffId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `room` ADD CONSTRAINT `FK_d8156fb22a49f19d865b324ba72` FOREIGN KEY (`schoolId`) REFERENCES `school`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `store_item` ADD CONSTRAINT `FK_129eb97316c0f00c08aae67a1d3` FOREIGN KEY (`schoolId`) REFERENCES `school`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `store_batch` ADD CONSTRAINT `FK_d9563d85c1ca1c58788b1dc0f1b` FOREIGN KEY (`itemId`) REFERENCES `store_item`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `stock_move` ADD CONSTRAINT `FK_b0ae388cc00a1c85d845f465454` FOREIGN KEY (`batchId`) REFERENCES `store_batch`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `stock_move` ADD CONSTRAINT `FK_47da817d9ecb97e44c8ecfdb283` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE SET NULL ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `stock_move` ADD CONSTRAINT `FK_3a2ae4c091276663205405ff4b5` FOREIGN KEY (`staffId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `syllabus` ADD CONSTRAINT `FK_c88bfdef2234c16cd5d652ceb1f` FOREIGN KEY (`schoolId`) REFERENCES `school`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `syllabus` ADD CONSTRAINT `FK_0c2d02c89e8e339506ec28a29d2` FOREIGN KEY (`ownerId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `syllabus_version` ADD CONSTRAINT `FK_6e47152ecef4ff008ad6876f65d` FOREIGN KEY (`authorId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `syllabus_version` ADD CONSTRAINT `FK_191f43a6377a7399916674c4dfe` FOREIGN KEY (`syllabusId`) REFERENCES `syllabus`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `mark` MODIFY `itemKey` varchar(60) NOT NULL');
    await queryRunner.query(
      'ALTER TABLE `syllabus_version` DROP FOREIGN KEY `FK_191f43a6377a7399916674c4dfe`',
    );
    await queryRunner.query(
      'ALTER TABLE `syllabus_version` DROP FOREIGN KEY `FK_6e47152ecef4ff008ad6876f65d`',
    );
    await queryRunner.query('ALTER TABLE `syllabus` DROP FOREIGN KEY `FK_0c2d02c89e8e339506ec28a29d2`');
    await queryRunner.query('ALTER TABLE `syllabus` DROP FOREIGN KEY `FK_c88bfdef2234c16cd5d652ceb1f`');
    await queryRunner.query('ALTER TABLE `stock_move` DROP FOREIGN KEY `FK_3a2ae4c091276663205405ff4b5`');
    await queryRunner.query('ALTER TABLE `stock_move` DROP FOREIGN KEY `FK_47da817d9ecb97e44c8ecfdb283`');
    await queryRunner.query('ALTER TABLE `stock_move` DROP FOREIGN KEY `FK_b0ae388cc00a1c85d845f465454`');
    await queryRunner.query('ALTER TABLE `store_batch` DROP FOREIGN KEY `FK_d9563d85c1ca1c58788b1dc0f1b`');
    await queryRunner.query('ALTER TABLE `store_item` DROP FOREIGN KEY `FK_129eb97316c0f00c08aae67a1d3`');
    await queryRunner.query('ALTER TABLE `room` DROP FOREIGN KEY `FK_d8156fb22a49f19d865b324ba72`');
    await queryRunner.query(
      'ALTER TABLE `prep_substitution` DROP FOREIGN KEY `FK_69832619c0345cdf53751c38f89`',
    );
    await queryRunner.query(
      'ALTER TABLE `prep_substitution` DROP FOREIGN KEY `FK_c635ae4cffb4421a052018d9d09`',
    );
    await queryRunner.query('ALTER TABLE `prep_tick` DROP FOREIGN KEY `FK_50f12f165dc53ea5872a4b12afd`');
    await queryRunner.query('ALTER TABLE `prep_tick` DROP FOREIGN KEY `FK_039880b2c815c8e8a6996935b84`');
    await queryRunner.query(
      'ALTER TABLE `practical_version` DROP FOREIGN KEY `FK_53ef5e5052531697578b07baeff`',
    );
    await queryRunner.query('ALTER TABLE `practical` DROP FOREIGN KEY `FK_adc2491344062ab766abb89010f`');
    await queryRunner.query('DROP INDEX `IDX_53ef5e5052531697578b07baef` ON `practical_version`');
    await queryRunner.query('DROP INDEX `IDX_adc2491344062ab766abb89010` ON `practical`');
    await queryRunner.query('ALTER TABLE `lesson` DROP COLUMN `planning`');
    await queryRunner.query('ALTER TABLE `practical_version` DROP COLUMN `authorId`');
    await queryRunner.query('ALTER TABLE `practical` DROP COLUMN `archivedAt`');
    await queryRunner.query('ALTER TABLE `practical` DROP COLUMN `shared`');
    await queryRunner.query('ALTER TABLE `practical` DROP COLUMN `ownerId`');
    await queryRunner.query('DROP INDEX `IDX_4cd68625890562a370d5439aea` ON `syllabus_version`');
    await queryRunner.query('DROP INDEX `IDX_6e47152ecef4ff008ad6876f65` ON `syllabus_version`');
    await queryRunner.query('DROP TABLE `syllabus_version`');
    await queryRunner.query('DROP INDEX `IDX_0c2d02c89e8e339506ec28a29d` ON `syllabus`');
    await queryRunner.query('DROP INDEX `IDX_c88bfdef2234c16cd5d652ceb1` ON `syllabus`');
    await queryRunner.query('DROP TABLE `syllabus`');
    await queryRunner.query('DROP INDEX `IDX_3a2ae4c091276663205405ff4b` ON `stock_move`');
    await queryRunner.query('DROP INDEX `IDX_47da817d9ecb97e44c8ecfdb28` ON `stock_move`');
    await queryRunner.query('DROP INDEX `IDX_b0ae388cc00a1c85d845f46545` ON `stock_move`');
    await queryRunner.query('DROP TABLE `stock_move`');
    await queryRunner.query('DROP INDEX `IDX_d9563d85c1ca1c58788b1dc0f1` ON `store_batch`');
    await queryRunner.query('DROP TABLE `store_batch`');
    await queryRunner.query('DROP INDEX `IDX_129eb97316c0f00c08aae67a1d` ON `store_item`');
    await queryRunner.query('DROP TABLE `store_item`');
    await queryRunner.query('DROP INDEX `IDX_fd23d49e1c535838b7c404593e` ON `room`');
    await queryRunner.query('DROP TABLE `room`');
    await queryRunner.query('DROP INDEX `IDX_69832619c0345cdf53751c38f8` ON `prep_substitution`');
    await queryRunner.query('DROP INDEX `IDX_c635ae4cffb4421a052018d9d0` ON `prep_substitution`');
    await queryRunner.query('DROP TABLE `prep_substitution`');
    await queryRunner.query('DROP INDEX `IDX_50f12f165dc53ea5872a4b12af` ON `prep_tick`');
    await queryRunner.query('DROP INDEX `IDX_039880b2c815c8e8a6996935b8` ON `prep_tick`');
    await queryRunner.query('DROP TABLE `prep_tick`');
  }
}
