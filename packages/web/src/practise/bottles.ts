/** Which bottles, strengths and papers stand ready for the tests of an exercise. */
import { shelf, type HeldThing, type UnknownExercise } from '@kivex/core';

export interface OfferedBottle {
  readonly id: string;
  readonly name: string;
  readonly strengths: readonly { readonly M: number; readonly word: string }[];
  readonly liquid: boolean;
}
const weak = { M: 0, word: '' };
const strengths: Readonly<Record<string, readonly { M: number; word: string }[]>> = {
  NaOH: [
    { M: 0.4, word: 'dilute' },
    { M: 4, word: 'strong' },
  ],
  NH3: [
    { M: 2, word: 'dilute' },
    { M: 8, word: 'concentrated' },
  ],
  HCl: [
    { M: 1, word: 'dilute' },
    { M: 12, word: 'concentrated' },
  ],
  HNO3: [{ M: 1, word: 'dilute' }],
  H2SO4: [
    { M: 1, word: 'dilute' },
    { M: 18, word: 'concentrated' },
  ],
};
/** By test: what its method takes. What would be the wrong choice stands there too, as on a real shelf. */
const byTest: Readonly<Record<string, readonly string[]>> = {
  naoh: ['NaOH'],
  'naoh-warm': ['NaOH'],
  'ammonia-solution': ['NH3'],
  'dilute-acid': ['HCl', 'HNO3', 'H2SO4', 'limewater'],
  'metal-acid': ['HCl', 'HNO3', 'H2SO4'],
  sulfate: ['HCl', 'HNO3', 'H2SO4', 'BaCl2', 'Ba(NO3)2'],
  'halide-silver': ['HCl', 'HNO3', 'AgNO3', 'NH3'],
  'halide-layer': ['hexane', 'HNO3', 'chlorine-water'],
  'nitrate-ring': ['FeSO4', 'H2SO4'],
  'nitrate-reduction': ['NaOH', 'Al-foil'],
  'carbonate-spot': ['(NH4)2CO3'],
  'phosphate-spot': ['(NH4)2HPO4'],
  'sulfate-spot': ['(NH4)2SO4'],
  limewater: ['limewater'],
  'potassium-iodide': ['KI'],
  thiocyanate: ['KSCN'],
  'magnesium-sulfate': ['MgSO4'],
};
const papers: Readonly<Record<string, readonly HeldThing[]>> = {
  'naoh-warm': ['red-litmus'],
  'nitrate-reduction': ['red-litmus'],
  'dilute-acid': ['limewater-drop', 'manganate-paper'],
  'lit-splint': ['lit-splint'],
  'glowing-splint': ['glowing-splint'],
  'damp-red-litmus': ['red-litmus'],
  'damp-blue-litmus': ['blue-litmus'],
  'hcl-rod': ['hcl-rod'],
  'acidified-manganate': ['manganate-paper'],
  'starch-iodide-paper': ['starch-iodide-paper'],
  'anhydrous-copper-sulfate': ['anhydrous-copper-sulfate'],
  'cobalt-chloride-paper': ['cobalt-chloride-paper'],
  'metal-acid': ['lit-splint', 'glowing-splint'],
  limewater: ['limewater-drop'],
};
const offered = (id: string): OfferedBottle => {
  const bottle = shelf.find((b) => b.id === id);
  if (!bottle) throw new RangeError(`there is no bottle ${id} on the shelf`);
  return {
    id,
    name: bottle.name.replace(/ solution$/, ''),
    strengths: strengths[id] ?? [{ ...weak, M: bottle.usual_M }],
    liquid: !bottle.metal && !bottle.catalyst,
  };
};

/** Bottles for the tests of an exercise; then all others, for whoever wants to try. */
export function bottlesFor({ practical, form }: UnknownExercise): {
  readonly ready: readonly OfferedBottle[];
  readonly more: readonly OfferedBottle[];
} {
  const acids = form === 'metal' || form === 'solid' ? ['HCl', 'H2SO4', 'HNO3'] : [];
  const ready = [...new Set([...practical.tests.flatMap((t) => byTest[t.test] ?? []), ...acids, 'water'])];
  return {
    ready: ready.map(offered),
    more: shelf.filter((b) => !ready.includes(b.id)).map((b) => offered(b.id)),
  };
}
export const thingsFor = ({ practical }: UnknownExercise): readonly HeldThing[] => {
  const own = [...new Set(practical.tests.flatMap((t) => papers[t.test] ?? []))];
  return [
    ...own,
    ...(['lit-splint', 'glowing-splint', 'red-litmus', 'blue-litmus'] as const).filter(
      (t) => !own.includes(t),
    ),
    'nose',
    'thermometer',
  ];
};
export const thingNames: Readonly<Record<HeldThing, string>> = {
  'lit-splint': 'Lit splint',
  'glowing-splint': 'Glowing splint',
  'red-litmus': 'Red litmus',
  'blue-litmus': 'Blue litmus',
  'hcl-rod': 'Rod, conc. HCl',
  'ammonia-rod': 'Rod, conc. ammonia',
  'limewater-drop': 'Drop of limewater',
  'manganate-paper': 'Manganate paper',
  'starch-iodide-paper': 'Starch-iodide paper',
  'cobalt-chloride-paper': 'Cobalt chloride paper',
  'anhydrous-copper-sulfate': 'Anhydrous CuSO₄',
  thermometer: 'Thermometer',
  nose: 'Waft and smell',
};
