/** Classes whose faults are known, by seed: what each bench records where all goes well, single slips, and at most one cause for many. */
import { expectationOf } from '../../identification-tests/expectation.js';
import { attributeOf, testOf } from '../../identification-tests/tests.js';
import { seededRandom } from '../../numbers/random.js';
import { explains, type SeenRecord } from '../../reasoning/likelihood.js';
import type { ClassRecord } from '../analyse.js';
import type { ClassFault } from '../class-causes.js';

export interface MadeUpClass {
  readonly tests: readonly string[];
  readonly groups: readonly ClassRecord[];
  /** The cause put in, and the groups whose records it changed; nothing in a clean class. */
  readonly fault?: {
    readonly kind: ClassFault;
    readonly tests: readonly string[];
    readonly groups: readonly number[];
  };
}

type Change = (record: SeenRecord, sample: readonly string[]) => Record<string, string> | undefined;
interface Scene {
  readonly tests: readonly string[];
  readonly samples: readonly (readonly string[])[];
  readonly fault?: {
    readonly kind: ClassFault;
    readonly tests: readonly string[];
    readonly change: Change;
    readonly share: readonly [number, number];
  };
}

const salts = (...list: string[]) => list.map((s) => s.split(' '));
const anions = salts('Na+ CO3^2-', 'K+ SO4^2-', 'Na+ Cl-', 'K+ CO3^2-', 'Mg2+ SO4^2-', 'Na+ NO3-');
const halides = salts('K+ Cl-', 'Na+ Br-', 'K+ I-', 'Na+ Cl-', 'K+ Br-', 'Na+ I-');
const metals = salts(
  'Al3+ Cl-',
  'Zn2+ SO4^2-',
  'Mg2+ Cl-',
  'Cu2+ SO4^2-',
  'Fe2+ SO4^2-',
  'Fe3+ Cl-',
  'Zn2+ Cl-',
);
const flames = salts('Li+ Cl-', 'Na+ Cl-', 'K+ Cl-', 'Ca2+ Cl-', 'Cu2+ SO4^2-', 'K+ SO4^2-', 'Ba2+ Cl-');
const nitrates = salts('K+ NO3-', 'Na+ SO4^2-', 'Ca2+ NO3-', 'Na+ NO3-', 'K+ Cl-');
const has =
  (...ids: string[]) =>
  (sample: readonly string[]) =>
    ids.some((id) => sample.includes(id));
const bottle = [0.85, 1] as const;
const habit = [0.4, 0.75] as const;
const only =
  (test: string, when: (sample: readonly string[]) => boolean, shows: Record<string, string>): Change =>
  (record, sample) =>
    record.test === test && when(sample) ? { ...record.seen, ...shows } : undefined;
const always = () => true;

