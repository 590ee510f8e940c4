import type { MigrationInterface, QueryRunner } from 'typeorm';

export class LessonRooms1795692544628 implements MigrationInterface {
  readonly name = 'LessonRooms1795692544628';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `lesson` ADD `roomId` char(36) NULL');
    await queryRunner.query('CREATE INDEX `IDX_fc5a2e918c1fa8ebc25813edc7` ON `lesson` (`roomId`)');
    await queryRunner.query(
      'ALTER TABLE `lesson` ADD CONSTRAINT `FK_fc5a2e918c1fa8ebc25813edc7d` FOREIGN KEY (`roomId`) REFERENCES `room`(`id`) ON DELETE SET NULL ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'UPDATE `lesson` `l` JOIN `room` `r` ON `r`.`schoolId` = `l`.`schoolId` AND `r`.`name` = `l`.`room` SET `l`.`roomId` = `r`.`id`',
    );
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `lesson` DROP FOREIGN KEY `FK_fc5a2e918c1fa8ebc25813edc7d`');
    await queryRunner.query('DROP INDEX `IDX_fc5a2e918c1fa8ebc25813edc7` ON `lesson`');
    await queryRunner.query('ALTER TABLE `lesson` DROP COLUMN `roomId`');
  }
}
