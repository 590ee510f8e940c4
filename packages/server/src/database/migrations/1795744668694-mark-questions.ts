import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Students' questions about their marks. */
export class MarkQuestions1795744668694 implements MigrationInterface {
  readonly name = 'MarkQuestions1795744668694';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(
      'CREATE TABLE `mark_question` (`id` char(36) NOT NULL, `lessonId` char(36) NOT NULL, `studentId` char(36) NOT NULL, `itemKey` varchar(120) NOT NULL, `text` varchar(500) NOT NULL, `at` datetime(3) NOT NULL, `answer` varchar(500) NULL, `answeredAt` datetime(3) NULL, `answeredById` char(36) NULL, INDEX `IDX_81891973ad6e43bcd819d3bb48` (`studentId`), INDEX `IDX_2d8f91e6c4c841f4fd5ef877c8` (`answeredById`), INDEX `IDX_53b178364f5bfe6deb68ef5dcc` (`lessonId`, `studentId`, `at`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'ALTER TABLE `mark_question` ADD CONSTRAINT `FK_4fd35d017d5b256cc36e6943138` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `mark_question` ADD CONSTRAINT `FK_81891973ad6e43bcd819d3bb48f` FOREIGN KEY (`studentId`) REFERENCES `student`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `mark_question` ADD CONSTRAINT `FK_2d8f91e6c4c841f4fd5ef877c80` FOREIGN KEY (`answeredById`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `mark_question` DROP FOREIGN KEY `FK_2d8f91e6c4c841f4fd5ef877c80`');
    await queryRunner.query('ALTER TABLE `mark_question` DROP FOREIGN KEY `FK_81891973ad6e43bcd819d3bb48f`');
    await queryRunner.query('ALTER TABLE `mark_question` DROP FOREIGN KEY `FK_4fd35d017d5b256cc36e6943138`');
    await queryRunner.query('DROP INDEX `IDX_53b178364f5bfe6deb68ef5dcc` ON `mark_question`');
    await queryRunner.query('DROP INDEX `IDX_2d8f91e6c4c841f4fd5ef877c8` ON `mark_question`');
    await queryRunner.query('DROP INDEX `IDX_81891973ad6e43bcd819d3bb48` ON `mark_question`');
    await queryRunner.query('DROP TABLE `mark_question`');
  }
}
