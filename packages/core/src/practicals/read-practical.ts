/** Reads practical files: brings old versions up to date, checks the form against the schema and the sense against the chemistry. */
import { schemaProblems, type FileProblem } from '../formats/schema-problems.js';
import { readSyllabus } from '../syllabus/read-syllabus.js';
import { anionIn, cationIn, isGasId, isIonId, isMetalId } from '../species/species.js';
import { allSyllabuses } from '../syllabus/syllabuses.js';
import { testOf } from '../identification-tests/tests.js';
import { keptSample, whyNotKept } from './kept-liquid.js';
import { practicalVersion, upToDate } from './practical-versions.js';
import { practicalSchema } from './practical-schema.js';
import type { Practical, PracticalSample } from './practical.js';

export type ReadPractical = { readonly practical: Practical } | { readonly problems: readonly FileProblem[] };

function sampleProblem(sample: PracticalSample): string | undefined {
  const { ions, form, role } = sample;
  if ((role === 'kept') !== (sample.from !== undefined))
    return role === 'kept'
      ? 'A kept liquid says “from”: the sample it comes from and the test that leaves it.'
      : 'Only a kept liquid says “from”; give it the role “kept”, or take “from” out.';
  if (!ions.length)
    return form !== 'solution' || role !== 'known'
      ? 'A blank is a known, and a solution: it is deionised water.'
      : undefined;
  if (form === 'gas')
    return ions.length === 1 && isGasId(ions[0]!) ? undefined : 'A gas sample holds one gas, such as CO2.';
  if (form === 'metal')
    return ions.length === 1 && isMetalId(ions[0]!)
      ? undefined
      : 'A metal sample holds one metal, such as Mg.';
  if (!ions.every(isIonId)) return 'A solid or a solution holds ions; a gas or metal has its own form.';
  if (!cationIn(ions) || !anionIn(ions)) return 'A salt needs a cation and an anion; add the one missing.';
  if (ions.length > 2) return 'A salt here has one cation and one anion; make two samples of it.';
  return undefined;
}

/** Is a kept liquid what its test leaves of its source? */
function keptProblem(
  { samples, tests }: Practical,
  { from, ions, molarity }: PracticalSample,
): string | undefined {
  const source = samples.find((s) => s.key === from!.sample);
  if (!source) return `There is no sample “${from!.sample}” for this liquid to come from.`;
  const planned = tests.find((t) => t.test === from!.test);
  if (!planned) return `${testOf(from!.test).name} leaves this liquid and is not among the tests; add it.`;
  const left = keptSample(planned, source);
  if (!left)
    return `${testOf(from!.test).name} leaves no liquid of “${source.key}” worth keeping; take this out.`;
  if (from!.known !== left.from!.known)
    return `“${source.key}” is ${source.role === 'known' ? 'a known: say “known” in “from”' : 'no known: take “known” out of “from”'}.`;
  if (ions.join() !== left.ions.join() || molarity !== left.molarity || !planned.keeps)
    return `${testOf(from!.test).name} leaves of “${source.key}” ${left.ions.join(' and ')} at ${left.molarity} mol/dm³, and says “keeps”; write that.`;
  return undefined;
}

/** What is wrong with a practical's sense, though its form is right. */
function senseProblems(practical: Practical): FileProblem[] {
  const problems: FileProblem[] = [];
  const keys = new Set<string>();
  practical.samples.forEach((sample, i) => {
    const where = `samples ${i + 1}`;
    if (keys.has(sample.key))
      problems.push({ where, text: `The key “${sample.key}” stands twice; give each sample its own.` });
    keys.add(sample.key);
    const text = sampleProblem(sample);
    if (text) problems.push({ where, text });
  });
  practical.samples.forEach((sample, i) => {
    const text = sample.from ? keptProblem(practical, sample) : undefined;
    if (text) problems.push({ where: `samples ${i + 1}`, text });
  });
  practical.tests.forEach((planned, i) => {
    const text = planned.keeps ? whyNotKept(practical.samples, planned) : undefined;
    if (text) problems.push({ where: `tests ${i + 1}, keeps`, text });
  });
  const seen = new Set<string>();
  practical.tests.forEach(({ test: id, variant, attributes, controls = [] }, i) => {
    const where = `tests ${i + 1}`;
    const test = testOf(id);
    if (seen.has(id)) problems.push({ where, text: `${test.name} stands twice; keep one.` });
    seen.add(id);
    const method = test.variants.find((v) => v.id === variant);
    if (!method)
      problems.push({
        where: `${where}, variant`,
        text: `${test.name} has no variant “${variant}”; it has ${test.variants.map((v) => v.id).join(', ')}.`,
      });
    const stranger = attributes.find((a) => !test.attributes.some((x) => x.id === a));
    if (stranger !== undefined)
      problems.push({
        where: `${where}, attributes`,
        text: `${test.name} has no attribute “${stranger}”; it has ${test.attributes.map((a) => a.id).join(', ')}.`,
      });
    if (method && controls.some((c) => c.step >= method.steps.length))
      problems.push({
        where: `${where}, controls`,
        text: `The method has ${method.steps.length} steps, numbered from 0; choose one of them.`,
      });
  });
  practical.before.forEach(([a, b], i) => {
    const missing = [a, b].find((id) => !seen.has(id));
    if (missing !== undefined)
      problems.push({
        where: `before ${i + 1}`,
        text: `${testOf(missing).name} is not among the tests; add it or take this pair out.`,
      });
    if (a === b) problems.push({ where: `before ${i + 1}`, text: 'A test cannot come before itself.' });
  });
  if (practical.setUp + practical.clearUp >= practical.minutes)
    problems.push({
      where: 'minutes',
      text: 'Setting up and clearing up take the whole lesson; make it longer or them shorter.',
    });
  if (!practical.ownSyllabus && !allSyllabuses.some((s) => s.id === practical.syllabus))
    problems.push({
      where: 'syllabus',
      text: `No syllabus “${practical.syllabus}” ships and none is in the file; choose ${allSyllabuses.map((s) => s.id).join(', ')}, or add ownSyllabus.`,
    });
  return problems;
}

/**
 * Reads a practical from parsed JSON.
 * @returns the practical, or sentences that say what to change and where.
 */
export function readPractical(document: unknown): ReadPractical {
  const now = upToDate(document);
  if (typeof now !== 'object' || now === null || Array.isArray(now))
    return {
      problems: [
        {
          where: 'the file',
          text: 'This is not a practical: it must be a JSON object. Choose another file.',
        },
      ],
    };
  const { format, formatVersion } = now as { format?: unknown; formatVersion?: unknown };
  if (format !== 'kivex-practical')
    return {
      problems: [
        {
          where: 'format',
          text: 'This is not a practical: “format” must be “kivex-practical”. Choose another file.',
        },
      ],
    };
  if (typeof formatVersion === 'number' && formatVersion > practicalVersion)
    return {
      problems: [
        {
          where: 'formatVersion',
          text: `This file is of version ${formatVersion}, newer than this Kivex (${practicalVersion}). Update Kivex first.`,
        },
      ],
    };
  const form = schemaProblems(practicalSchema, now);
  if (form.length) return { problems: form };
  const practical = now as Practical;
  if (practical.ownSyllabus) {
    const own = readSyllabus(practical.ownSyllabus);
    if ('problems' in own)
      return { problems: own.problems.map((p) => ({ ...p, where: `ownSyllabus, ${p.where}` })) };
  }
  const sense = senseProblems(practical);
  return sense.length ? { problems: sense } : { practical };
}
