/** What a demo group might have logged: mostly right, with the slips a class really makes. Seeded, so it repeats. */
import { outcomeOf, testOf, ionOf, cationIn, type SampleRole, type StudentBody } from '@kivex/core';
import { demoWords } from './demo-data.js';

export interface DemoSample {
  readonly id: string;
  readonly role: SampleRole;
  readonly ions: readonly string[];
}
export interface DemoStep {
  /** Which student of the group, by place. */
  readonly by: number;
  readonly body: StudentBody;
  /** Places in the list of steps whose ids the body refers to. */
  readonly refersTo?: readonly number[];
}

/** A colour a careful student would log for these ions, now and then a slip. */
function colourFor(ions: readonly string[], random: () => number): Record<string, string> {
  const ion = cationIn(ions) ?? '';
  const shows = outcomeOf(testOf('flame'), ion)?.shows ?? {};
  const pick = (list: readonly string[] = ['none']) =>
    random() < 0.75 ? list[0]! : list[Math.floor(random() * list.length)]!;
  const slip = random();
  if (slip < 0.2 && ion !== 'Na+')
    return { colour: 'yellow', throughBlueGlass: pick(shows['throughBlueGlass']) };
  if (slip < 0.4 && ion === 'Cu2+') return { colour: 'apple-green' };
  return random() < 0.6
    ? { colour: pick(shows['colour']), throughBlueGlass: pick(shows['throughBlueGlass']) }
    : { colour: pick(shows['colour']) };
}

/** The ion a student would name from a record. */
function nameFrom(seen: Record<string, string>, truth: readonly string[], random: () => number): string {
  const byColour: Record<string, string> = {
    crimson: 'lithium',
    red: 'lithium',
    'brick-red': 'calcium',
    'orange-red': 'calcium',
    yellow: 'sodium',
    lilac: 'potassium',
    'blue-green': 'copper',
    'apple-green': 'copper',
  };
  const glass = seen['throughBlueGlass'];
  if (seen['colour'] === 'yellow' && (glass === 'crimson' || glass === 'lilac') && random() < 0.5)
    return 'potassium';
  if (random() < 0.2) return ionOf(cationIn(truth)!).id;
  return byColour[seen['colour'] ?? ''] ?? 'sodium';
}

/**
 * The entries of one group, in order.
 * @param share how far through its samples the group is, 0 to 1.
 */
export function demoWork(
  samples: readonly DemoSample[],
  students: number,
  share: number,
  random: () => number,
): DemoStep[] {
  const steps: DemoStep[] = [];
  const due = Math.round(samples.length * share);
  for (const sample of samples.slice(0, due)) {
    const seen = colourFor(sample.ions, random);
    const list = demoWords[seen['colour'] ?? ''] ?? [''];
    const words = list[Math.floor(random() * list.length)];
    const doubtful = random() < 0.08;
    const observation = {
      type: 'observation',
      sample: sample.id,
      test: 'flame',
      variant: 'wire',
      seen,
      ...(words ? { words } : {}),
      ...(doubtful ? { doubtful } : {}),
    } as const;
    steps.push({ by: Math.floor(random() * students), body: observation });
    let evidence = steps.length - 1;
    if (doubtful || (seen['colour'] === 'yellow' && random() < 0.4)) {
      steps.push({
        by: Math.floor(random() * students),
        body: {
          type: 'observation',
          sample: sample.id,
          test: 'flame',
          variant: 'wire',
          seen: colourFor(sample.ions, random),
        },
      });
      evidence = steps.length - 1;
    }
    if (sample.role === 'unknown') {
      for (let student = 0; student < students; student++) {
        const last = steps[evidence]!.body as { seen: Record<string, string> };
        steps.push({
          by: student,
          body: {
            type: 'naming',
            sample: sample.id,
            answer: nameFrom(last.seen, sample.ions, random),
            evidence: [],
          },
          refersTo: [evidence],
        });
      }
    }
  }
  if (share >= 1)
    for (let student = 0; student < students; student++)
      steps.push({ by: student, body: { type: 'hand-in' } });
  return steps;
}