/** One of each kind of fault, and classes without. */
export const scenes: Readonly<Record<string, Scene>> = {
  'clean: anions': { tests: ['dilute-acid', 'sulfate', 'halide-silver'], samples: anions },
  'clean: hydroxides': { tests: ['naoh', 'ammonia-solution', 'flame'], samples: metals },
  'clean: flames': { tests: ['flame', 'halide-silver'], samples: flames },
  'clean: halides': { tests: ['halide-silver', 'halide-layer'], samples: halides },
  'sodium about': {
    tests: ['flame', 'halide-silver'],
    samples: flames,
    fault: {
      kind: 'contaminated-sodium',
      tests: ['flame'],
      change: only('flame', (s) => !s.includes('Na+'), { colour: 'yellow' }),
      share: habit,
    },
  },
  'no excess of alkali': {
    tests: ['naoh', 'flame'],
    samples: metals,
    fault: {
      kind: 'no-excess',
      tests: ['naoh'],
      change: only('naoh', has('Al3+', 'Zn2+'), { excess: 'insoluble' }),
      share: [0.7, 1],
    },
  },
  'no acid before silver nitrate': {
    tests: ['dilute-acid', 'halide-silver'],
    samples: anions,
    fault: {
      kind: 'omitted-acid',
      tests: ['halide-silver'],
      change: only('halide-silver', has('CO3^2-'), { precipitate: 'white' }),
      share: [0.7, 1],
    },
  },
  'no acid before barium chloride': {
    tests: ['dilute-acid', 'sulfate'],
    samples: anions,
    fault: {
      kind: 'omitted-acid',
      tests: ['sulfate'],
      change: only('sulfate', has('CO3^2-'), { precipitate: 'white' }),
      share: [0.7, 1],
    },
  },
  'sulfuric acid before barium chloride': {
    tests: ['sulfate', 'halide-silver'],
    samples: anions,
    fault: {
      kind: 'wrong-acid',
      tests: ['sulfate'],
      change: only('sulfate', always, { precipitate: 'white' }),
      share: bottle,
    },
  },
  'hydrochloric acid before silver nitrate': {
    tests: ['sulfate', 'halide-silver'],
    samples: anions,
    fault: {
      kind: 'wrong-acid',
      tests: ['halide-silver'],
      change: only('halide-silver', always, { precipitate: 'white' }),
      share: bottle,
    },
  },
  'old iron sulfate': {
    tests: ['nitrate-ring', 'sulfate'],
    samples: nitrates,
    fault: {
      kind: 'dead-reagent',
      tests: ['nitrate-ring'],
      change: only('nitrate-ring', has('NO3-'), { ring: 'none' }),
      share: bottle,
    },
  },
  'old limewater': {
    tests: ['dilute-acid', 'sulfate'],
    samples: anions,
    fault: {
      kind: 'dead-reagent',
      tests: ['dilute-acid'],
      change: only('dilute-acid', has('CO3^2-'), { limewater: 'clear' }),
      share: bottle,
    },
  },
  'silver nitrate gone': {
    tests: ['halide-silver', 'sulfate'],
    samples: halides,
    fault: {
      kind: 'dead-reagent',
      tests: ['halide-silver'],
      change: only('halide-silver', always, { precipitate: 'none' }),
      share: bottle,
    },
  },
  'barium and silver bottles swapped': {
    tests: ['sulfate', 'halide-silver'],
    samples: anions,
    fault: {
      kind: 'swapped-reagents',
      tests: ['sulfate', 'halide-silver'],
      change: (record, sample) =>
        record.test === 'sulfate'
          ? { precipitate: 'white' }
          : record.test === 'halide-silver'
            ? { precipitate: sample.includes('SO4^2-') ? 'white' : 'none' }
            : undefined,
      share: [1, 1],
    },
  },
  'alkalis swapped': {
    tests: ['naoh', 'ammonia-solution'],
    samples: metals,
    fault: {
      kind: 'swapped-reagents',
      tests: ['naoh', 'ammonia-solution'],
      change: (record, sample) => {
        const other = expectationOf(record.test === 'naoh' ? 'ammonia-solution' : 'naoh', sample);
        const { precipitate = ['none'], excess = ['none'] } = other;
        return { precipitate: precipitate[0]!, excess: excess[0]! };
      },
      share: [1, 1],
    },
  },
  'cream called yellow': {
    tests: ['halide-silver', 'sulfate'],
    samples: halides,
    fault: {
      kind: 'misread-colour',
      tests: ['halide-silver'],
      change: only('halide-silver', has('Br-'), { precipitate: 'yellow' }),
      share: [0.6, 1],
    },
  },
  'lilac called crimson': {
    tests: ['flame', 'sulfate'],
    samples: flames,
    fault: {
      kind: 'misread-colour',
      tests: ['flame'],
      change: only('flame', has('K+'), { colour: 'crimson' }),
      share: [0.6, 1],
    },
  },
};

/**
 * A class of a scene.
 * @param slips chance that a bench's record of one test is wrong by a slip of its own.
 */
export function madeUpClass(scene: string, seed: number, slips = 0.06): MadeUpClass {
  const { tests, samples, fault } = scenes[scene]!;
  const random = seededRandom(seed * 104729 + 7);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const count = 8 + Math.floor(random() * 7);
  const share = fault ? fault.share[0] + random() * (fault.share[1] - fault.share[0]) : 0;
  const touched: number[] = [];
  const first = Math.floor(random() * samples.length);
  const groups = Array.from({ length: count }, (_, g): ClassRecord => {
    const sample = samples[(first + g) % samples.length]!;
    const reached = random() < share;
    let changed = false;
    const observations = tests.map((test): SeenRecord => {
      const expected = expectationOf(test, sample);
      const record: SeenRecord = {
        test,
        seen: Object.fromEntries(
          Object.entries(expected).flatMap(([id, values]) => {
            const attribute = attributeOf(testOf(test), id);
            const value = values.find((v) => !attribute.neutral?.includes(v));
            const told = id !== 'throughBlueGlass' && id !== 'standing' && id !== 'warms' && id !== 'cloud';
            return value !== undefined && told ? [[id, value] as const] : [];
          }),
        ),
      };
      const caused = reached ? fault?.change(record, sample) : undefined;
      if (caused) {
        const made = { test, seen: caused };
        if (explains(made, sample) !== 'plain') changed = true;
        return made;
      }
      if (random() >= slips) return record;
      const id = pick(Object.keys(record.seen));
      const attribute = attributeOf(testOf(test), id);
      const near = attribute.confusions.filter(({ pair }) => pair.includes(record.seen[id]!));
      const others = attribute.values
        .map((v) => v.id)
        .filter((v) => v !== record.seen[id] && !attribute.neutral?.includes(v));
      const value =
        near.length && random() < 0.6 ? pick(near).pair.find((v) => v !== record.seen[id])! : pick(others);
      return { test, seen: { ...record.seen, [id]: value } };
    });
    if (changed) touched.push(g + 1);
    return { group: g + 1, sample, observations };
  });
  const enough = fault && touched.length >= (fault.kind === 'misread-colour' ? 2 : 3);
  return {
    tests,
    groups,
    ...(enough ? { fault: { kind: fault.kind, tests: fault.tests, groups: touched } } : {}),
  };
}
