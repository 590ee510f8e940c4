import type { MigrationInterface, QueryRunner } from 'typeorm';

/** How long names are kept, and certificates of what went. */
export class Rights1795746019651 implements MigrationInterface {
  readonly name = 'Rights1795746019651';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(
      'CREATE TABLE `erasure` (`id` char(36) NOT NULL, `schoolId` char(36) NOT NULL, `way` varchar(8) NOT NULL, `className` varchar(60) NOT NULL, `went` longtext NOT NULL, `staffId` char(36) NOT NULL, `at` datetime(3) NOT NULL, INDEX `IDX_aebb1044806c3f162361f11047` (`staffId`), INDEX `IDX_bc11b52d328b1f7b4bb5484794` (`schoolId`, `at`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query('ALTER TABLE `school` ADD `keepNames_months` int NULL');
    await queryRunner.query(
      'ALTER TABLE `erasure` ADD CONSTRAINT `FK_50201abdbfeaf6d228cb9822236` FOREIGN KEY (`schoolId`) REFERENCES `school`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `erasure` ADD CONSTRAINT `FK_aebb1044806c3f162361f110478` FOREIGN KEY (`staffId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `erasure` DROP FOREIGN KEY `FK_aebb1044806c3f162361f110478`');
    await queryRunner.query('ALTER TABLE `erasure` DROP FOREIGN KEY `FK_50201abdbfeaf6d228cb9822236`');
    await queryRunner.query('ALTER TABLE `school` DROP COLUMN `keepNames_months`');
    await queryRunner.query('DROP INDEX `IDX_bc11b52d328b1f7b4bb5484794` ON `erasure`');
    await queryRunner.query('DROP INDEX `IDX_aebb1044806c3f162361f11047` ON `erasure`');
    await queryRunner.query('DROP TABLE `erasure`');
  }
}
