import type { MigrationInterface, QueryRunner } from 'typeorm';

export class FirstLesson1764000000000 implements MigrationInterface {
  readonly name = 'FirstLesson1764000000000';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(
      'CREATE TABLE `school` (`id` char(36) NOT NULL, `name` varchar(120) NOT NULL, PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `staff` (`id` char(36) NOT NULL, `schoolId` char(36) NOT NULL, `email` varchar(190) NOT NULL, `name` varchar(120) NOT NULL, `role` varchar(16) NOT NULL, `passwordHash` varchar(200) NOT NULL, INDEX `IDX_8cae2ee07c0ab476daf6b007e2` (`schoolId`), UNIQUE INDEX `IDX_902985a964245652d5e3a0f5f6` (`email`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `school_class` (`id` char(36) NOT NULL, `schoolId` char(36) NOT NULL, `name` varchar(60) NOT NULL, INDEX `IDX_51303d0f4cb20abaf4d1c3ca7d` (`schoolId`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `student` (`id` char(36) NOT NULL, `classId` char(36) NOT NULL, `name` varchar(120) NOT NULL, `pinHash` varchar(200) NULL, `leftAt` datetime(3) NULL, UNIQUE INDEX `IDX_0c70324acbdbcc9d24cb31ce5b` (`classId`, `name`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `practical` (`id` char(36) NOT NULL, `schoolId` char(36) NOT NULL, INDEX `IDX_0efe9d6785cf9358fe8f41bf52` (`schoolId`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `practical_version` (`id` char(36) NOT NULL, `practicalId` char(36) NOT NULL, `number` int NOT NULL, `document` longtext NOT NULL, `createdAt` datetime(3) NOT NULL, UNIQUE INDEX `IDX_97eadddd7e8c4592ff1975ac11` (`practicalId`, `number`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `lesson` (`id` char(36) NOT NULL, `schoolId` char(36) NOT NULL, `classId` char(36) NOT NULL, `teacherId` char(36) NOT NULL, `practicalVersionId` char(36) NOT NULL, `room` varchar(60) NOT NULL, `startsAt` datetime(3) NOT NULL, `joinCode` char(6) NOT NULL, `state` varchar(12) NOT NULL, `startedAt` datetime(3) NULL, `endedAt` datetime(3) NULL, `releasedAt` datetime(3) NULL, INDEX `IDX_f327c28c988cbfe23a72598272` (`classId`), INDEX `IDX_5b70ab4b9466eb06172dc27994` (`teacherId`), INDEX `IDX_0d48b5537c5b63baefa6f6c121` (`practicalVersionId`), UNIQUE INDEX `IDX_10e8afbf2a70ec91fbaee106ba` (`joinCode`), INDEX `IDX_d4ef67d18ca379c76915688a99` (`schoolId`, `startsAt`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `lesson_group` (`id` char(36) NOT NULL, `lessonId` char(36) NOT NULL, `name` varchar(40) NOT NULL, `benchRow` int NOT NULL, `benchColumn` int NOT NULL, UNIQUE INDEX `IDX_2a3c6f46e6596781e177aceff8` (`lessonId`, `benchRow`, `benchColumn`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `lesson_seat` (`lessonId` char(36) NOT NULL, `studentId` char(36) NOT NULL, `groupId` char(36) NOT NULL, INDEX `IDX_fd237a608fb6bf18cdaa81be42` (`studentId`), INDEX `IDX_2115431d6ccc1e5f6edd55634f` (`groupId`), PRIMARY KEY (`lessonId`, `studentId`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `lesson_sample` (`id` char(36) NOT NULL, `lessonId` char(36) NOT NULL, `role` varchar(8) NOT NULL, `label` varchar(80) NOT NULL, `ions` longtext NOT NULL, `difficulty` int NOT NULL, `position` int NOT NULL, INDEX `IDX_e8368165d04ff7a7977cdc464d` (`lessonId`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `group_unknown` (`groupId` char(36) NOT NULL, `sampleId` char(36) NOT NULL, INDEX `IDX_441730eba94e35f110d4ee03a0` (`sampleId`), PRIMARY KEY (`groupId`, `sampleId`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `session` (`id` char(36) NOT NULL, `tokenHash` char(64) NOT NULL, `staffId` char(36) NULL, `studentId` char(36) NULL, `lessonId` char(36) NULL, `expiresAt` datetime(3) NOT NULL, UNIQUE INDEX `IDX_ff3b5bfd0767bd32942e5ccaad` (`tokenHash`), INDEX `IDX_59a1a131fdb102340395a5576d` (`staffId`), INDEX `IDX_aab58f9e25cca87a369a4732bc` (`studentId`), INDEX `IDX_09786128e2cb5082286858209a` (`lessonId`), INDEX `IDX_5d97cf9773002b16861b4bb8ae` (`expiresAt`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `sign_in_attempt` (`who` varchar(120) NOT NULL, `failures` int NOT NULL, `lastAt` datetime(3) NOT NULL, PRIMARY KEY (`who`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `mark` (`id` char(36) NOT NULL, `lessonId` char(36) NOT NULL, `studentId` char(36) NOT NULL, `sampleId` char(36) NOT NULL, `itemKey` varchar(60) NOT NULL, `strand` varchar(16) NOT NULL, `answer` text NOT NULL, `points` int NOT NULL, `max` int NOT NULL, `verdict` varchar(8) NOT NULL, `why` longtext NOT NULL, `computedAt` datetime(3) NOT NULL, INDEX `IDX_65796a73ff78b0df716f4d808f` (`studentId`), INDEX `IDX_b391887694436fd061b49dbc82` (`sampleId`), UNIQUE INDEX `IDX_666099561feeb7e2aca1d6cc5b` (`lessonId`, `studentId`, `itemKey`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `mark_change` (`id` char(36) NOT NULL, `markId` char(36) NOT NULL, `points` int NOT NULL, `reason` varchar(500) NOT NULL, `staffId` char(36) NOT NULL, `at` datetime(3) NOT NULL, INDEX `IDX_0953bcd03033355a06440d3cb8` (`markId`), INDEX `IDX_8300034386e9a706a771513874` (`staffId`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `lesson_event` (`seq` bigint NOT NULL AUTO_INCREMENT, `id` char(36) NOT NULL, `lessonId` char(36) NOT NULL, `groupId` char(36) NOT NULL, `studentId` char(36) NULL, `staffId` char(36) NULL, `at` datetime(3) NOT NULL, `receivedAt` datetime(3) NOT NULL, `type` varchar(16) NOT NULL, `body` longtext NOT NULL, UNIQUE INDEX `IDX_3487b01efae5c7c1df6cefd002` (`id`), INDEX `IDX_9e48e7f97abceb0a51229f03c9` (`studentId`), INDEX `IDX_0e1137f2e6bb028d4b0ab2ceef` (`staffId`), INDEX `IDX_5a2bb094bcf273e80b0251194d` (`groupId`, `seq`), INDEX `IDX_6b6e75843d2df6bd3eb406b113` (`lessonId`, `seq`), PRIMARY KEY (`seq`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'ALTER TABLE `staff` ADD CONSTRAINT `FK_8cae2ee07c0ab476daf6b007e28` FOREIGN KEY (`schoolId`) REFERENCES `school`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `school_class` ADD CONSTRAINT `FK_51303d0f4cb20abaf4d1c3ca7d1` FOREIGN KEY (`schoolId`) REFERENCES `school`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `student` ADD CONSTRAINT `FK_bd5c8f2ef67394162384a484ba1` FOREIGN KEY (`classId`) REFERENCES `school_class`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `practical` ADD CONSTRAINT `FK_0efe9d6785cf9358fe8f41bf524` FOREIGN KEY (`schoolId`) REFERENCES `school`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `practical_version` ADD CONSTRAINT `FK_0c58222426969742955ccf956d4` FOREIGN KEY (`practicalId`) REFERENCES `practical`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `lesson` ADD CONSTRAINT `FK_f70b29d4ea7ad9c59fdca5a51fa` FOREIGN KEY (`schoolId`) REFERENCES `school`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `lesson` ADD CONSTRAINT `FK_f327c28c988cbfe23a725982727` FOREIGN KEY (`classId`) REFERENCES `school_class`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `lesson` ADD CONSTRAINT `FK_5b70ab4b9466eb06172dc279941` FOREIGN KEY (`teacherId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `lesson` ADD CONSTRAINT `FK_0d48b5537c5b63baefa6f6c121f` FOREIGN KEY (`practicalVersionId`) REFERENCES `practical_version`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `lesson_group` ADD CONSTRAINT `FK_eaa589649f700e5544c3fe18712` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `lesson_seat` ADD CONSTRAINT `FK_690c5d76fb2d3ec9c6772f98fa4` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `lesson_seat` ADD CONSTRAINT `FK_fd237a608fb6bf18cdaa81be421` FOREIGN KEY (`studentId`) REFERENCES `student`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `lesson_seat` ADD CONSTRAINT `FK_2115431d6ccc1e5f6edd55634fa` FOREIGN KEY (`groupId`) REFERENCES `lesson_group`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `lesson_sample` ADD CONSTRAINT `FK_e8368165d04ff7a7977cdc464d0` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `group_unknown` ADD CONSTRAINT `FK_23f607cedf4083b1155cfd7378c` FOREIGN KEY (`groupId`) REFERENCES `lesson_group`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `group_unknown` ADD CONSTRAINT `FK_441730eba94e35f110d4ee03a03` FOREIGN KEY (`sampleId`) REFERENCES `lesson_sample`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `session` ADD CONSTRAINT `FK_59a1a131fdb102340395a5576dc` FOREIGN KEY (`staffId`) REFERENCES `staff`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `session` ADD CONSTRAINT `FK_aab58f9e25cca87a369a4732bce` FOREIGN KEY (`studentId`) REFERENCES `student`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `session` ADD CONSTRAINT `FK_09786128e2cb5082286858209a9` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `mark` ADD CONSTRAINT `FK_9ddcac515e3d24fd0b21a4474ff` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `mark` ADD CONSTRAINT `FK_65796a73ff78b0df716f4d808f2` FOREIGN KEY (`studentId`) REFERENCES `student`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `mark` ADD CONSTRAINT `FK_b391887694436fd061b49dbc827` FOREIGN KEY (`sampleId`) REFERENCES `lesson_sample`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `mark_change` ADD CONSTRAINT `FK_0953bcd03033355a06440d3cb8c` FOREIGN KEY (`markId`) REFERENCES `mark`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `mark_change` ADD CONSTRAINT `FK_8300034386e9a706a7715138742` FOREIGN KEY (`staffId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `lesson_event` ADD CONSTRAINT `FK_b21fbeef9bbdd0bc6c66de8d393` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `lesson_event` ADD CONSTRAINT `FK_28d819c80415554704dcbe73e52` FOREIGN KEY (`groupId`) REFERENCES `lesson_group`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `lesson_event` ADD CONSTRAINT `FK_9e48e7f97abceb0a51229f03c9e` FOREIGN KEY (`studentId`) REFERENCES `student`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `lesson_event` ADD CONSTRAINT `FK_0e1137f2e6bb028d4b0ab2ceef7` FOREIGN KEY (`staffId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `lesson_event` DROP FOREIGN KEY `FK_0e1137f2e6bb028d4b0ab2ceef7`');
    await queryRunner.query('ALTER TABLE `lesson_event` DROP FOREIGN KEY `FK_9e48e7f97abceb0a51229f03c9e`');
    await queryRunner.query('ALTER TABLE `lesson_event` DROP FOREIGN KEY `FK_28d819c80415554704dcbe73e52`');
    await queryRunner.query('ALTER TABLE `lesson_event` DROP FOREIGN KEY `FK_b21fbeef9bbdd0bc6c66de8d393`');
    await queryRunner.query('ALTER TABLE `mark_change` DROP FOREIGN KEY `FK_8300034386e9a706a7715138742`');
    await queryRunner.query('ALTER TABLE `mark_change` DROP FOREIGN KEY `FK_0953bcd03033355a06440d3cb8c`');
    await queryRunner.query('ALTER TABLE `mark` DROP FOREIGN KEY `FK_b391887694436fd061b49dbc827`');
    await queryRunner.query('ALTER TABLE `mark` DROP FOREIGN KEY `FK_65796a73ff78b0df716f4d808f2`');
    await queryRunner.query('ALTER TABLE `mark` DROP FOREIGN KEY `FK_9ddcac515e3d24fd0b21a4474ff`');
    await queryRunner.query('ALTER TABLE `session` DROP FOREIGN KEY `FK_09786128e2cb5082286858209a9`');
    await queryRunner.query('ALTER TABLE `session` DROP FOREIGN KEY `FK_aab58f9e25cca87a369a4732bce`');
    await queryRunner.query('ALTER TABLE `session` DROP FOREIGN KEY `FK_59a1a131fdb102340395a5576dc`');
    await queryRunner.query('ALTER TABLE `group_unknown` DROP FOREIGN KEY `FK_441730eba94e35f110d4ee03a03`');
    await queryRunner.query('ALTER TABLE `group_unknown` DROP FOREIGN KEY `FK_23f607cedf4083b1155cfd7378c`');
    await queryRunner.query('ALTER TABLE `lesson_sample` DROP FOREIGN KEY `FK_e8368165d04ff7a7977cdc464d0`');
    await queryRunner.query('ALTER TABLE `lesson_seat` DROP FOREIGN KEY `FK_2115431d6ccc1e5f6edd55634fa`');
    await queryRunner.query('ALTER TABLE `lesson_seat` DROP FOREIGN KEY `FK_fd237a608fb6bf18cdaa81be421`');
    await queryRunner.query('ALTER TABLE `lesson_seat` DROP FOREIGN KEY `FK_690c5d76fb2d3ec9c6772f98fa4`');
    await queryRunner.query('ALTER TABLE `lesson_group` DROP FOREIGN KEY `FK_eaa589649f700e5544c3fe18712`');
    await queryRunner.query('ALTER TABLE `lesson` DROP FOREIGN KEY `FK_0d48b5537c5b63baefa6f6c121f`');
    await queryRunner.query('ALTER TABLE `lesson` DROP FOREIGN KEY `FK_5b70ab4b9466eb06172dc279941`');
    await queryRunner.query('ALTER TABLE `lesson` DROP FOREIGN KEY `FK_f327c28c988cbfe23a725982727`');
    await queryRunner.query('ALTER TABLE `lesson` DROP FOREIGN KEY `FK_f70b29d4ea7ad9c59fdca5a51fa`');
    await queryRunner.query(
      'ALTER TABLE `practical_version` DROP FOREIGN KEY `FK_0c58222426969742955ccf956d4`',
    );
    await queryRunner.query('ALTER TABLE `practical` DROP FOREIGN KEY `FK_0efe9d6785cf9358fe8f41bf524`');
    await queryRunner.query('ALTER TABLE `student` DROP FOREIGN KEY `FK_bd5c8f2ef67394162384a484ba1`');
    await queryRunner.query('ALTER TABLE `school_class` DROP FOREIGN KEY `FK_51303d0f4cb20abaf4d1c3ca7d1`');
    await queryRunner.query('ALTER TABLE `staff` DROP FOREIGN KEY `FK_8cae2ee07c0ab476daf6b007e28`');
    await queryRunner.query('DROP INDEX `IDX_6b6e75843d2df6bd3eb406b113` ON `lesson_event`');
    await queryRunner.query('DROP INDEX `IDX_5a2bb094bcf273e80b0251194d` ON `lesson_event`');
    await queryRunner.query('DROP INDEX `IDX_0e1137f2e6bb028d4b0ab2ceef` ON `lesson_event`');
    await queryRunner.query('DROP INDEX `IDX_9e48e7f97abceb0a51229f03c9` ON `lesson_event`');
    await queryRunner.query('DROP INDEX `IDX_3487b01efae5c7c1df6cefd002` ON `lesson_event`');
    await queryRunner.query('DROP TABLE `lesson_event`');
    await queryRunner.query('DROP INDEX `IDX_8300034386e9a706a771513874` ON `mark_change`');
    await queryRunner.query('DROP INDEX `IDX_0953bcd03033355a06440d3cb8` ON `mark_change`');
    await queryRunner.query('DROP TABLE `mark_change`');
    await queryRunner.query('DROP INDEX `IDX_666099561feeb7e2aca1d6cc5b` ON `mark`');
    await queryRunner.query('DROP INDEX `IDX_b391887694436fd061b49dbc82` ON `mark`');
    await queryRunner.query('DROP INDEX `IDX_65796a73ff78b0df716f4d808f` ON `mark`');
    await queryRunner.query('DROP TABLE `mark`');
    await queryRunner.query('DROP TABLE `sign_in_attempt`');
    await queryRunner.query('DROP INDEX `IDX_5d97cf9773002b16861b4bb8ae` ON `session`');
    await queryRunner.query('DROP INDEX `IDX_09786128e2cb5082286858209a` ON `session`');
    await queryRunner.query('DROP INDEX `IDX_aab58f9e25cca87a369a4732bc` ON `session`');
    await queryRunner.query('DROP INDEX `IDX_59a1a131fdb102340395a5576d` ON `session`');
    await queryRunner.query('DROP INDEX `IDX_ff3b5bfd0767bd32942e5ccaad` ON `session`');
    await queryRunner.query('DROP TABLE `session`');
    await queryRunner.query('DROP INDEX `IDX_441730eba94e35f110d4ee03a0` ON `group_unknown`');
    await queryRunner.query('DROP TABLE `group_unknown`');
    await queryRunner.query('DROP INDEX `IDX_e8368165d04ff7a7977cdc464d` ON `lesson_sample`');
    await queryRunner.query('DROP TABLE `lesson_sample`');
    await queryRunner.query('DROP INDEX `IDX_2115431d6ccc1e5f6edd55634f` ON `lesson_seat`');
    await queryRunner.query('DROP INDEX `IDX_fd237a608fb6bf18cdaa81be42` ON `lesson_seat`');
    await queryRunner.query('DROP TABLE `lesson_seat`');
    await queryRunner.query('DROP INDEX `IDX_2a3c6f46e6596781e177aceff8` ON `lesson_group`');
    await queryRunner.query('DROP TABLE `lesson_group`');
    await queryRunner.query('DROP INDEX `IDX_d4ef67d18ca379c76915688a99` ON `lesson`');
    await queryRunner.query('DROP INDEX `IDX_10e8afbf2a70ec91fbaee106ba` ON `lesson`');
    await queryRunner.query('DROP INDEX `IDX_0d48b5537c5b63baefa6f6c121` ON `lesson`');
    await queryRunner.query('DROP INDEX `IDX_5b70ab4b9466eb06172dc27994` ON `lesson`');
    await queryRunner.query('DROP INDEX `IDX_f327c28c988cbfe23a72598272` ON `lesson`');
    await queryRunner.query('DROP TABLE `lesson`');
    await queryRunner.query('DROP INDEX `IDX_97eadddd7e8c4592ff1975ac11` ON `practical_version`');
    await queryRunner.query('DROP TABLE `practical_version`');
    await queryRunner.query('DROP INDEX `IDX_0efe9d6785cf9358fe8f41bf52` ON `practical`');
    await queryRunner.query('DROP TABLE `practical`');
    await queryRunner.query('DROP INDEX `IDX_0c70324acbdbcc9d24cb31ce5b` ON `student`');
    await queryRunner.query('DROP TABLE `student`');
    await queryRunner.query('DROP INDEX `IDX_51303d0f4cb20abaf4d1c3ca7d` ON `school_class`');
    await queryRunner.query('DROP TABLE `school_class`');
    await queryRunner.query('DROP INDEX `IDX_902985a964245652d5e3a0f5f6` ON `staff`');
    await queryRunner.query('DROP INDEX `IDX_8cae2ee07c0ab476daf6b007e2` ON `staff`');
    await queryRunner.query('DROP TABLE `staff`');
    await queryRunner.query('DROP TABLE `school`');
  }
}
