import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Decisions on marks keep the answer they judged, and the database refuses to alter or remove one. */
export class MarkDecisions1795733632664 implements MigrationInterface {
  readonly name = 'MarkDecisions1795733632664';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query('ALTER TABLE `mark_change` ADD `decisionId` char(36) NOT NULL');
    await queryRunner.query('ALTER TABLE `mark_change` ADD `undoes` char(36) NULL');
    await queryRunner.query('ALTER TABLE `mark_change` ADD `answer` text NOT NULL');
    await queryRunner.query('ALTER TABLE `mark_change` CHANGE `points` `points` int NULL');
    // What earlier decisions judged was not kept: they are taken to be of the answer that is there now.
    await queryRunner.query(
      'UPDATE `mark_change` c JOIN `mark` m ON m.`id` = c.`markId` SET c.`decisionId` = c.`id`, c.`answer` = m.`answer`',
    );
    await queryRunner.query('CREATE INDEX `IDX_07f9ce3ad807ca9956573fd12b` ON `mark_change` (`decisionId`)');
    for (const what of ['UPDATE', 'DELETE'])
      await queryRunner.query(
        `CREATE TRIGGER mark_change_no_${what.toLowerCase()} BEFORE ${what} ON mark_change FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'A decision on a mark is kept for good: add another.'`,
      );
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    for (const what of ['update', 'delete']) await queryRunner.query(`DROP TRIGGER mark_change_no_${what}`);
    await queryRunner.query('DROP INDEX `IDX_07f9ce3ad807ca9956573fd12b` ON `mark_change`');
    await queryRunner.query('DELETE FROM `mark_change` WHERE `points` IS NULL');
    await queryRunner.query('ALTER TABLE `mark_change` CHANGE `points` `points` int NOT NULL');
    await queryRunner.query('ALTER TABLE `mark_change` DROP COLUMN `answer`');
    await queryRunner.query('ALTER TABLE `mark_change` DROP COLUMN `undoes`');
    await queryRunner.query('ALTER TABLE `mark_change` DROP COLUMN `decisionId`');
  }
}
