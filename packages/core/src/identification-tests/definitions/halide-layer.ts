/** Chlorine water and hexane: bromine and iodine colour the upper layer. */
import type { AnionId } from '../../species/ion.js';
import type { TestDefinition } from '../test-definition.js';
import { all, coloured, completeIn, danger, piece, pigment, slip, step, uses } from '../test-parts.js';

export const halideLayerTest: TestDefinition = {
  id: 'halide-layer',
  name: 'Halides: chlorine water under hexane',
  short: 'Halides by layer',
  family: 'anion',
  fromAge: 14,
  forms: ['solid', 'solution'],
  takes: { solution_mL: 0.5, solid_g: 0.03 },
  attributes: [
    {
      id: 'upperLayer',
      reads: 'layer',
      nothing: 'colourless',
      question: 'What colour is the upper layer?',
      values: [
        coloured('colourless', 'colourless', pigment.colourless),
        coloured('yellow-orange', 'yellow to orange', pigment.orange),
        coloured('purple', 'purple', pigment.purple),
      ],
      confusions: [{ pair: ['colourless', 'yellow-orange'], chance: 0.05 }],
      source: 'school-practice',
    },
  ],
  variants: [
    {
      id: 'usual',
      name: 'Hexane, dilute nitric acid, chlorine water, shake',
      attendedMinutes: 3,
      unattendedMinutes: 0,
      stations: ['fume-cupboard'],
      apparatus: [piece('small stoppered tubes', 'sample'), piece('dropping pipettes', 'sample')],
      steps: [
        step('In the fume cupboard, ten drops of sample and ten drops of hexane in a small tube.', {
          uses: [uses('hexane', { drops: 10 })],
          cautions: [danger('No flames in the room while hexane is out.')],
        }),
        step('Add one drop of dilute nitric acid, then five drops of chlorine water.', {
          uses: [uses('HNO3', { drops: 1 }), uses('chlorine-water', { drops: 5 })],
        }),
        step(
          'Stopper, shake, let it settle. Log the colour of the upper layer, against white, beside the three knowns.',
          { waitSeconds: 30 },
        ),
      ],
      preparations: [],
      waste: 'Organic waste bottle, the whole tube. Never the sink.',
    },
  ],
  outcomes: completeIn<AnionId, 'halide-layer'>('halide-layer')([
    ...all(['Br-'], { upperLayer: ['yellow-orange'] }),
    ...all(['I-'], { upperLayer: ['purple'] }),
    ...all(['OH-', 'CO3^2-', 'HCO3-', 'SO3^2-', 'SO4^2-', 'Cl-', 'NO3-', 'PO4^3-'], {
      upperLayer: ['colourless'],
    }),
  ]),
  slips: [
    slip(
      'chlorine-water-old',
      0.05,
      { upperLayer: ['colourless'] },
      'Old chlorine water does nothing. Ask for fresh, and try it on a known iodide.',
    ),
    slip(
      'not-shaken',
      0.02,
      { upperLayer: ['colourless'] },
      'Unless it is shaken the colour stays below. Stopper and shake.',
    ),
  ],
  carelessness: 0.02,
};
