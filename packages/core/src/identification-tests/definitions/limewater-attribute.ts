import type { Attribute } from '../test-definition.js';
import { change, clearTube, coloured, notTested, pigment, solidIn } from '../test-parts.js';

/** What limewater does; used where gas is led into it and as a test of its own. */
export const limewaterSeen = (withNotTested: boolean): Attribute => ({
  id: 'limewater',
  reads: 'limewater',
  nothing: 'clear',
  ...(withNotTested ? { neutral: ['not-tested'] } : {}),
  question: 'What did the limewater do?',
  values: [
    ...(withNotTested ? [notTested] : []),
    coloured('clear', 'stays clear', pigment.colourless),
    change('cloudy', 'turns cloudy', clearTube, solidIn(pigment.white)),
    ...(withNotTested
      ? []
      : [change('cloudy-then-clear', 'cloudy, then clear again', solidIn(pigment.white), clearTube)]),
  ],
  confusions: [{ pair: ['clear', 'cloudy'], chance: 0.02 }],
  source: 'school-practice',
});
