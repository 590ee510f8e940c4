/** GHS hazard statements in words, and the pictograms that go with them. Source `ghs`. */

export type Pictogram =
  | 'exploding-bomb'
  | 'flame'
  | 'flame-over-circle'
  | 'gas-cylinder'
  | 'corrosion'
  | 'skull'
  | 'exclamation'
  | 'health-hazard'
  | 'environment';

interface Statement {
  readonly text: string;
  readonly pictogram: Pictogram | null;
  readonly danger: boolean;
}
const says = (text: string, pictogram: Pictogram | null, danger = false): Statement => ({
  text,
  pictogram,
  danger,
});

/** By code; letters that narrow a code (H350i, H361f) are looked up with and without. */
export const statements: Readonly<Record<string, Statement>> = {
  H220: says('Extremely flammable gas', 'flame', true),
  H221: says('Flammable gas', 'flame'),
  H224: says('Extremely flammable liquid and vapour', 'flame', true),
  H225: says('Highly flammable liquid and vapour', 'flame', true),
  H226: says('Flammable liquid and vapour', 'flame'),
  H228: says('Flammable solid', 'flame', true),
  H261: says('In contact with water releases flammable gas', 'flame', true),
  H270: says('May cause or intensify fire; oxidiser', 'flame-over-circle', true),
  H272: says('May intensify fire; oxidiser', 'flame-over-circle', true),
  H280: says('Contains gas under pressure; may explode if heated', 'gas-cylinder'),
  H290: says('May be corrosive to metals', 'corrosion'),
  H300: says('Fatal if swallowed', 'skull', true),
  H301: says('Toxic if swallowed', 'skull', true),
  H302: says('Harmful if swallowed', 'exclamation'),
  H304: says('May be fatal if swallowed and enters airways', 'health-hazard', true),
  H312: says('Harmful in contact with skin', 'exclamation'),
  H314: says('Causes severe skin burns and eye damage', 'corrosion', true),
  H315: says('Causes skin irritation', 'exclamation'),
  H317: says('May cause an allergic skin reaction', 'exclamation'),
  H318: says('Causes serious eye damage', 'corrosion', true),
  H319: says('Causes serious eye irritation', 'exclamation'),
  H330: says('Fatal if inhaled', 'skull', true),
  H331: says('Toxic if inhaled', 'skull', true),
  H332: says('Harmful if inhaled', 'exclamation'),
  H334: says(
    'May cause allergy or asthma symptoms or breathing difficulties if inhaled',
    'health-hazard',
    true,
  ),
  H335: says('May cause respiratory irritation', 'exclamation'),
  H336: says('May cause drowsiness or dizziness', 'exclamation'),
  H341: says('Suspected of causing genetic defects', 'health-hazard'),
  H350: says('May cause cancer', 'health-hazard', true),
  H360: says('May damage fertility or the unborn child', 'health-hazard', true),
  H361: says('Suspected of damaging fertility or the unborn child', 'health-hazard'),
  H372: says('Causes damage to organs through prolonged or repeated exposure', 'health-hazard', true),
  H373: says('May cause damage to organs through prolonged or repeated exposure', 'health-hazard'),
  H400: says('Very toxic to aquatic life', 'environment'),
  H410: says('Very toxic to aquatic life with long lasting effects', 'environment'),
  H411: says('Toxic to aquatic life with long lasting effects', 'environment'),
  H412: says('Harmful to aquatic life with long lasting effects', null),
};

/** The statements of liquids that burn (GHS flammable liquids, categories 1 to 3). */
export const flammableLiquid: readonly string[] = ['H224', 'H225', 'H226'];

const lookUp = (code: string): Statement | undefined => statements[code] ?? statements[code.slice(0, 4)];

/** A statement in words, or the code itself where it is not in the list. */
export const statementText = (code: string): string => lookUp(code)?.text ?? code;

/**
 * The pictograms for hazard statements, gravest first. By the rules of precedence of GHS 1.4.10.5.3.1 the
 * exclamation mark is left out beside the skull, for skin and eyes beside corrosion, and for skin, eyes and skin
 * allergy beside the health hazard of allergy by breathing.
 */
export function pictogramsFor(codes: readonly string[]): Pictogram[] {
  const found = codes.flatMap((code) => {
    const pictogram = lookUp(code)?.pictogram;
    return pictogram ? [{ code, pictogram }] : [];
  });
  const has = (p: Pictogram) => found.some((f) => f.pictogram === p);
  const skinOrEyes = (code: string) => /^H31[59]/.test(code);
  const kept = found.filter(
    ({ code, pictogram }) =>
      pictogram !== 'exclamation' ||
      !(
        has('skull') ||
        (has('corrosion') && skinOrEyes(code)) ||
        (codes.some((c) => c.startsWith('H334')) && (skinOrEyes(code) || code.startsWith('H317')))
      ),
  );
  const order: readonly Pictogram[] = [
    'exploding-bomb',
    'flame',
    'flame-over-circle',
    'gas-cylinder',
    'corrosion',
    'skull',
    'health-hazard',
    'exclamation',
    'environment',
  ];
  return order.filter((p) => kept.some((k) => k.pictogram === p));
}

/** The signal word for hazard statements: Danger, Warning, or none. */
export function signalWord(codes: readonly string[]): 'Danger' | 'Warning' | null {
  if (!codes.length) return null;
  if (codes.some((code) => lookUp(code)?.danger)) return 'Danger';
  // Long-lasting harm to water life alone bears no signal word below the gravest.
  return codes.every((code) => /^H41[1-3]/.test(code)) ? null : 'Warning';
}

/** A statement with its words: "H314 Causes severe skin burns and eye damage". */
export const codeAndText = (code: string): string => `${code} ${statementText(code)}`;
