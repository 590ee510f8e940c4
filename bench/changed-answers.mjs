// The reader on answers changed in known ways: how often points change against what the change means, and what goes to a
// person, by kind; beside the same answers unchanged in the same run.
import { changedAnswers } from '../packages/core/dist/marking/corpus/changes.js';
import { corpusLines, corpusSets } from '../packages/core/dist/marking/corpus/read-corpus.js';
import { mark } from '../packages/core/dist/marking/mark.js';

const rounds = Number(process.env.ROUNDS ?? 7);
const all = corpusSets.flatMap((set) => corpusLines(set)).filter((line) => !line.disputed);
const asTheyStand = all.map((line) => ({ line, got: mark(line.syllabus, line.item, line.answer) }));
const lines = asTheyStand
  .filter(({ line, got }) => got.verdict !== 'review' && got.points === line.points)
  .map(({ line }) => line);

const started = performance.now();
const kinds = new Map();
for (const { change, line, answer } of changedAnswers(lines, rounds)) {
  const of = kinds.get(change.kind) ?? { tried: 0, wrong: 0, person: 0 };
  kinds.set(change.kind, of);
  of.tried++;
  const got = mark(line.syllabus, line.item, answer);
  if (got.verdict === 'review') of.person++;
  else if (change.effect === 'keeps' ? got.points !== line.points : got.points >= line.points) of.wrong++;
}
const seconds = (performance.now() - started) / 1000;
const share = (n, of) => `${((100 * n) / of).toFixed(2)} %`;
const rows = [...kinds].map(([kind, of]) => [
  kind,
  of.tried,
  share(of.wrong, of.tried),
  share(of.person, of.tried),
]);
const sum = [...kinds.values()].reduce(
  (a, b) => ({ tried: a.tried + b.tried, wrong: a.wrong + b.wrong, person: a.person + b.person }),
  { tried: 0, wrong: 0, person: 0 },
);
console.log('| change | answers | points changed against it | to a person |\n|---|---|---|---|');
for (const row of [
  ...rows,
  ['**all**', sum.tried, share(sum.wrong, sum.tried), share(sum.person, sum.tried)],
])
  console.log(`| ${row.join(' | ')} |`);
console.log(
  `baseline, ${all.length} answers as they stand: ${share(asTheyStand.filter(({ line, got }) => got.verdict !== 'review' && got.points !== line.points).length, all.length)} wrong, ${share(asTheyStand.filter(({ got }) => got.verdict === 'review').length, all.length)} to a person; ${Math.round(sum.tried / seconds)} changed answers a second`,
);
