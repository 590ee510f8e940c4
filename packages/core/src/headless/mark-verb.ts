/** The verb `mark`: one answer, one mark. */
import type { MarkItem } from '../marking/mark-item.js';
import { mark } from '../marking/mark.js';
import { strictnesses } from '../syllabus/syllabus-definition.js';
import { allSyllabuses } from '../syllabus/syllabuses.js';
import { LineError, listAt, objectAt, oneOfAt, textAt, type Json, type JsonObject } from './line-shape.js';
import { ionAt, observationsAt } from './shared-shapes.js';

function itemAt(value: Json | undefined): MarkItem {
  const any = objectAt(value, 'item', [
    'kind',
    'test',
    'sample',
    'attribute',
    'form',
    'part',
    'seen',
    'strictness',
  ]);
  const kind = oneOfAt(any['kind'], 'item.kind', ['observation', 'identify'] as const);
  const strictness =
    any['strictness'] === undefined
      ? {}
      : { strictness: oneOfAt(any['strictness'], 'item.strictness', strictnesses) };
  const sample = listAt(any['sample'], 'item.sample', 12, ionAt);
  if (sample.length === 0) throw new LineError('item.sample is empty; name at least one ion');
  switch (kind) {
    case 'observation': {
      objectAt(value, 'item', ['kind', 'test', 'sample', 'attribute', 'form', 'strictness']);
      return {
        kind,
        test: textAt(any['test'], 'item.test'),
        sample,
        ...(any['attribute'] === undefined ? {} : { attribute: textAt(any['attribute'], 'item.attribute') }),
        ...(any['form'] === undefined
          ? {}
          : { form: oneOfAt(any['form'], 'item.form', ['solid', 'solution', 'gas', 'metal'] as const) }),
        ...strictness,
      };
    }
    case 'identify': {
      objectAt(value, 'item', ['kind', 'sample', 'part', 'seen', 'strictness']);
      return {
        kind,
        sample,
        part: oneOfAt(any['part'], 'item.part', ['cation', 'anion', 'salt'] as const),
        ...(any['seen'] === undefined ? {} : { seen: observationsAt(any['seen'], 'item.seen') }),
        ...strictness,
      };
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
