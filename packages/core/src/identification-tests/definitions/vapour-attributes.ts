/** What litmus and the nose tell about a vapour. */
import type { Attribute } from '../test-definition.js';
import { change, liquid, none, pigment } from '../test-parts.js';

const red = liquid(pigment.red);
const blue = liquid(pigment.litmusBlue);

export const redLitmusInVapour: Attribute = {
  id: 'litmus',
  reads: 'litmus',
  nothing: 'no-change',
  question: 'What did damp red litmus do in the vapour?',
  values: [none('stays red', 'no-change'), change('blue', 'turns blue', red, blue)],
  confusions: [{ pair: ['no-change', 'blue'], chance: 0.02 }],
  source: 'school-practice',
};
export const smell: Attribute = {
  id: 'smell',
  reads: 'smell',
  nothing: 'none',
  question: 'Was there a smell?',
  values: [
    none('no smell'),
    { id: 'pungent', label: 'pungent', look: { kind: 'effervescence', rate: 'slow' } },
  ],
  confusions: [{ pair: ['none', 'pungent'], chance: 0.05 }],
  source: 'school-practice',
};
