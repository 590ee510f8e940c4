import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Answers marked a second time, blind. */
export class SecondMarking1795744079663 implements MigrationInterface {
  readonly name = 'SecondMarking1795744079663';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(
      'CREATE TABLE `second_marking` (`id` char(36) NOT NULL, `lessonId` char(36) NOT NULL, `markerId` char(36) NOT NULL, `askedById` char(36) NOT NULL, `tolerance` int NOT NULL, `at` datetime(3) NOT NULL, INDEX `IDX_fdf388ad8f2d76e5642ddfaa6d` (`lessonId`), INDEX `IDX_e0a297cdb7f59fede79957fbaa` (`markerId`), INDEX `IDX_ee325a76a3f535397ae0ca40ba` (`askedById`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `second_mark` (`id` char(36) NOT NULL, `markingId` char(36) NOT NULL, `markId` char(36) NOT NULL, `place` int NOT NULL, `answer` text NOT NULL, `first` int NOT NULL, `second` int NULL, `settled` int NULL, INDEX `IDX_b353231cbf6f78c64f3ba165dc` (`markId`), UNIQUE INDEX `IDX_662c983452f40e79a0f0674119` (`markingId`, `place`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'ALTER TABLE `second_marking` ADD CONSTRAINT `FK_fdf388ad8f2d76e5642ddfaa6dc` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `second_marking` ADD CONSTRAINT `FK_e0a297cdb7f59fede79957fbaa6` FOREIGN KEY (`markerId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `second_marking` ADD CONSTRAINT `FK_ee325a76a3f535397ae0ca40ba8` FOREIGN KEY (`askedById`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `second_mark` ADD CONSTRAINT `FK_b26cbb4c97ea3f25db4638ab39e` FOREIGN KEY (`markingId`) REFERENCES `second_marking`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `second_mark` ADD CONSTRAINT `FK_b353231cbf6f78c64f3ba165dca` FOREIGN KEY (`markId`) REFERENCES `mark`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `second_mark` DROP FOREIGN KEY `FK_b353231cbf6f78c64f3ba165dca`');
    await queryRunner.query('ALTER TABLE `second_mark` DROP FOREIGN KEY `FK_b26cbb4c97ea3f25db4638ab39e`');
    await queryRunner.query('ALTER TABLE `second_marking` DROP FOREIGN KEY `FK_ee325a76a3f535397ae0ca40ba8`');
    await queryRunner.query('ALTER TABLE `second_marking` DROP FOREIGN KEY `FK_e0a297cdb7f59fede79957fbaa6`');
    await queryRunner.query('ALTER TABLE `second_marking` DROP FOREIGN KEY `FK_fdf388ad8f2d76e5642ddfaa6dc`');
    await queryRunner.query('DROP INDEX `IDX_662c983452f40e79a0f0674119` ON `second_mark`');
    await queryRunner.query('DROP INDEX `IDX_b353231cbf6f78c64f3ba165dc` ON `second_mark`');
    await queryRunner.query('DROP TABLE `second_mark`');
    await queryRunner.query('DROP INDEX `IDX_ee325a76a3f535397ae0ca40ba` ON `second_marking`');
    await queryRunner.query('DROP INDEX `IDX_e0a297cdb7f59fede79957fbaa` ON `second_marking`');
    await queryRunner.query('DROP INDEX `IDX_fdf388ad8f2d76e5642ddfaa6d` ON `second_marking`');
    await queryRunner.query('DROP TABLE `second_marking`');
  }
}
