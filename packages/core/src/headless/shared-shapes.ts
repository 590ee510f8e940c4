/** Readers of the shapes several verbs share: samples and observations. */
import type { SeenRecord } from '../reasoning/likelihood.js';
import { isIonId, isSpeciesId } from '../species/species.js';
import { attributeOf, isTestId, testOf, variantOf } from '../identification-tests/tests.js';
import { LineError, listAt, objectAt, textAt, type Json } from './line-shape.js';

/** An ion id. @throws LineError */
export function ionAt(value: Json, where: string): string {
  const id = textAt(value, where);
  if (!isIonId(id))
    throw new LineError(
      `${where} is "${id.slice(0, 60)}", which is not an ion; write it like Ca2+ or SO4^2-`,
    );
  return id;
}

/** The id of an ion, gas or metal. @throws LineError */
export function speciesAt(value: Json, where: string): string {
  const id = textAt(value, where);
  if (!isSpeciesId(id))
    throw new LineError(
      `${where} is "${id.slice(0, 60)}", which is no ion, gas or metal Kivex knows; write it like Ca2+, SO4^2- or CO2`,
    );
  return id;
}

/** A record of what was seen in one test. @throws LineError */
export function seenAt(value: Json, where: string): SeenRecord {
  const line = objectAt(value, where, ['test', 'variant', 'seen']);
  const id = textAt(line['test'], `${where}.test`);
  if (!isTestId(id))
    throw new LineError(`${where}.test is "${id.slice(0, 60)}", which is not a test Kivex can reason about`);
  const test = testOf(id);
  const raw = objectAt(
    line['seen'],
    `${where}.seen`,
    test.attributes.map((a) => a.id),
  );
  const seen: Record<string, string> = {};
  for (const [key, item] of Object.entries(raw)) {
    const attribute = attributeOf(test, key);
    if (attribute.number) {
      if (typeof item !== 'number' || !Number.isFinite(item))
        throw new LineError(`${where}.seen.${key} must be a number`);
      seen[key] = String(item);
      continue;
    }
    const text = textAt(item, `${where}.seen.${key}`);
    const values = attribute.values.map((v) => v.id);
    if (!values.includes(text))
      throw new LineError(
        `${where}.seen.${key} must be one of ${values.join(', ')}, not "${text.slice(0, 60)}"`,
      );
    seen[key] = text;
  }
  if (line['variant'] === undefined) return { test: id, seen };
  const variant = textAt(line['variant'], `${where}.variant`);
  try {
    variantOf(test, variant);
  } catch (error) {
    throw new LineError(`${where}.variant: ${(error as Error).message}`);
  }
  return { test: id, variant, seen };
}

/** A list of observations. @throws LineError */
export const observationsAt = (value: Json | undefined, where: string): SeenRecord[] =>
  listAt(value, where, 200, seenAt);
