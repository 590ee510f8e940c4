import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Trust1795644660676 implements MigrationInterface {
  readonly name = 'Trust1795644660676';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(
      'CREATE TABLE `known_device` (`who` varchar(60) NOT NULL, `device` char(64) NOT NULL, `at` datetime(3) NOT NULL, INDEX `IDX_fbf9f150f0c8cbb70e6f82a01d` (`at`), PRIMARY KEY (`who`, `device`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `audit_entry` (`id` char(36) NOT NULL, `schoolId` char(36) NOT NULL, `staffId` char(36) NOT NULL, `at` datetime(3) NOT NULL, `action` varchar(40) NOT NULL, `subject` char(36) NULL, `about` varchar(300) NOT NULL, INDEX `IDX_61bf709ff6ddbdc541d497c9ee` (`staffId`), INDEX `IDX_008125dd800a6b15df3cd48b2c` (`schoolId`, `id`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `log_snapshot` (`groupId` char(36) NOT NULL, `seq` bigint NOT NULL, `events` longtext NOT NULL, PRIMARY KEY (`groupId`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `held_entry` (`id` char(36) NOT NULL, `lessonId` char(36) NOT NULL, `groupId` char(36) NOT NULL, `studentId` char(36) NOT NULL, `broughtById` char(36) NOT NULL, `reason` varchar(16) NOT NULL, `at` datetime(3) NOT NULL, `deviceAt` datetime(3) NULL, `receivedAt` datetime(3) NOT NULL, `type` varchar(16) NOT NULL, `body` longtext NOT NULL, `decidedAt` datetime(3) NULL, `decidedById` char(36) NULL, `taken` tinyint NULL, INDEX `IDX_391f7cb788e1def125b967ce1c` (`groupId`), INDEX `IDX_4679c64023c1f65789870e724e` (`studentId`), INDEX `IDX_3aded90e6eea63a94728483220` (`broughtById`), INDEX `IDX_2db0cf3463093213cace93378b` (`decidedById`), INDEX `IDX_ffc464a76fdcf688c295b4c312` (`lessonId`, `decidedAt`, `receivedAt`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query('ALTER TABLE `staff` ADD `mustChangePassword` tinyint NOT NULL DEFAULT 0');
    await queryRunner.query('ALTER TABLE `staff` ADD `lockedAt` datetime(3) NULL');
    await queryRunner.query('ALTER TABLE `staff` ADD `leftAt` datetime(3) NULL');
    await queryRunner.query('ALTER TABLE `staff` ADD `totpSecret` varchar(64) NULL');
    await queryRunner.query('ALTER TABLE `staff` ADD `totpOn` tinyint NOT NULL DEFAULT 0');
    await queryRunner.query('ALTER TABLE `staff` ADD `totpStep` bigint NULL');
    await queryRunner.query('ALTER TABLE `lesson` ADD `firstReleasedAt` datetime(3) NULL');
    await queryRunner.query('ALTER TABLE `lesson_group` ADD `markedSeq` bigint NULL');
    await queryRunner.query('ALTER TABLE `session` ADD `createdAt` datetime(3) NULL');
    await queryRunner.query("ALTER TABLE `session` ADD `device` varchar(60) NOT NULL DEFAULT ''");
    await queryRunner.query('ALTER TABLE `lesson_event` ADD `deviceAt` datetime(3) NULL');
    // Counted another way from now on; nobody stays shut out by the old count.
    await queryRunner.query('DELETE FROM `sign_in_attempt`');
    await queryRunner.query('ALTER TABLE `sign_in_attempt` MODIFY `failures` double NOT NULL');
    await queryRunner.query('CREATE INDEX `IDX_6874e3dbe011fbbbe063fd6754` ON `sign_in_attempt` (`lastAt`)');
    await queryRunner.query(
      'ALTER TABLE `audit_entry` ADD CONSTRAINT `FK_5ff3a656bced9159f01481ba015` FOREIGN KEY (`schoolId`) REFERENCES `school`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `audit_entry` ADD CONSTRAINT `FK_61bf709ff6ddbdc541d497c9eed` FOREIGN KEY (`staffId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `log_snapshot` ADD CONSTRAINT `FK_4ccdc961085b3f8e4763b339be0` FOREIGN KEY (`groupId`) REFERENCES `lesson_group`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `held_entry` ADD CONSTRAINT `FK_991e3aa2ee561965f91dd83dec3` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `held_entry` ADD CONSTRAINT `FK_391f7cb788e1def125b967ce1cb` FOREIGN KEY (`groupId`) REFERENCES `lesson_group`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `held_entry` ADD CONSTRAINT `FK_4679c64023c1f65789870e724e4` FOREIGN KEY (`studentId`) REFERENCES `student`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `held_entry` ADD CONSTRAINT `FK_3aded90e6eea63a94728483220d` FOREIGN KEY (`broughtById`) REFERENCES `student`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `held_entry` ADD CONSTRAINT `FK_2db0cf3463093213cace93378b3` FOREIGN KEY (`decidedById`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'UPDATE `lesson` SET `firstReleasedAt` = COALESCE(`releasedAt`, `endedAt`) WHERE `releasedAt` IS NOT NULL',
    );
    // Moments that an older version let in though no calendar has them, and that nothing could read afterwards.
    await queryRunner.query("UPDATE `lesson_event` SET `at` = `receivedAt` WHERE `at` < '1000-01-01'");
    await queryRunner.query(
      "UPDATE `lesson` SET `startsAt` = COALESCE(`startedAt`, '2000-01-01') WHERE `startsAt` < '1000-01-01'",
    );
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `held_entry` DROP FOREIGN KEY `FK_2db0cf3463093213cace93378b3`');
    await queryRunner.query('ALTER TABLE `held_entry` DROP FOREIGN KEY `FK_3aded90e6eea63a94728483220d`');
    await queryRunner.query('ALTER TABLE `held_entry` DROP FOREIGN KEY `FK_4679c64023c1f65789870e724e4`');
    await queryRunner.query('ALTER TABLE `held_entry` DROP FOREIGN KEY `FK_391f7cb788e1def125b967ce1cb`');
    await queryRunner.query('ALTER TABLE `held_entry` DROP FOREIGN KEY `FK_991e3aa2ee561965f91dd83dec3`');
    await queryRunner.query('ALTER TABLE `log_snapshot` DROP FOREIGN KEY `FK_4ccdc961085b3f8e4763b339be0`');
    await queryRunner.query('ALTER TABLE `audit_entry` DROP FOREIGN KEY `FK_61bf709ff6ddbdc541d497c9eed`');
    await queryRunner.query('ALTER TABLE `audit_entry` DROP FOREIGN KEY `FK_5ff3a656bced9159f01481ba015`');
    await queryRunner.query('DROP INDEX `IDX_6874e3dbe011fbbbe063fd6754` ON `sign_in_attempt`');
    await queryRunner.query('ALTER TABLE `sign_in_attempt` MODIFY `failures` int NOT NULL');
    await queryRunner.query('ALTER TABLE `lesson_event` DROP COLUMN `deviceAt`');
    await queryRunner.query('ALTER TABLE `session` DROP COLUMN `device`');
    await queryRunner.query('ALTER TABLE `session` DROP COLUMN `createdAt`');
    await queryRunner.query('ALTER TABLE `lesson_group` DROP COLUMN `markedSeq`');
    await queryRunner.query('ALTER TABLE `lesson` DROP COLUMN `firstReleasedAt`');
    await queryRunner.query('ALTER TABLE `staff` DROP COLUMN `totpStep`');
    await queryRunner.query('ALTER TABLE `staff` DROP COLUMN `totpOn`');
    await queryRunner.query('ALTER TABLE `staff` DROP COLUMN `totpSecret`');
    await queryRunner.query('ALTER TABLE `staff` DROP COLUMN `leftAt`');
    await queryRunner.query('ALTER TABLE `staff` DROP COLUMN `lockedAt`');
    await queryRunner.query('ALTER TABLE `staff` DROP COLUMN `mustChangePassword`');
    await queryRunner.query('DROP INDEX `IDX_ffc464a76fdcf688c295b4c312` ON `held_entry`');
    await queryRunner.query('DROP INDEX `IDX_2db0cf3463093213cace93378b` ON `held_entry`');
    await queryRunner.query('DROP INDEX `IDX_3aded90e6eea63a94728483220` ON `held_entry`');
    await queryRunner.query('DROP INDEX `IDX_4679c64023c1f65789870e724e` ON `held_entry`');
    await queryRunner.query('DROP INDEX `IDX_391f7cb788e1def125b967ce1c` ON `held_entry`');
    await queryRunner.query('DROP TABLE `held_entry`');
    await queryRunner.query('DROP TABLE `log_snapshot`');
    await queryRunner.query('DROP INDEX `IDX_008125dd800a6b15df3cd48b2c` ON `audit_entry`');
    await queryRunner.query('DROP INDEX `IDX_61bf709ff6ddbdc541d497c9ee` ON `audit_entry`');
    await queryRunner.query('DROP TABLE `audit_entry`');
    await queryRunner.query('DROP INDEX `IDX_fbf9f150f0c8cbb70e6f82a01d` ON `known_device`');
    await queryRunner.query('DROP TABLE `known_device`');
  }
}
