/** Reads syllabus files: the form against the schema, the sense against the tests. */
import { schemaProblems, type FileProblem } from '../formats/schema-problems.js';
import { isColourTerm } from '../reading/colour-terms.js';
import { testOf } from '../identification-tests/tests.js';
import { ownAnswerProblem } from './own-answers.js';
import { ownWordProblem } from './own-words.js';
import type { Syllabus, Wording } from './syllabus-definition.js';
import { syllabusUpToDate, syllabusVersion } from './syllabus-versions.js';
import { syllabusSchema } from './syllabus-schema.js';

export type ReadSyllabus = { readonly syllabus: Syllabus } | { readonly problems: readonly FileProblem[] };

const levels = ['strict', 'standard', 'generous', 'borderline'] as const;

function wordProblems(where: string, wording: Wording, own: readonly string[]): FileProblem[] {
  const problems: FileProblem[] = [];
  for (const level of levels)
    for (const term of wording[level] ?? [])
      if (!isColourTerm(term) && !own.includes(term))
        problems.push({
          where: `${where}, ${level}`,
          text: `“${term}” is not a colour word Kivex reads; choose one of its own, such as brown or pale-green.`,
        });
  const earning = [...wording.strict, ...(wording.standard ?? []), ...(wording.generous ?? [])];
  const twice = earning.find((t, i) => earning.indexOf(t) !== i);
  if (twice !== undefined) problems.push({ where, text: `“${twice}” stands at two levels; keep it at one.` });
  if (!earning.length) problems.push({ where, text: 'No word earns here; add at least one.' });
  return problems;
}

/**
 * Reads a syllabus of any version from parsed JSON.
 * @returns the syllabus, or sentences that say what to change and where.
 */
export function readSyllabus(document: unknown): ReadSyllabus {
  const now = syllabusUpToDate(document);
  const version = (now as { formatVersion?: unknown } | null)?.formatVersion;
  if (typeof version === 'number' && version > syllabusVersion)
    return {
      problems: [
        {
          where: 'formatVersion',
          text: `This file is of version ${version}, newer than this Kivex (${syllabusVersion}). Update Kivex first.`,
        },
      ],
    };
  const form = schemaProblems(syllabusSchema, now);
  if (form.length) return { problems: form };
  const syllabus = now as Syllabus;
  const problems: FileProblem[] = [];
  syllabus.tests.forEach(({ test: id, variant, attributes }, i) => {
    const test = testOf(id);
    if (!test.variants.some((v) => v.id === variant))
      problems.push({
        where: `tests ${i + 1}, variant`,
        text: `${test.name} has no variant “${variant}”; it has ${test.variants.map((v) => v.id).join(', ')}.`,
      });
    const stranger = attributes.find((a) => !test.attributes.some((x) => x.id === a));
    if (stranger !== undefined)
      problems.push({
        where: `tests ${i + 1}, attributes`,
        text: `${test.name} has no attribute “${stranger}”; it has ${test.attributes.map((a) => a.id).join(', ')}.`,
      });
  });
  for (const [test, byAttribute] of Object.entries(syllabus.wording))
    for (const [attribute, byIon] of Object.entries(byAttribute))
      for (const [ion, wording] of Object.entries(byIon))
        problems.push(...wordProblems(`wording, ${test}, ${attribute}, ${ion}`, wording, ['none']));
  for (const [kind, byValue] of Object.entries(syllabus.values))
    for (const [value, wording] of Object.entries(byValue ?? {}))
      problems.push(...wordProblems(`values, ${kind}, ${value}`, wording, [value, 'none', 'silver']));
  syllabus.ownWords?.forEach((word, i, all) => {
    const text = ownWordProblem(word, all.slice(0, i));
    if (text) problems.push({ where: `own words ${i + 1}`, text });
  });
  syllabus.ownAnswers?.forEach((own, i, all) => {
    const text = ownAnswerProblem(own, all.slice(0, i));
    if (text) problems.push({ where: `own answers ${i + 1}`, text });
  });
  if (!syllabus.tests.length)
    problems.push({ where: 'tests', text: 'A syllabus needs at least one test; add one.' });
  return problems.length ? { problems: problems.slice(0, 20) } : { syllabus };
}
