import { describe, expect, test } from '@jest/globals';
import type { GasId } from '../species/substance.js';
import { mark } from './mark.js';
import type { MarkItem } from './mark-item.js';
import type { PurposeId } from './purposes.js';

/**
 * Answers marked by hand after the marker stood, apart from the corpus it was tuned on: most are sentences
 * with more in them than is wanted.
 */
const observations: readonly (readonly [string, string, string, string, number, string])[] = [
  ['senior', 'halide-silver', 'Na+ Cl-', 'precipitate', 1, 'white ppt that went purple in the light'],
  [
    'senior',
    'halide-silver',
    'Na+ Cl-',
    'precipitate',
    1,
    'white precipitate which darkens to grey in sunlight',
  ],
  ['core', 'halide-silver', 'Na+ Cl-', '', 1, 'white ppt forms, turns grey after a while'],
  ['core', 'halide-silver', 'Na+ Br-', '', 1, 'pale cream precipitate'],
  ['core', 'halide-silver', 'Na+ I-', '', 1, 'yellowish ppt'],
  ['core', 'halide-silver', 'Na+ Cl-', '', 1, 'it turned cloudy white'],
  ['core', 'halide-silver', 'Na+ Cl-', '', 0, 'turned white'],
  ['core', 'halide-silver', 'Na+ Cl-', '', 0, 'yellow/white precipitate'],
  ['core', 'sulfate', 'Na+ SO4^2-', '', 1, 'dense white precipitate formed immediately'],
  ['core', 'sulfate', 'Na+ SO4^2-', '', 1, 'white solid appears at the bottom of the test tube'],
  ['core', 'sulfate', 'Na+ SO4^2-', '', 0, 'it fizzed'],
  ['core', 'sulfate', 'Na+ SO4^2-', '', 1, 'a milky precipitate'],
  ['core', 'sulfate', 'Na+ Cl-', '', 1, 'no visible change'],
  ['core', 'dilute-acid', 'Na+ CO3^2-', 'effervescence', 1, 'bubbles of gas'],
  ['core', 'dilute-acid', 'Na+ CO3^2-', 'effervescence', 1, 'it fizzes a lot'],
  ['core', 'dilute-acid', 'Na+ CO3^2-', 'effervescence', 0, 'carbon dioxide is given off'],
  ['core', 'dilute-acid', 'Na+ CO3^2-', 'limewater', 1, 'goes cloudy'],
  ['core', 'dilute-acid', 'Na+ CO3^2-', 'limewater', 1, 'turned from clear to milky white'],
  ['core', 'dilute-acid', 'Na+ CO3^2-', 'limewater', 1, 'milky then clear again with more gas'],
  ['core', 'dilute-acid', 'Na+ Cl-', 'limewater', 1, 'stays clear'],
  ['core', 'naoh-warm', 'NH4+ Cl-', '', 1, 'damp red litmus paper turned blue'],
  ['core', 'naoh-warm', 'NH4+ Cl-', '', 1, 'gas turns red litmus blue'],
  ['core', 'naoh-warm', 'NH4+ Cl-', '', 0, 'blue litmus turned red'],
  ['core', 'naoh-warm', 'NH4+ Cl-', '', 1, 'the litmus went blue and there was a sharp smell'],
  ['core', 'naoh-warm', 'Na+ Cl-', '', 1, 'litmus stayed red'],
  ['senior', 'nitrate-ring', 'K+ NO3-', '', 1, 'a brown ring appears where the layers meet'],
  ['senior', 'nitrate-ring', 'K+ NO3-', '', 0, 'a brown gas comes off'],
  ['senior', 'nitrate-ring', 'K+ Cl-', '', 1, 'no ring forms'],
  ['core', 'nitrate-reduction', 'K+ NO3-', '', 1, 'damp litmus turns from red to blue'],
  [
    'senior',
    'naoh',
    'Cr3+ Cl-',
    '',
    2,
    'grey-green ppt which dissolves in excess giving a dark green solution',
  ],
  ['senior', 'naoh', 'Mn2+ SO4^2-', '', 2, 'off-white ppt, darkens in air, insoluble in excess'],
  ['senior', 'naoh', 'Pb2+ NO3-', '', 2, 'white ppt soluble in excess'],
  ['core', 'naoh', 'Fe3+ Cl-', '', 2, 'foxy red ppt insoluble'],
  ['core', 'naoh', 'Fe3+ Cl-', '', 1, 'red-brown gelatinous precipitate'],
  ['core', 'naoh', 'Fe2+ SO4^2-', '', 2, 'a muddy green ppt; no change with excess'],
  ['core', 'naoh', 'Fe2+ SO4^2-', '', 0, 'green solution'],
  ['core', 'naoh', 'Ca2+ Cl-', '', 2, 'white ppt & stays white when excess added'],
  ['core', 'naoh', 'Ca2+ Cl-', '', 2, 'faint white ppt, does not redissolve'],
  ['core', 'naoh', 'Al3+ SO4^2-', '', 2, '1. white ppt 2. ppt dissolves'],
  ['core', 'naoh', 'Al3+ SO4^2-', '', 2, 'white precipitate, then clear'],
  ['core', 'naoh', 'Al3+ SO4^2-', '', 2, 'at first white ppt but with excess it all dissolved'],
  ['core', 'naoh', 'Al3+ SO4^2-', '', 1, 'white ppt, blue in excess'],
  ['core', 'naoh', 'Cu2+ SO4^2-', '', 2, 'light blue precipitate and it doesnt dissolve'],
  ['core', 'naoh', 'Cu2+ SO4^2-', '', 2, 'blue ppt forms which remains in excess NaOH'],
  ['core', 'naoh', 'Cu2+ SO4^2-', '', 1, 'blue ppt, dissolves'],
  ['senior', 'ammonia-solution', 'Cu2+ SO4^2-', '', 2, 'blue ppt then dark blue solution'],
  [
    'senior',
    'ammonia-solution',
    'Cu2+ SO4^2-',
    '',
    2,
    'light blue ppt dissolves in excess to form royal blue solution',
  ],
  ['senior', 'ammonia-solution', 'Mg2+ SO4^2-', '', 2, 'white ppt insoluble in excess'],
  ['senior', 'appearance', 'Cu2+ SO4^2-', '', 1, 'blue solution'],
  ['senior', 'appearance', 'Fe3+ Cl-', '', 1, 'yellow brown'],
  ['senior', 'appearance', 'Na+ Cl-', '', 1, 'colourless liquid'],
  ['senior', 'appearance', 'Na+ Cl-', '', 0, 'clear'],
  ['senior', 'appearance', 'Na+ Cl-', '', 1, 'clear and colourless'],
  ['families', 'halide-layer', 'Na+ Br-', '', 1, 'top layer turns orange'],
  ['families', 'halide-layer', 'Na+ I-', '', 1, 'purple upper layer'],
  ['families', 'halide-layer', 'Na+ I-', '', 0, 'brown solution'],
  ['core', 'flame', 'Li+ Cl-', '', 1, 'rosy red'],
  ['core', 'flame', 'Na+ Cl-', '', 1, 'golden yellow'],
  ['core', 'flame', 'Ca2+ Cl-', '', 1, 'it was orange red like a brick'],
  ['core', 'flame', 'Cu2+ SO4^2-', '', 1, 'Blue with green edges'],
  ['extended', 'flame', 'Ba2+ Cl-', '', 1, 'light green'],
];
const gasTests: readonly (readonly [string, number, string])[] = [
  ['H2', 2, 'hold a lighted splint at the mouth of the test tube and listen for a squeaky pop'],
  ['H2', 2, 'Burning splint makes a popping sound'],
  ['H2', 1, 'lit splint goes out'],
  ['H2', 0, 'bubbles through limewater'],
  ['O2', 2, 'relights a glowing splint'],
  ['O2', 2, 'insert a glowing wooden splint, it will reignite'],
  ['O2', 1, 'glowing splint goes out'],
  ['O2', 0, 'it makes a squeaky pop with a lit splint'],
  ['CO2', 2, 'pass the gas through limewater and it will turn cloudy white'],
  ['CO2', 2, 'limewater forms a white precipitate'],
  ['CO2', 1, 'limewater turns clear'],
  ['CO2', 1, 'turns cloudy'],
  ['NH3', 2, 'hold damp red litmus paper in the gas and it turns blue'],
  ['NH3', 2, 'moist red litmus goes blue'],
  ['NH3', 2, 'white smoke with a glass rod dipped in conc hydrochloric acid'],
  ['NH3', 1, 'damp red litmus goes red'],
  ['Cl2', 2, 'damp blue litmus turns red and then is bleached'],
  ['Cl2', 2, 'damp litmus paper turns white'],
  ['Cl2', 1, 'litmus paper is bleached'],
  ['Cl2', 1, 'damp litmus turns blue'],
  ['SO2', 2, 'acidified potassium manganate(VII) turns colourless'],
  ['SO2', 2, 'potassium manganate turns from purple to colourless'],
  ['H2O', 2, 'anhydrous copper sulfate turns from white to blue'],
  ['H2O', 2, 'cobalt chloride paper goes blue to pink'],
  ['H2O', 1, 'cobalt chloride paper turns blue'],
];
const purposes: readonly (readonly [string, number, string])[] = [
  ['acid-before-silver-nitrate', 1, 'removes carbonate ions'],
  ['acid-before-silver-nitrate', 1, 'so that you dont get a false positive from carbonates'],
  ['acid-before-silver-nitrate', 0, 'to speed up the reaction'],
  [
    'acid-before-barium-chloride',
    1,
    'to react with any carbonate ions as barium carbonate is also a white ppt',
  ],
  ['acid-before-barium-chloride', 0, 'because sulfate is an acid'],
  ['not-sulfuric-acid', 1, 'because it contains sulfate so would always give positive'],
  ['not-sulfuric-acid', 0, 'because sulfuric acid is dangerous'],
  ['not-sulfuric-acid-on-marble', 1, 'calcium sulfate forms a layer that stops the reaction'],
  ['not-hydrochloric-acid', 1, 'HCl contains Cl- which reacts with the silver nitrate'],
  ['damp-litmus', 1, 'gas needs to dissolve in water to be acidic or alkaline'],
  ['damp-litmus', 0, 'because the gas is wet'],
  ['clean-wire', 1, 'other ions may be on it and affect the colour'],
  ['clean-wire', 1, 'sodium on the wire would hide the colour'],
  ['clean-wire', 0, 'to make it hot'],
  ['fresh-iron-sulfate', 1, 'because Fe2+ is oxidised to Fe3+ by the oxygen in the air'],
  ['fresh-iron-sulfate', 0, 'it evaporates'],
  ['blue-glass', 1, 'it absorbs the yellow light so you can see the lilac of potassium'],
  ['blue-glass', 0, 'it makes the flame blue'],
  ['excess-hydroxide', 1, 'to tell aluminium from magnesium because aluminium hydroxide redissolves'],
  ['excess-hydroxide', 0, 'to be sure it has all reacted'],
  ['fume-cupboard', 1, 'the gas is toxic if inhaled'],
  ['fume-cupboard', 0, 'so it does not get cold'],
];
const names: readonly (readonly [string, number, string])[] = [
  ['cation Na+ Cl-', 1, 'Na'],
  ['cation Na+ Cl-', 1, 'the metal is sodium'],
  ['cation Na+ Cl-', 0, 'sodium or potassium'],
  ['cation Fe3+ Cl-', 1, 'iron(III)'],
  ['cation Fe3+ Cl-', 1, 'iron 3+'],
  ['cation Fe3+ Cl-', 0, 'iron(II)'],
  ['cation NH4+ Cl-', 1, 'ammonium'],
  ['cation NH4+ Cl-', 0, 'ammonia'],
  ['cation Cu2+ Cl-', 1, 'copper (II) ions'],
  ['anion Na+ Cl-', 1, 'chloride'],
  ['anion Na+ Cl-', 0, 'chlorine'],
  ['anion Na+ SO4^2-', 1, 'sulphate'],
  ['anion Na+ SO4^2-', 0, 'sulfide'],
  ['anion Na+ CO3^2-', 1, 'CO3'],
  ['anion Na+ NO3-', 0, 'nitrite'],
  ['salt Na+ CO3^2-', 1, 'Na2CO3'],
  ['salt Na+ CO3^2-', 1, 'sodium carbonate'],
  ['salt Cu2+ SO4^2-', 1, 'copper sulphate'],
  ['salt Cu2+ SO4^2-', 0, 'copper'],
  ['gas H2', 1, 'hydrogen'],
  ['gas CO2', 1, 'carbon dioxide gas'],
  ['gas CO2', 0, 'carbon'],
  ['gas O2', 1, 'O2'],
];
const points = (item: MarkItem, answer: string, syllabus = 'senior') => {
  const got = mark(syllabus, item, answer);
  return got.verdict === 'review' ? 'review' : got.points;
};

describe('answers marked by hand', () => {
  test.each(observations)(
    '%s, %s on %s %s: %d for "%s"',
    (syllabus, id, sample, attribute, wanted, answer) => {
      const about = attribute ? { attribute } : {};
      const item: MarkItem = { kind: 'observation', test: id, sample: sample.split(' '), ...about };
      expect(points(item, answer, syllabus)).toBe(wanted);
    },
  );
  test.each(gasTests)('test for %s: %d for "%s"', (gas, wanted, answer) =>
    expect(points({ kind: 'gas-test', gas: gas as GasId }, answer)).toBe(wanted),
  );
  test.each(purposes)('why %s: %d for "%s"', (of, wanted, answer) =>
    expect(points({ kind: 'purpose', of: of as PurposeId }, answer)).toBe(wanted),
  );
  test.each(names)('naming %s: %d for "%s"', (what, wanted, answer) => {
    const [part, ...sample] = what.split(' ');
    expect(points({ kind: 'identify', part: part as 'cation', sample }, answer)).toBe(wanted);
  });
});
