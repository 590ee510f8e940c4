import type { MigrationInterface, QueryRunner } from 'typeorm';

export class ClassCauses1795707436267 implements MigrationInterface {
  readonly name = 'ClassCauses1795707436267';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `lesson` ADD `dismissedCauses` longtext NULL');
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `lesson` DROP COLUMN `dismissedCauses`');
  }
}
