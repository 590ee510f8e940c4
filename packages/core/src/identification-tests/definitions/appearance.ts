/** How a sample looks before anything is done to it. */
import type { IonId } from '../../species/ion.js';
import type { GasId, MetalId } from '../../species/substance.js';
import type { Attribute, Outcome, TestDefinition } from '../test-definition.js';
import {
  all,
  coloured,
  completeIn,
  liquid,
  nothingSeen,
  pigment,
  slip,
  solidIn,
  step,
} from '../test-parts.js';

const state: Attribute = {
  id: 'state',
  reads: 'sample-state',
  question: 'Is it a solid, a solution or a gas?',
  values: [
    { id: 'solid', label: 'solid', look: solidIn(pigment.white) },
    { id: 'solution', label: 'solution', look: liquid(pigment.colourless) },
    { id: 'gas', label: 'gas', look: nothingSeen },
  ],
  confusions: [],
  source: 'school-practice',
};
const colour: Attribute = {
  id: 'colour',
  reads: 'sample-colour',
  nothing: 'colourless',
  question: 'What colour is it?',
  values: [
    coloured('colourless', 'colourless', pigment.colourless),
    coloured('white', 'white', pigment.white),
    coloured('black', 'black', pigment.black),
    coloured('grey', 'grey', pigment.grey),
    coloured('blue', 'blue', pigment.blue),
    coloured('pale-green', 'pale green', pigment.paleGreen),
    coloured('green', 'green', pigment.green),
    coloured('yellow', 'yellow', pigment.yellow),
    coloured('orange-brown', 'orange-brown', pigment.orangeBrown),
    coloured('brown', 'brown', pigment.brown),
    coloured('pink', 'pink', pigment.pink),
    coloured('purple', 'purple', pigment.purple),
    { id: 'shiny-metal', label: 'shiny metal', look: solidIn(pigment.grey) },
  ],
  confusions: [
    { pair: ['pale-green', 'green'], chance: 0.15 },
    { pair: ['pale-green', 'colourless'], chance: 0.1 },
    { pair: ['pink', 'colourless'], chance: 0.03 },
    { pair: ['yellow', 'orange-brown'], chance: 0.12 },
    { pair: ['orange-brown', 'brown'], chance: 0.15 },
    { pair: ['blue', 'green'], chance: 0.03 },
    { pair: ['colourless', 'white'], chance: 0.05 },
  ],
  source: 'school-practice',
};

const dissolved = <const Id extends IonId>(
  of: Id,
  colours: readonly string[],
  unsure?: string,
): Outcome<Id>[] =>
  all([of], { state: ['solution'], colour: colours }, 'vogel-tests', {
    form: 'solution',
    ...(unsure ? { unsure } : {}),
  });
const solid = <const Id extends IonId>(of: Id, colours: readonly string[]): Outcome<Id>[] =>
  all([of], { state: ['solid'], colour: colours }, 'vogel-tests', { form: 'solid' });
export const appearanceTest: TestDefinition = {
  id: 'appearance',
  name: 'Appearance',
  family: 'look',
  fromAge: 11,
  forms: ['solid', 'solution', 'gas', 'metal'],
  takes: { solution_mL: 0, solid_g: 0 },
  attributes: [state, colour],
  variants: [
    {
      id: 'usual',
      name: 'By eye',
      attendedMinutes: 1,
      unattendedMinutes: 0,
      stations: [],
      apparatus: [],
      steps: [
        step('Look at the sample against white paper. Log its state and its colour.', {
          why: 'A coloured solution already says which ions it may hold.',
        }),
      ],
      preparations: [],
      waste: 'None.',
    },
  ],
  outcomes: [
    ...completeIn<IonId, 'appearance'>(
      'appearance',
      'solution',
    )([
      ...dissolved('Cu2+', ['blue']),
      ...dissolved('Fe2+', ['pale-green', 'green']),
      ...dissolved('Fe3+', ['orange-brown', 'yellow', 'brown']),
      ...dissolved('Cr3+', ['green', 'purple'], 'violet when freshly made in the cold'),
      ...dissolved('Mn2+', ['colourless', 'pink'], 'very pale pink when concentrated'),
      ...dissolved('Co2+', ['pink']),
      ...dissolved('Ni2+', ['green']),
      ...all(
        ['H+', 'Li+', 'Na+', 'K+', 'NH4+', 'Mg2+', 'Ca2+', 'Sr2+', 'Ba2+', 'Al3+', 'Zn2+', 'Ag+', 'Pb2+'],
        { state: ['solution'], colour: ['colourless'] },
        'vogel-tests',
        {
          form: 'solution',
        },
      ),
      ...all(
        ['OH-', 'CO3^2-', 'HCO3-', 'SO3^2-', 'SO4^2-', 'Cl-', 'Br-', 'I-', 'NO3-', 'PO4^3-'],
        { state: ['solution'], colour: ['colourless'] },
        'vogel-tests',
        { form: 'solution' },
      ),
    ]),
    ...completeIn<IonId, 'appearance'>(
      'appearance',
      'solid',
    )([
      ...solid('Cu2+', ['blue', 'green']),
      ...solid('Fe2+', ['pale-green', 'green']),
      ...solid('Fe3+', ['orange-brown', 'yellow', 'brown']),
      ...solid('Cr3+', ['green', 'purple']),
      ...solid('Mn2+', ['pink', 'white']),
      ...solid('Co2+', ['pink', 'purple']),
      ...solid('Ni2+', ['green']),
      ...all(
        ['H+', 'Li+', 'Na+', 'K+', 'NH4+', 'Mg2+', 'Ca2+', 'Sr2+', 'Ba2+', 'Al3+', 'Zn2+', 'Ag+', 'Pb2+'],
        { state: ['solid'], colour: ['white'] },
        'vogel-tests',
        {
          form: 'solid',
        },
      ),
      ...all(
        ['OH-', 'CO3^2-', 'HCO3-', 'SO3^2-', 'SO4^2-', 'Cl-', 'Br-', 'I-', 'NO3-', 'PO4^3-'],
        { state: ['solid'], colour: ['white'] },
        'vogel-tests',
        { form: 'solid' },
      ),
    ]),
    ...completeIn<GasId | MetalId, 'appearance'>(
      'appearance',
      'gas',
    )([
      ...all(['Cl2'], { state: ['gas'], colour: ['pale-green', 'green', 'yellow'] }),
      ...all(['H2', 'O2', 'CO2', 'NH3', 'SO2', 'H2O', 'N2'], {
        state: ['gas'],
        colour: ['colourless'],
      }),
      ...all(['Cu'], { state: ['solid'], colour: ['brown', 'orange-brown', 'pink', 'shiny-metal'] }),
      ...all(['Mg', 'Al', 'Zn', 'Fe', 'Ca', 'Pb'], { state: ['solid'], colour: ['grey', 'shiny-metal'] }),
    ]),
  ],
  slips: [
    slip(
      'sample-too-dilute',
      0.03,
      { colour: ['colourless'] },
      'A very dilute solution hides its colour. Look down the tube against white paper.',
    ),
  ],
  carelessness: 0.02,
};
