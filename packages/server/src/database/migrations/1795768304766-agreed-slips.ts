import type { MigrationInterface, QueryRunner } from 'typeorm';

export class AgreedSlips1795768304766 implements MigrationInterface {
  readonly name = 'AgreedSlips1795768304766';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `lesson` ADD `agreedSlips` longtext NULL');
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `lesson` DROP COLUMN `agreedSlips`');
  }
}
