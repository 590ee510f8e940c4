/** The verb `mark`: one answer, one mark. */
import type { MarkItem } from '../marking/mark-item.js';
import { mark } from '../marking/mark.js';
import { isPurposeId, purposes } from '../syllabus/purposes.js';
import { isGasId } from '../species/species.js';
import { strictnesses } from '../syllabus/syllabus-definition.js';
import { allSyllabuses } from '../syllabus/syllabuses.js';
import { LineError, listAt, objectAt, oneOfAt, textAt, type Json, type JsonObject } from './line-shape.js';
import { observationsAt, speciesAt } from './shared-shapes.js';

const kinds = ['observation', 'gas-test', 'identify', 'purpose'] as const;
const keysOf: Readonly<Record<(typeof kinds)[number], readonly string[]>> = {
  observation: ['kind', 'test', 'sample', 'attribute', 'form', 'strictness'],
  'gas-test': ['kind', 'gas', 'strictness'],
  identify: ['kind', 'sample', 'part', 'seen', 'strictness'],
  purpose: ['kind', 'of', 'strictness'],
};

function sampleAt(value: Json | undefined): string[] {
  const sample = listAt(value, 'item.sample', 12, speciesAt);
  if (sample.length === 0) throw new LineError('item.sample is empty; name at least one ion, gas or metal');
  return sample;
}

function itemAt(value: Json | undefined): MarkItem {
  const any = objectAt(value, 'item', [...new Set(Object.values(keysOf).flat())]);
  const kind = oneOfAt(any['kind'], 'item.kind', kinds);
  objectAt(value, 'item', keysOf[kind]);
  const strictness =
    any['strictness'] === undefined
      ? {}
      : { strictness: oneOfAt(any['strictness'], 'item.strictness', strictnesses) };
  switch (kind) {
    case 'observation':
      return {
        kind,
        test: textAt(any['test'], 'item.test'),
        sample: sampleAt(any['sample']),
        ...(any['attribute'] === undefined ? {} : { attribute: textAt(any['attribute'], 'item.attribute') }),
        ...(any['form'] === undefined
          ? {}
          : { form: oneOfAt(any['form'], 'item.form', ['solid', 'solution', 'gas', 'metal'] as const) }),
        ...strictness,
      };
    case 'gas-test': {
      const gas = textAt(any['gas'], 'item.gas');
      if (!isGasId(gas))
        throw new LineError(`item.gas is "${gas.slice(0, 60)}", which is not a gas Kivex knows`);
      return { kind, gas, ...strictness };
    }
    case 'identify':
      return {
        kind,
        sample: sampleAt(any['sample']),
        part: oneOfAt(any['part'], 'item.part', ['cation', 'anion', 'salt', 'gas'] as const),
        ...(any['seen'] === undefined ? {} : { seen: observationsAt(any['seen'], 'item.seen') }),
        ...strictness,
      };
    case 'purpose': {
      const of = textAt(any['of'], 'item.of');
      if (!isPurposeId(of))
        throw new LineError(
          `item.of is "${of.slice(0, 60)}"; it must be one of ${purposes.map((p) => p.id).join(', ')}`,
        );
      return { kind, of, ...strictness };
    }
  }
}

/** Runs `mark` on one line. @throws LineError | RangeError with what is wrong. */
export function markVerb(line: JsonObject): object {
  objectAt(line, 'the line', ['id', 'syllabus', 'item', 'answer']);
  const syllabus = oneOfAt(
    line['syllabus'],
    'syllabus',
    allSyllabuses.map((s) => s.id),
  );
  return mark(syllabus, itemAt(line['item']), textAt(line['answer'], 'answer'));
}
