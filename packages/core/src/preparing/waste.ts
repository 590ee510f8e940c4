/** Waste by stream, with the volumes to expect. Local rules go before every word here. */
import type { SourceId } from '../sources/sources.js';
import { isDoneOn } from '../practicals/evidence.js';
import { methodOf, volumeOf } from '../practicals/method.js';
import type { PlannedTest, Practical, PracticalSample } from '../practicals/practical.js';
import { usualPrep, type LessonSize, type PrepSettings } from './lesson-needs.js';
import { takenBy } from './sample-amounts.js';

export type StreamId = 'sink' | 'heavy-metal' | 'silver' | 'barium' | 'organic' | 'solid' | 'acid';
export interface Stream {
  readonly id: StreamId;
  readonly name: string;
  readonly how: string;
  readonly source: SourceId;
}
export const streams: readonly Stream[] = [
  {
    id: 'sink',
    name: 'Sink, with plenty of water',
    how: 'Dilute, neutral or nearly so, no heavy metals.',
    source: 'school-safety',
  },
  {
    id: 'heavy-metal',
    name: 'Heavy-metal bottle',
    how: 'Labelled bottle: lead, chromium, cobalt, nickel, copper, zinc and manganese.',
    source: 'school-safety',
  },
  {
    id: 'silver',
    name: 'Silver bottle',
    how: 'Labelled brown bottle, “no ammonia”: what holds ammonia is acidified with dilute nitric acid at once, before it goes in, for silver kept with ammonia explodes. Silver is worth recovering and harms water life.',
    source: 'school-safety',
  },
  {
    id: 'barium',
    name: 'Barium bottle',
    how: 'Labelled bottle; add sulfate before it goes further, which makes it harmless.',
    source: 'school-safety',
  },
  {
    id: 'organic',
    name: 'Organic bottle',
    how: 'Labelled, vented, in the fume cupboard; never the sink, no flame.',
    source: 'school-safety',
  },
  {
    id: 'solid',
    name: 'Solid waste',
    how: 'Splints and swabs quenched and cold; powders wiped off with damp paper.',
    source: 'school-safety',
  },
  {
    id: 'acid',
    name: 'Concentrated acid',
    how: 'A bottle of its own with a vented cap, beside no carbonate, alkali or solvent. Cold, slowly into much cold water, by staff; then the sink, or the heavy-metal bottle for what holds one.',
    source: 'school-safety',
  },
];

/** Ions that may not go down the sink in any amount worth a bottle. */
const heavy: readonly string[] = ['Pb2+', 'Cr3+', 'Co2+', 'Ni2+', 'Cu2+', 'Zn2+', 'Mn2+', 'Pb', 'Zn', 'Cu'];

/** From this strength an acid boils with what other bottles hold, mol/dm3. */
const concentrated_M = 5;
const strongAcids: readonly string[] = ['H2SO4', 'HCl', 'HNO3'];

/** Where one run of a test on a sample goes: concentrated acid goes with nothing else, whatever it holds. */
export function streamFor(planned: PlannedTest, sample: PracticalSample): StreamId {
  const uses = methodOf(planned).steps.flatMap((s) => s.uses);
  const has = (id: string) => uses.some((u) => u.reagent === id);
  if (
    uses.some(
      (u) => strongAcids.includes(u.reagent) && (u.molarity ?? 0) >= concentrated_M && (u.volume_mL ?? 0) > 0,
    )
  )
    return 'acid';
  if (has('hexane')) return 'organic';
  if (has('AgNO3') || sample.ions.includes('Ag+')) return 'silver';
  if (sample.ions.some((id) => heavy.includes(id)) && sample.form !== 'gas') return 'heavy-metal';
  if (has('BaCl2') || has('Ba(NO3)2') || sample.ions.includes('Ba2+')) return 'barium';
  if (!uses.some((u) => u.volume_mL !== undefined || u.drops !== undefined)) return 'solid';
  return 'sink';
}

export interface WasteLine {
  readonly stream: Stream;
  /** cm3 over the whole class, surplus included; 0 where it is solids only. */
  readonly volume_mL: number;
  readonly tests: readonly string[];
  /** Bottles of half a dm3 to set out; 0 for the sink and solids. */
  readonly bottles: number;
}

/** Waste of a lesson by stream, the largest first. */
export function wasteOf(
  practical: Practical,
  size: LessonSize,
  settings: PrepSettings = usualPrep,
): WasteLine[] {
  const lines = new Map<StreamId, { volume_mL: number; tests: Set<string> }>();
  for (const planned of practical.tests) {
    const uses = methodOf(planned).steps.flatMap((s) => s.uses);
    const reagents_mL = uses.reduce((sum, u) => sum + (volumeOf(u, settings.drop_mL) ?? 0), 0);
    for (const sample of practical.samples.filter((s) => isDoneOn(planned, s))) {
      const portions = size.portions[sample.key] ?? (sample.role === 'known' ? size.groups : 0);
      if (!portions) continue;
      const taken = takenBy(planned.test, sample.form);
      const each = reagents_mL + (taken.unit === 'mL' ? taken.amount : 0);
      const id = streamFor(planned, sample);
      const line = lines.get(id) ?? { volume_mL: 0, tests: new Set<string>() };
      line.volume_mL += id === 'solid' ? 0 : each * portions * (1 + settings.surplus);
      line.tests.add(planned.test);
      lines.set(id, line);
    }
  }
  return streams
    .flatMap((stream): WasteLine[] => {
      const line = lines.get(stream.id);
      if (!line) return [];
      const bottled = !['sink', 'solid'].includes(stream.id);
      return [
        {
          stream,
          volume_mL: line.volume_mL,
          tests: [...line.tests],
          bottles: bottled ? Math.max(1, Math.ceil(line.volume_mL / 500)) : 0,
        },
      ];
    })
    .sort((a, b) => b.volume_mL - a.volume_mL);
}
