import type { MigrationInterface, QueryRunner } from 'typeorm';

export class ScreenSlips1795788830662 implements MigrationInterface {
  readonly name = 'ScreenSlips1795788830662';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `screen_work` ADD `agreed` longtext NULL');
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `screen_work` DROP COLUMN `agreed`');
  }
}
