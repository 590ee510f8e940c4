// A year of a school: 200 lessons of 32 reports of the demo's full salt, counted for Review. The baseline reads the rows of
// the marks themselves, without the index that holds what is counted, in the same run.
import { dataSourceFor } from '../packages/server/dist/database/data-source.js';
import { countsQuery } from '../packages/server/dist/review/school-review.service.js';
import { median, openKivex } from './kivex.mjs';

const lessons = 200;
const rounds = 5;

/** Copies the demo's marked lesson, reports and all; its equations are copied from what was seen, so that a report has 40 and more marks. */
async function year(source, id) {
  const samples = await source.query('SELECT id FROM lesson_sample WHERE lessonId = ?', [id]);
  const columns = async (table, but) => {
    const rows = await source.query(
      'SELECT column_name name FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name = ?',
      [table],
    );
    return rows.map((r) => r.name).filter((name) => !but.includes(name));
  };
  const copy = async (table, but, values, where) => {
    const rest = (await columns(table, but)).map((c) => `\`${c}\``);
    await source.query(
      `INSERT INTO ${table} (${[...but.map((c) => `\`${c}\``), ...rest].join(', ')}) SELECT ${[...values, ...rest].join(', ')} FROM ${table} WHERE ${where}`,
    );
  };
  for (let i = 0; i < lessons; i++) {
    const own = `concat('${String(i).padStart(4, '0')}', substr(id, 5))`;
    const lesson = `${String(i).padStart(4, '0')}${id.slice(4)}`;
    const sample = `concat('${String(i).padStart(4, '0')}', substr(sampleId, 5))`;
    const group = `concat('${String(i).padStart(4, '0')}', substr(groupId, 5))`;
    await copy(
      'lesson',
      ['id', 'joinCode'],
      [`'${lesson}'`, `'x${String(i).padStart(5, '0')}'`],
      `id = '${id}'`,
    );
    await copy('lesson_group', ['id', 'lessonId'], [own, `'${lesson}'`], `lessonId = '${id}'`);
    await copy('lesson_sample', ['id', 'lessonId'], [own, `'${lesson}'`], `lessonId = '${id}'`);
    await copy('lesson_seat', ['lessonId', 'groupId'], [`'${lesson}'`, group], `lessonId = '${id}'`);
    await copy('mark', ['id', 'lessonId', 'sampleId'], [own, `'${lesson}'`, sample], `lessonId = '${id}'`);
    await copy(
      'mark',
      ['id', 'lessonId', 'sampleId', 'strand', 'itemKey'],
      [`concat('e', substr(${own}, 2))`, `'${lesson}'`, sample, `'equation'`, `concat('e:', itemKey)`],
      `lessonId = '${id}' AND strand = 'observation'`,
    );
  }
  return samples.length;
}

export async function schoolReview(url) {
  const kivex = await openKivex(url);
  const source = await dataSourceFor(url).initialize();
  const [{ id }] = await source.query(
    "SELECT l.id FROM lesson l JOIN practical_version v ON v.id = l.practicalVersionId WHERE l.state = 'marking' AND v.document LIKE '%in own words%' LIMIT 1",
  );
  await kivex.json(`/api/lessons/${id}/marks`, kivex.staff);
  await year(source, id);
  await source.query('ANALYZE TABLE mark');
  const time = async (work) => {
    const times = [];
    for (let i = 0; i < rounds; i++) {
      const began = performance.now();
      await work();
      times.push(performance.now() - began);
    }
    return `${Math.round(median(times))} ms (first ${Math.round(times[0])})`;
  };
  const ids = (await source.query("SELECT id FROM lesson WHERE state IN ('marking', 'released')")).map(
    (r) => r.id,
  );
  const [{ n }] = await source.query('SELECT COUNT(*) n FROM mark');
  const counted = await time(() => source.query(countsQuery(ids.length), ids));
  const rows = await time(() =>
    source.query(
      countsQuery(ids.length).replace(
        'FROM mark m',
        'FROM mark m IGNORE INDEX (IDX_9fa24de37c6c5a9fe1bd5fcdc0)',
      ),
      ids,
    ),
  );
  const whole = await time(() => kivex.json('/api/review', kivex.staff));
  // A thousand decisions, spread over the year, each another point than was computed.
  await source.query(
    `INSERT INTO mark_change (id, markId, decisionId, undoes, points, answer, reason, staffId, at)
     SELECT UUID(), m.id, UUID(), NULL, 1 - m.points, m.answer, 'tried', (SELECT id FROM staff LIMIT 1), NOW(3)
     FROM mark m WHERE m.strand = 'observation' AND m.max = 1 AND m.answer <> '' ORDER BY m.id DESC LIMIT 1000`,
  );
  await source.query(
    "UPDATE mark m JOIN mark_change c ON c.markId = m.id AND c.reason = 'tried' SET m.stands = c.points, m.open = 0",
  );
  const unlike = await time(() => kivex.json('/api/review/fairness', kivex.staff));
  const eight = ids.slice(0, 8);
  const ofEight = await time(() => source.query(countsQuery(8), eight));
  const plan = await source.query(`EXPLAIN ${countsQuery(8)}`, eight);
  await source.destroy();
  await kivex.stop();
  return [
    `a year of a school: ${ids.length} lessons, ${n} marks`,
    `  counting all items by the rows themselves: ${rows} (baseline)`,
    `  counting all items by the index:           ${counted}`,
    `  the page's answer:                         ${whole} (aim: 1,500 ms)`,
    `  same answer, other mark, beside 1,000 decisions: ${unlike}`,
    `  eight lessons:                             ${ofEight} (aim: 300 ms)`,
    ...plan.map((r) => `  plan: ${r.table} ${r.type} ${r.key ?? '-'} ${r.rows} rows ${r.Extra}`),
  ];
}
