import type { MigrationInterface, QueryRunner } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';

/** The things an older key of a mark said: its first thing looked at named neither test nor attribute. */
interface OldMark {
  readonly id: string;
  readonly itemKey: string;
  readonly strand: string;
  readonly document: string;
}
/** A mark that students had been shown. */
interface ShownMark {
  readonly lessonId: string;
  readonly studentId: string;
  readonly teacherId: string;
  readonly at: Date;
  readonly itemKey: string;
  readonly strand: string;
  readonly sampleId: string;
  readonly test: string | null;
  readonly attribute: string | null;
  readonly answer: string;
  readonly points: number;
  readonly max: number;
  readonly why: string;
  readonly reason: string | null;
  readonly given: number | null;
  readonly decisionId: string | null;
  readonly logTo: string | null;
}

/** The last decision of a mark that judged the answer there is now. */
const lastDecision =
  'LEFT JOIN mark_change c ON c.id = (SELECT d.id FROM mark_change d WHERE d.markId = m.id AND d.answer = m.answer ORDER BY d.at DESC, d.id DESC LIMIT 1)';

/** Marks say what they are of, and what stands of them; schemes, absences and what was given out are kept. */
export class MarkSchemes1795741393765 implements MigrationInterface {
  readonly name = 'MarkSchemes1795741393765';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(
      'CREATE TABLE `mark_scheme` (`id` char(36) NOT NULL, `lessonId` char(36) NOT NULL, `scheme` longtext NOT NULL, `reason` varchar(500) NOT NULL, `undoes` char(36) NULL, `staffId` char(36) NOT NULL, `at` datetime(3) NOT NULL, INDEX `IDX_a339b61d3a7db0c0ae8107e565` (`staffId`), INDEX `IDX_525340e4a0512bc90014b3c685` (`lessonId`, `at`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query(
      'CREATE TABLE `mark_release` (`id` char(36) NOT NULL, `lessonId` char(36) NOT NULL, `studentId` char(36) NOT NULL, `marks` longtext NOT NULL, `staffId` char(36) NOT NULL, `at` datetime(3) NOT NULL, `withdrawnAt` datetime(3) NULL, `withdrawnById` char(36) NULL, INDEX `IDX_8503b4e9f67516f59cfdc3c6e6` (`studentId`), INDEX `IDX_85bad8550ea31822858bb6db2e` (`staffId`), INDEX `IDX_b8229a16a620cd8a3b51199eb8` (`withdrawnById`), INDEX `IDX_dfe80f2f0c5538f584eeab5720` (`lessonId`, `studentId`, `at`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query('ALTER TABLE `lesson_seat` ADD `absent` tinyint NOT NULL DEFAULT 0');
    await queryRunner.query('ALTER TABLE `mark` ADD `test` varchar(40) NULL');
    await queryRunner.query('ALTER TABLE `mark` ADD `attribute` varchar(40) NULL');
    await queryRunner.query('ALTER TABLE `mark` ADD `stands` int NOT NULL');
    await queryRunner.query('ALTER TABLE `mark` ADD `open` tinyint NOT NULL');
    await this.sayItems(queryRunner);
    await queryRunner.query(
      `UPDATE mark m ${lastDecision} SET m.stands = COALESCE(c.points, m.points), m.open = (c.points IS NULL AND (m.verdict = 'review' OR EXISTS (SELECT 1 FROM mark_change e WHERE e.markId = m.id AND e.points IS NOT NULL AND c.id IS NULL)))`,
    );
    await queryRunner.query(
      'ALTER TABLE `mark_scheme` ADD CONSTRAINT `FK_4e7e180742e2fb4ceac4e12ae6d` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `mark_scheme` ADD CONSTRAINT `FK_a339b61d3a7db0c0ae8107e565d` FOREIGN KEY (`staffId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `mark_release` ADD CONSTRAINT `FK_edc2381227371d9443184f0c8e8` FOREIGN KEY (`lessonId`) REFERENCES `lesson`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `mark_release` ADD CONSTRAINT `FK_8503b4e9f67516f59cfdc3c6e6a` FOREIGN KEY (`studentId`) REFERENCES `student`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `mark_release` ADD CONSTRAINT `FK_85bad8550ea31822858bb6db2e1` FOREIGN KEY (`staffId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `mark_release` ADD CONSTRAINT `FK_b8229a16a620cd8a3b51199eb8d` FOREIGN KEY (`withdrawnById`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
    for (const what of ['UPDATE', 'DELETE'])
      await queryRunner.query(
        `CREATE TRIGGER mark_scheme_no_${what.toLowerCase()} BEFORE ${what} ON mark_scheme FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'A mark scheme that was set is kept for good: set another.'`,
      );
    await this.keepWhatIsOut(queryRunner);
  }

  /** Writes of each mark which test and what of it. */
  private async sayItems(queryRunner: QueryRunner): Promise<void> {
    const marks = (await queryRunner.query(
      'SELECT m.id, m.itemKey, m.strand, v.document FROM mark m JOIN lesson l ON l.id = m.lessonId JOIN practical_version v ON v.id = l.practicalVersionId',
    )) as OldMark[];
    for (const { id, itemKey, strand, document } of marks) {
      const [, , keyTest, keyAttribute] = itemKey.split(':');
      const [first] = (JSON.parse(document) as { tests: { test: string; attributes: string[] }[] }).tests;
      const [test, attribute] =
        strand === 'technique'
          ? [itemKey.split(':')[1], undefined]
          : strand === 'equation'
            ? [keyTest, undefined]
            : strand === 'observation'
              ? [keyTest ?? first?.test, keyAttribute ?? first?.attributes[0]]
              : [undefined, undefined];
      await queryRunner.query('UPDATE mark SET test = ?, attribute = ? WHERE id = ?', [
        test ?? null,
        attribute ?? null,
        id,
      ]);
    }
  }

  /** What students could see until now, they go on seeing as it was. */
  private async keepWhatIsOut(queryRunner: QueryRunner): Promise<void> {
    const shown = (await queryRunner.query(
      `SELECT m.lessonId, m.studentId, l.teacherId, l.releasedAt at, m.itemKey, m.strand, m.sampleId, m.test, m.attribute, m.answer, m.stands points, m.max, m.why, c.reason, c.points given, c.decisionId, (SELECT g.markedSeq FROM lesson_seat s JOIN lesson_group g ON g.id = s.groupId WHERE s.lessonId = m.lessonId AND s.studentId = m.studentId) logTo FROM mark m JOIN lesson l ON l.id = m.lessonId ${lastDecision} WHERE l.state = 'released' AND l.releasedAt IS NOT NULL`,
    )) as ShownMark[];
    const students = new Map<string, ShownMark[]>();
    for (const mark of shown) {
      const key = `${mark.lessonId} ${mark.studentId}`;
      students.set(key, [...(students.get(key) ?? []), mark]);
    }
    for (const own of students.values()) {
      const { lessonId, studentId, teacherId, at, logTo } = own[0]!;
      const items = own.map((m) => ({
        key: m.itemKey,
        strand: m.strand,
        sample: m.sampleId,
        test: m.test,
        attribute: m.attribute,
        answer: m.answer,
        points: m.points,
        max: m.max,
        weight: 1,
        why: m.given === null ? (JSON.parse(m.why) as { text: string }[]).map((w) => w.text) : [m.reason],
        decision: m.given === null ? null : m.decisionId,
      }));
      const sum = (of: 'points' | 'max') => items.reduce((n, item) => n + item[of], 0);
      const marks = {
        points: sum('points'),
        max: sum('max'),
        late: false,
        items,
        scheme: null,
        logTo: Number(logTo ?? 0),
      };
      await queryRunner.query(
        'INSERT INTO mark_release (id, lessonId, studentId, marks, staffId, at) VALUES (?, ?, ?, ?, ?, ?)',
        [uuidv7(), lessonId, studentId, JSON.stringify(marks), teacherId, at],
      );
    }
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    for (const what of ['update', 'delete']) await queryRunner.query(`DROP TRIGGER mark_scheme_no_${what}`);
    await queryRunner.query('ALTER TABLE `mark_release` DROP FOREIGN KEY `FK_b8229a16a620cd8a3b51199eb8d`');
    await queryRunner.query('ALTER TABLE `mark_release` DROP FOREIGN KEY `FK_85bad8550ea31822858bb6db2e1`');
    await queryRunner.query('ALTER TABLE `mark_release` DROP FOREIGN KEY `FK_8503b4e9f67516f59cfdc3c6e6a`');
    await queryRunner.query('ALTER TABLE `mark_release` DROP FOREIGN KEY `FK_edc2381227371d9443184f0c8e8`');
    await queryRunner.query('ALTER TABLE `mark_scheme` DROP FOREIGN KEY `FK_a339b61d3a7db0c0ae8107e565d`');
    await queryRunner.query('ALTER TABLE `mark_scheme` DROP FOREIGN KEY `FK_4e7e180742e2fb4ceac4e12ae6d`');
    await queryRunner.query('ALTER TABLE `mark` DROP COLUMN `open`');
    await queryRunner.query('ALTER TABLE `mark` DROP COLUMN `stands`');
    await queryRunner.query('ALTER TABLE `mark` DROP COLUMN `attribute`');
    await queryRunner.query('ALTER TABLE `mark` DROP COLUMN `test`');
    await queryRunner.query('ALTER TABLE `lesson_seat` DROP COLUMN `absent`');
    await queryRunner.query('DROP INDEX `IDX_dfe80f2f0c5538f584eeab5720` ON `mark_release`');
    await queryRunner.query('DROP INDEX `IDX_b8229a16a620cd8a3b51199eb8` ON `mark_release`');
    await queryRunner.query('DROP INDEX `IDX_85bad8550ea31822858bb6db2e` ON `mark_release`');
    await queryRunner.query('DROP INDEX `IDX_8503b4e9f67516f59cfdc3c6e6` ON `mark_release`');
    await queryRunner.query('DROP TABLE `mark_release`');
    await queryRunner.query('DROP INDEX `IDX_525340e4a0512bc90014b3c685` ON `mark_scheme`');
    await queryRunner.query('DROP INDEX `IDX_a339b61d3a7db0c0ae8107e565` ON `mark_scheme`');
    await queryRunner.query('DROP TABLE `mark_scheme`');
  }
}
