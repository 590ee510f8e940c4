import type { MigrationInterface, QueryRunner } from 'typeorm';

/** An index that holds all that a school's review counts. */
export class ReviewIndex1795742863523 implements MigrationInterface {
  readonly name = 'ReviewIndex1795742863523';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(
      'CREATE INDEX `IDX_9fa24de37c6c5a9fe1bd5fcdc0` ON `mark` (`lessonId`, `sampleId`, `strand`, `test`, `attribute`, `studentId`, `stands`, `max`, `open`)',
    );
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('DROP INDEX `IDX_9fa24de37c6c5a9fe1bd5fcdc0` ON `mark`');
  }
}
