import type { MigrationInterface, QueryRunner } from 'typeorm';

export class SharedDevices1795716802336 implements MigrationInterface {
  readonly name = 'SharedDevices1795716802336';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(
      'CREATE TABLE `incident` (`id` char(36) NOT NULL, `lessonId` char(36) NOT NULL, `groupId` char(36) NULL, `studentId` char(36) NULL, `staffId` char(36) NOT NULL, `kind` varchar(16) NOT NULL, `nearMiss` tinyint NOT NULL, `what` varchar(500) NOT NULL, `done` varchar(500) NOT NULL, `at` datetime(3) NOT NULL, INDEX `IDX_d21b40aa8553d05b1012e53092` (`lessonId`), INDEX `IDX_5dd2c6b6bd2106a7ae508aa7f7` (`groupId`), INDEX `IDX_3aeda199519d024ae2a77fd6bb` (`studentId`), INDEX `IDX_7e717a3f01da62dbf2cd581264` (`staffId`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `kept_sample` (`id` char(36) NOT NULL, `schoolId` char(36) NOT NULL, `lessonId` char(36) NOT NULL, `groupId` char(36) NOT NULL, `sampleId` char(36) NOT NULL, `code` varchar(8) NOT NULL, `place` varchar(80) NOT NULL, `note` varchar(200) NOT NULL, `keptAt` datetime(3) NOT NULL, `expiresAt` datetime(3) NOT NULL, `goneAt` datetime(3) NULL, INDEX `IDX_5529385d514e97b74f3ce23026` (`lessonId`), INDEX `IDX_4b2aea8d1f63144618050d7369` (`groupId`), INDEX `IDX_1c17b0a98ac67611bae06ff95c` (`sampleId`), UNIQUE INDEX `IDX_76dfa20d772c815a24e6754cdd` (`schoolId`, `code`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query('ALTER TABLE `session` ADD `locked` tinyint NOT NULL DEFAULT 0');
    await queryRunner.query(
      'ALTER TABLE `incident` ADD CONSTRAINT `FK_d21b40aa8553d05b1012e53092d` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `incident` ADD CONSTRAINT `FK_5dd2c6b6bd2106a7ae508aa7f72` FOREIGN KEY (`groupId`) REFERENCES `lesson_group`(`id`) ON DELETE SET NULL ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `incident` ADD CONSTRAINT `FK_3aeda199519d024ae2a77fd6bb9` FOREIGN KEY (`studentId`) REFERENCES `student`(`id`) ON DELETE SET NULL ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `incident` ADD CONSTRAINT `FK_7e717a3f01da62dbf2cd5812642` FOREIGN KEY (`staffId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `kept_sample` ADD CONSTRAINT `FK_72a3ea1eb9f90e960c151846477` FOREIGN KEY (`schoolId`) REFERENCES `school`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `kept_sample` ADD CONSTRAINT `FK_5529385d514e97b74f3ce230266` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `kept_sample` ADD CONSTRAINT `FK_4b2aea8d1f63144618050d73699` FOREIGN KEY (`groupId`) REFERENCES `lesson_group`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `kept_sample` ADD CONSTRAINT `FK_1c17b0a98ac67611bae06ff95c3` FOREIGN KEY (`sampleId`) REFERENCES `lesson_sample`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `kept_sample` DROP FOREIGN KEY `FK_1c17b0a98ac67611bae06ff95c3`');
    await queryRunner.query('ALTER TABLE `kept_sample` DROP FOREIGN KEY `FK_4b2aea8d1f63144618050d73699`');
    await queryRunner.query('ALTER TABLE `kept_sample` DROP FOREIGN KEY `FK_5529385d514e97b74f3ce230266`');
    await queryRunner.query('ALTER TABLE `kept_sample` DROP FOREIGN KEY `FK_72a3ea1eb9f90e960c151846477`');
    await queryRunner.query('ALTER TABLE `incident` DROP FOREIGN KEY `FK_7e717a3f01da62dbf2cd5812642`');
    await queryRunner.query('ALTER TABLE `incident` DROP FOREIGN KEY `FK_3aeda199519d024ae2a77fd6bb9`');
    await queryRunner.query('ALTER TABLE `incident` DROP FOREIGN KEY `FK_5dd2c6b6bd2106a7ae508aa7f72`');
    await queryRunner.query('ALTER TABLE `incident` DROP FOREIGN KEY `FK_d21b40aa8553d05b1012e53092d`');
    await queryRunner.query('ALTER TABLE `session` DROP COLUMN `locked`');
    await queryRunner.query('DROP INDEX `IDX_76dfa20d772c815a24e6754cdd` ON `kept_sample`');
    await queryRunner.query('DROP INDEX `IDX_1c17b0a98ac67611bae06ff95c` ON `kept_sample`');
    await queryRunner.query('DROP INDEX `IDX_4b2aea8d1f63144618050d7369` ON `kept_sample`');
    await queryRunner.query('DROP INDEX `IDX_5529385d514e97b74f3ce23026` ON `kept_sample`');
    await queryRunner.query('DROP TABLE `kept_sample`');
    await queryRunner.query('DROP INDEX `IDX_7e717a3f01da62dbf2cd581264` ON `incident`');
    await queryRunner.query('DROP INDEX `IDX_3aeda199519d024ae2a77fd6bb` ON `incident`');
    await queryRunner.query('DROP INDEX `IDX_5dd2c6b6bd2106a7ae508aa7f7` ON `incident`');
    await queryRunner.query('DROP INDEX `IDX_d21b40aa8553d05b1012e53092` ON `incident`');
    await queryRunner.query('DROP TABLE `incident`');
  }
}
