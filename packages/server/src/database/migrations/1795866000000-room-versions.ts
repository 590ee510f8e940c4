import type { MigrationInterface, QueryRunner } from 'typeorm';

export class RoomVersions1795866000000 implements MigrationInterface {
  readonly name = 'RoomVersions1795866000000';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `room` ADD `version` int UNSIGNED NOT NULL DEFAULT 1');
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `room` DROP COLUMN `version`');
  }
}
