/** How a simulated group observes and names: the core's own observation model and its own reasoning. */
import { appliesTo, isDoneOn } from '../practicals/evidence.js';
import { liquidLeft } from '../practicals/kept-liquid.js';
import {
  syllabusFor,
  unknownsOf,
  type PlannedTest,
  type Practical,
  type PracticalSample,
} from '../practicals/practical.js';
import {
  explainsIn,
  keyed,
  likelihoodIn,
  situationOf,
  situationsOf,
  type Situation,
} from '../reasoning/likelihood.js';
import { isMetalId } from '../species/species.js';
import { drawer } from '../reasoning/sample-observation.js';

/** What one look at one sample recorded: an outcome of its test, by number. */
export type Outcome = number;

interface TestModel {
  readonly planned: PlannedTest;
  /** Log-likelihood of each hypothesis by outcome, and whether it explains it plainly. */
  readonly logs: Float64Array[];
  readonly explained: Uint8Array[];
  readonly numbers: Map<string, Outcome>;
  readonly situations: readonly Situation[];
}

/** Chance that a group draws a wrong conclusion from a right record. An estimate; sources say nothing. */
export const reasoningSlip = 0.04;

export class NamingModel {
  private readonly hypotheses: readonly (readonly string[])[];
  private readonly tests: readonly TestModel[];
  private readonly answers: readonly string[];
  private readonly drawers = new Map<
    string,
    (random: () => number) => { seen: Readonly<Record<string, string>> }
  >();

  constructor(
    private readonly practical: Practical,
    private readonly slipFactor = 1,
  ) {
    const { cations, anions, gases, metals } = syllabusFor(practical);
    const held = (place: 0 | 1) =>
      practical.samples.flatMap((s) => (s.ions.length === 2 ? [s.ions[place]!] : []));
    const union = (a: readonly string[], b: readonly string[]) => [...new Set([...a, ...b])];
    const of = (form: string) => practical.samples.filter((s) => s.form === form).flatMap((s) => s.ions);
    this.hypotheses =
      practical.asks === 'gas'
        ? union(gases, of('gas')).map((g) => [g])
        : practical.asks === 'metal'
          ? union(metals, of('metal')).map((m) => [m])
          : union(cations, held(0)).flatMap((c) => union(anions, held(1)).map((a) => [c, a]));
    this.answers = this.hypotheses.map((h) => this.answerOf(h));
    const samples = this.hypotheses.map(keyed);
    const liquids = this.hypotheses.map((h) => keyed(this.liquidOf(h)));
    this.tests = practical.tests.map((planned) => ({
      planned,
      logs: [],
      explained: [],
      numbers: new Map(),
      situations: situationsOf(
        planned.test,
        unknownsOf(practical).some((s) => appliesTo(planned.test, s)) ? samples : liquids,
        planned.variant,
      ),
    }));
  }

  /** What would be in the liquid kept of such a sample; itself where none is kept. */
  private liquidOf(ions: readonly string[]): readonly string[] {
    const keeping = this.practical.tests.find((t) => t.keeps);
    const form = isMetalId(ions[0] ?? '') ? 'metal' : 'solid';
    return (keeping && liquidLeft(keeping, { ions, form })?.ions) ?? ions;
  }

  private answerOf(ions: readonly string[]): string {
    const { asks } = this.practical;
    return asks === 'cation' ? ions[0]! : asks === 'anion' ? (ions[1] ?? ions[0]!) : ions.join();
  }

  /** What the test numbered so looks at of a sample: the sample, or the liquid kept of it. */
  lookedAt(test: number, sample: PracticalSample): PracticalSample | undefined {
    const { planned } = this.tests[test]!;
    const kept = this.practical.samples.find((s) => s.from?.sample === sample.key);
    return [sample, kept].find((s) => s && isDoneOn(planned, s));
  }

  /** Looks at a sample with the test numbered so; undefined where the test is not for it. */
  observe(test: number, sample: PracticalSample, random: () => number): Outcome | undefined {
    const model = this.tests[test]!;
    const looked = this.lookedAt(test, sample);
    if (!looked) return undefined;
    const key = `${test} ${sample.key}`;
    let draw = this.drawers.get(key);
    if (!draw) {
      const { planned } = model;
      draw = drawer(
        situationOf(planned.test, looked.ions, planned.variant, looked.form),
        planned.attributes,
        this.slipFactor,
      );
      this.drawers.set(key, draw);
    }
    return this.outcome(model, draw(random).seen);
  }

  private outcome(model: TestModel, seen: Readonly<Record<string, string>>): Outcome {
    const text = Object.values(seen).join('|');
    const known = model.numbers.get(text);
    if (known !== undefined) return known;
    const number = model.logs.length;
    model.numbers.set(text, number);
    model.logs.push(Float64Array.from(model.situations, (s) => Math.log(likelihoodIn(s, seen))));
    model.explained.push(Uint8Array.from(model.situations, (s) => (explainsIn(s, seen) === 'none' ? 0 : 1)));
    return number;
  }

  /** Is there something that explains the whole record? If not, the test whose repeat is likeliest to mend it. */
  contradiction(record: ReadonlyMap<number, Outcome>): number | undefined {
    let fewest = Infinity;
    let suspect: number | undefined;
    for (let h = 0; h < this.hypotheses.length; h++) {
      let misfits = 0;
      let at: number | undefined;
      for (const [test, outcome] of record)
        if (!this.tests[test]!.explained[outcome]![h]) {
          misfits++;
          at = test;
        }
      if (misfits === 0) return undefined;
      if (misfits < fewest) {
        fewest = misfits;
        suspect = at;
      }
    }
    return suspect;
  }

  /** Does the group name the sample rightly from its record? Ties and slips of reasoning are drawn. */
  namesRightly(sample: PracticalSample, record: ReadonlyMap<number, Outcome>, random: () => number): boolean {
    if (random() < reasoningSlip || !record.size) return false;
    const sums = new Map<string, number>();
    const logs = new Float64Array(this.hypotheses.length);
    for (const [test, outcome] of record) {
      const add = this.tests[test]!.logs[outcome]!;
      for (let h = 0; h < logs.length; h++) logs[h]! += add[h]!;
    }
    let top = -Infinity;
    for (const l of logs) if (l > top) top = l;
    for (let h = 0; h < logs.length; h++)
      sums.set(this.answers[h]!, (sums.get(this.answers[h]!) ?? 0) + Math.exp(logs[h]! - top));
    const best = Math.max(...sums.values());
    const leaders = [...sums].filter(([, p]) => p > best * (1 - 1e-9)).map(([id]) => id);
    const said = leaders[Math.floor(random() * leaders.length)];
    return said === this.answerOf(sample.ions);
  }
}
