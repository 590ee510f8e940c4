/** The verb `reaction`: the equations of what happens in a test. */
import type { AcidId } from '../species/in-acid.js';
import { reactionsOfGasTest, reactionsOfTest } from '../reactions/reactions-of-test.js';
import { isGasId } from '../species/species.js';
import { isTestId } from '../identification-tests/tests.js';
import { LineError, listAt, objectAt, oneOfAt, textAt, type JsonObject } from './line-shape.js';
import { speciesAt } from './shared-shapes.js';

const acids: readonly AcidId[] = ['HCl', 'H2SO4', 'HNO3'];
const forms = ['solution', 'solid'] as const;

/** Runs `reaction` on one line. @throws LineError | RangeError with what is wrong. */
export function reactionVerb(line: JsonObject): object {
  if (line['gas-test'] !== undefined) {
    objectAt(line, 'the line', ['id', 'gas-test']);
    const gas = textAt(line['gas-test'], 'gas-test');
    if (!isGasId(gas))
      throw new LineError(
        `gas-test is "${gas.slice(0, 60)}", which is no gas Kivex knows; write it like CO2`,
      );
    return reactionsOfGasTest(gas);
  }
  objectAt(line, 'the line', ['id', 'test', 'sample', 'acid', 'form']);
  const test = textAt(line['test'], 'test');
  if (!isTestId(test)) throw new LineError(`test is "${test.slice(0, 60)}", which is not a test Kivex knows`);
  const sample = listAt(line['sample'], 'sample', 2, speciesAt);
  if (!sample.length) throw new LineError('sample is empty; name its ions, metal or gas');
  return reactionsOfTest({
    test,
    sample,
    ...(line['acid'] === undefined ? {} : { acid: oneOfAt(line['acid'], 'acid', acids) }),
    ...(line['form'] === undefined ? {} : { form: oneOfAt(line['form'], 'form', forms) }),
  });
}
