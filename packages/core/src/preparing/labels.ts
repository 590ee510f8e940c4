/** What stands on labels: bottles of reagents and knowns with their hazards, jars of unknowns with nothing that tells. */
import type { ReagentId } from '../hazards/reagents.js';
import { codeAndText, pictogramsFor, signalWord, type Pictogram } from '../hazards/statements.js';
import type { LessonNeeds } from './lesson-needs.js';

export interface Label {
  readonly key: string;
  readonly title: string;
  /** Strength, or what is allowed to be said. */
  readonly line: string;
  readonly signal: 'Danger' | 'Warning' | null;
  readonly statements: readonly string[];
  readonly pictograms: readonly Pictogram[];
  /** yyyy-mm-dd. */
  readonly made: string;
  readonly expires: string | null;
  readonly batch: string;
  /** What the QR code opens, from the root of the address. */
  readonly path: string;
  readonly copies: number;
  readonly secret: boolean;
  /** What must stand on the bottle beside its hazards: whose it is, what it never meets. */
  readonly mind?: string;
}

export interface LabelWishes {
  readonly lesson: string;
  readonly lessonId: string;
  /** yyyy-mm-dd. */
  readonly made: string;
  readonly batch: string;
  /** What is written on each sample: a jar's code, a known's name; and the sample's id for the QR code. */
  readonly names: Readonly<Record<string, { readonly label: string; readonly id: string }>>;
  readonly keepsWeeks: (reagent: string) => number;
}

const day = 86_400_000;
const later = (iso: string, weeks: number): string =>
  new Date(Date.parse(`${iso}T00:00:00Z`) + weeks * 7 * day).toISOString().slice(0, 10);

/** General cautions stand on every unknown alike, whatever it holds: the gravest words of all of them together. */
function sharedHazard(needs: LessonNeeds): readonly string[] {
  const codes = new Set(
    needs.samples.filter((s) => s.role === 'unknown').flatMap((s) => s.hazard.statements),
  );
  return [...codes].sort();
}

/** Reagents that make with each other what must never be kept: what stands on both bottles. */
const neverKeptTogether: readonly {
  readonly of: readonly [ReagentId, ReagentId];
  readonly text: string;
}[] = [
  {
    of: ['AgNO3', 'NH3'],
    text: 'Never keep silver with ammonia: it can explode. Acidify with dilute nitric acid at once.',
  },
];
function mindOf(need: LessonNeeds['reagents'][number], { reagents }: LessonNeeds): { mind?: string } {
  const others = new Set(reagents.map((r) => r.reagent));
  const texts = [
    ...(need.stands === 'staff' ? ['Staff only: handed out by the teacher.'] : []),
    ...neverKeptTogether.flatMap(({ of: [a, b], text }) =>
      (need.reagent === a && others.has(b)) || (need.reagent === b && others.has(a)) ? [text] : [],
    ),
  ];
  return texts.length ? { mind: texts.join(' ') } : {};
}

/**
 * The labels of a lesson: one for each bottle to fill. Unknowns bear their code and the hazards of all
 * unknowns together, so that no label tells one jar from another.
 */
export function labelsFor(
  needs: LessonNeeds,
  { lesson, lessonId, made, batch, names, keepsWeeks }: LabelWishes,
): Label[] {
  const hazardous = (codes: readonly string[]) => ({
    signal: signalWord(codes),
    statements: codes.map(codeAndText),
    pictograms: pictogramsFor(codes),
  });
  const reagents = needs.reagents
    .filter((need) => need.make_mL !== null || need.reagent === 'hexane')
    .map((need): Label => {
      const weeks = keepsWeeks(need.reagent);
      return {
        key: `reagent:${need.key}`,
        title: need.name.split(',')[0]!,
        line: need.molarity === null ? '' : `${need.molarity} mol/dm³`,
        ...hazardous(need.hazard.statements),
        made,
        expires: weeks ? later(made, weeks) : made,
        batch,
        path: `/lessons/${lessonId}/prepare?part=make&item=${encodeURIComponent(need.key)}`,
        copies: need.bottles,
        secret: false,
        ...mindOf(need, needs),
      };
    });
  const shared = sharedHazard(needs);
  const samples = needs.samples
    .filter((need) => need.portions > 0 && names[need.key])
    .map((need): Label => {
      const { label, id } = names[need.key]!;
      const secret = need.role === 'unknown';
      return {
        key: `sample:${need.key}`,
        title: label,
        line: secret ? lesson : need.molarity === null ? need.form : `${need.molarity} mol/dm³`,
        ...hazardous(secret ? shared : need.hazard.statements),
        made,
        // A date of its own would tell iron(II), which is made on the day, from the rest.
        expires: null,
        batch: secret ? '' : batch,
        path: `/jar/${id}`,
        copies: need.portions,
        secret,
      };
    });
  return [...reagents, ...samples];
}
