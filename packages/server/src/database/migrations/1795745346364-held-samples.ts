import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What samples were found to hold, kept for good. */
export class HeldSamples1795745346364 implements MigrationInterface {
  readonly name = 'HeldSamples1795745346364';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(
      'CREATE TABLE `sample_held` (`id` char(36) NOT NULL, `lessonId` char(36) NOT NULL, `sampleId` char(36) NOT NULL, `before` longtext NOT NULL, `after` longtext NOT NULL, `reason` varchar(500) NOT NULL, `staffId` char(36) NOT NULL, `at` datetime(3) NOT NULL, INDEX `IDX_a196450552079e5d0c179d8a3a` (`sampleId`), INDEX `IDX_375d94d6959a161edb619fc2ab` (`staffId`), INDEX `IDX_c3b4c0de96fe52688c1e020e1d` (`lessonId`, `at`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'ALTER TABLE `sample_held` ADD CONSTRAINT `FK_4e806ec3fac6b98fa53278da445` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `sample_held` ADD CONSTRAINT `FK_a196450552079e5d0c179d8a3ae` FOREIGN KEY (`sampleId`) REFERENCES `lesson_sample`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `sample_held` ADD CONSTRAINT `FK_375d94d6959a161edb619fc2ab4` FOREIGN KEY (`staffId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    for (const what of ['UPDATE', 'DELETE'])
      await queryRunner.query(
        `CREATE TRIGGER sample_held_no_${what.toLowerCase()} BEFORE ${what} ON sample_held FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'What a sample was found to hold is kept for good: correct it again.'`,
      );
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    for (const what of ['update', 'delete']) await queryRunner.query(`DROP TRIGGER sample_held_no_${what}`);
    await queryRunner.query('ALTER TABLE `sample_held` DROP FOREIGN KEY `FK_375d94d6959a161edb619fc2ab4`');
    await queryRunner.query('ALTER TABLE `sample_held` DROP FOREIGN KEY `FK_a196450552079e5d0c179d8a3ae`');
    await queryRunner.query('ALTER TABLE `sample_held` DROP FOREIGN KEY `FK_4e806ec3fac6b98fa53278da445`');
    await queryRunner.query('DROP INDEX `IDX_c3b4c0de96fe52688c1e020e1d` ON `sample_held`');
    await queryRunner.query('DROP INDEX `IDX_375d94d6959a161edb619fc2ab` ON `sample_held`');
    await queryRunner.query('DROP INDEX `IDX_a196450552079e5d0c179d8a3a` ON `sample_held`');
    await queryRunner.query('DROP TABLE `sample_held`');
  }
}
