import type { MigrationInterface, QueryRunner } from 'typeorm';

export class BenchPhotos1795719381371 implements MigrationInterface {
  readonly name = 'BenchPhotos1795719381371';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(
      'CREATE TABLE `photo` (`id` char(36) NOT NULL, `lessonId` char(36) NOT NULL, `groupId` char(36) NOT NULL, `studentId` char(36) NOT NULL, `jpeg` mediumblob NOT NULL, `receivedAt` datetime(3) NOT NULL, INDEX `IDX_62daa60ab0dee814203ba9823b` (`lessonId`), INDEX `IDX_189d5dc35a8c96fafd5330fd13` (`groupId`), INDEX `IDX_2bd94d2a6b00e6d80598474a3d` (`studentId`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'ALTER TABLE `photo` ADD CONSTRAINT `FK_62daa60ab0dee814203ba9823b0` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `photo` ADD CONSTRAINT `FK_189d5dc35a8c96fafd5330fd131` FOREIGN KEY (`groupId`) REFERENCES `lesson_group`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `photo` ADD CONSTRAINT `FK_2bd94d2a6b00e6d80598474a3d0` FOREIGN KEY (`studentId`) REFERENCES `student`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `photo` DROP FOREIGN KEY `FK_2bd94d2a6b00e6d80598474a3d0`');
    await queryRunner.query('ALTER TABLE `photo` DROP FOREIGN KEY `FK_189d5dc35a8c96fafd5330fd131`');
    await queryRunner.query('ALTER TABLE `photo` DROP FOREIGN KEY `FK_62daa60ab0dee814203ba9823b0`');
    await queryRunner.query('DROP INDEX `IDX_2bd94d2a6b00e6d80598474a3d` ON `photo`');
    await queryRunner.query('DROP INDEX `IDX_189d5dc35a8c96fafd5330fd13` ON `photo`');
    await queryRunner.query('DROP INDEX `IDX_62daa60ab0dee814203ba9823b` ON `photo`');
    await queryRunner.query('DROP TABLE `photo`');
  }
}
