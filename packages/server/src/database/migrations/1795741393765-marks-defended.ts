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

/** Marks say what they are of and what stands; schemes, absences, what was given out, second markers, questions, corrected samples and erasures are kept. */
export class MarksDefended1795741393765 implements MigrationInterface {
  readonly name = 'MarksDefended1795741393765';

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
    await queryRunner.query(
      'CREATE INDEX `IDX_9fa24de37c6c5a9fe1bd5fcdc0` ON `mark` (`lessonId`, `sampleId`, `strand`, `test`, `attribute`, `studentId`, `stands`, `max`, `open`)',
    );
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
    await queryRunner.query(
      'CREATE TABLE `erasure` (`id` char(36) NOT NULL, `schoolId` char(36) NOT NULL, `way` varchar(8) NOT NULL, `className` varchar(60) NOT NULL, `went` longtext NOT NULL, `staffId` char(36) NOT NULL, `at` datetime(3) NOT NULL, INDEX `IDX_aebb1044806c3f162361f11047` (`staffId`), INDEX `IDX_bc11b52d328b1f7b4bb5484794` (`schoolId`, `at`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
    );
    await queryRunner.query('ALTER TABLE `school` ADD `keepNames_months` int NULL');
    await queryRunner.query(
      'ALTER TABLE `erasure` ADD CONSTRAINT `FK_50201abdbfeaf6d228cb9822236` FOREIGN KEY (`schoolId`) REFERENCES `school`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await queryRunner.query(
      'ALTER TABLE `erasure` ADD CONSTRAINT `FK_aebb1044806c3f162361f110478` FOREIGN KEY (`staffId`) REFERENCES `staff`(`id`) ON DELETE RESTRICT ON UPDATE NO ACTION',
    );
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
    await queryRunner.query('ALTER TABLE `erasure` DROP FOREIGN KEY `FK_aebb1044806c3f162361f110478`');
    await queryRunner.query('ALTER TABLE `erasure` DROP FOREIGN KEY `FK_50201abdbfeaf6d228cb9822236`');
    await queryRunner.query('ALTER TABLE `school` DROP COLUMN `keepNames_months`');
    await queryRunner.query('DROP INDEX `IDX_bc11b52d328b1f7b4bb5484794` ON `erasure`');
    await queryRunner.query('DROP INDEX `IDX_aebb1044806c3f162361f11047` ON `erasure`');
    await queryRunner.query('DROP TABLE `erasure`');
    for (const what of ['update', 'delete']) await queryRunner.query(`DROP TRIGGER sample_held_no_${what}`);
    await queryRunner.query('ALTER TABLE `sample_held` DROP FOREIGN KEY `FK_375d94d6959a161edb619fc2ab4`');
    await queryRunner.query('ALTER TABLE `sample_held` DROP FOREIGN KEY `FK_a196450552079e5d0c179d8a3ae`');
    await queryRunner.query('ALTER TABLE `sample_held` DROP FOREIGN KEY `FK_4e806ec3fac6b98fa53278da445`');
    await queryRunner.query('DROP INDEX `IDX_c3b4c0de96fe52688c1e020e1d` ON `sample_held`');
    await queryRunner.query('DROP INDEX `IDX_375d94d6959a161edb619fc2ab` ON `sample_held`');
    await queryRunner.query('DROP INDEX `IDX_a196450552079e5d0c179d8a3a` ON `sample_held`');
    await queryRunner.query('DROP TABLE `sample_held`');
    await queryRunner.query('ALTER TABLE `mark_question` DROP FOREIGN KEY `FK_2d8f91e6c4c841f4fd5ef877c80`');
    await queryRunner.query('ALTER TABLE `mark_question` DROP FOREIGN KEY `FK_81891973ad6e43bcd819d3bb48f`');
    await queryRunner.query('ALTER TABLE `mark_question` DROP FOREIGN KEY `FK_4fd35d017d5b256cc36e6943138`');
    await queryRunner.query('DROP INDEX `IDX_53b178364f5bfe6deb68ef5dcc` ON `mark_question`');
    await queryRunner.query('DROP INDEX `IDX_2d8f91e6c4c841f4fd5ef877c8` ON `mark_question`');
    await queryRunner.query('DROP INDEX `IDX_81891973ad6e43bcd819d3bb48` ON `mark_question`');
    await queryRunner.query('DROP TABLE `mark_question`');
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
    await queryRunner.query('DROP INDEX `IDX_9fa24de37c6c5a9fe1bd5fcdc0` ON `mark`');
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
