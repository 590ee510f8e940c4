/** The verb `gas`: how much gas comes off, what runs out, how warm it gets. */
import { madeGases } from '../gas-making/facts.js';
import { gasAmount, type ReactantAmount } from '../gas-making/gas-amount.js';
import { LineError, numberAt, objectAt, oneOfAt, type Json, type JsonObject } from './line-shape.js';

const mostReactants = 6;

function amountAt(value: Json | undefined, where: string): ReactantAmount {
  const amount = objectAt(value, where, ['mass_g', 'molarity', 'volume_mL']);
  const weighed = amount['mass_g'] !== undefined;
  if (weighed && (amount['molarity'] !== undefined || amount['volume_mL'] !== undefined))
    throw new LineError(`${where} has both a mass and a strength or volume; give mass_g, or the other two`);
  if (weighed) return { mass_g: numberAt(amount['mass_g'], `${where}.mass_g`) };
  return {
    molarity: numberAt(amount['molarity'], `${where}.molarity`),
    volume_mL: numberAt(amount['volume_mL'], `${where}.volume_mL`),
  };
}

function fromAt(value: Json | undefined): Record<string, ReactantAmount> {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    throw new LineError('gas.from must be an object of formula: amount');
  const entries = Object.entries(value as JsonObject);
  if (!entries.length || entries.length > mostReactants)
    throw new LineError(`gas.from has ${entries.length} reactants; give 1 to ${mostReactants}`);
  return Object.fromEntries(
    entries.map(([formula, amount]) => [formula, amountAt(amount, `gas.from ${formula.slice(0, 40)}`)]),
  );
}

/** Runs `gas` on one line. @throws LineError | RangeError with what is wrong. */
export function gasVerb(line: JsonObject): object {
  objectAt(line, 'the line', ['id', 'gas']);
  const gas = objectAt(line['gas'], 'gas', ['make', 'from', 'celsius', 'kPa', 'tube_mL']);
  const given = (key: 'celsius' | 'kPa' | 'tube_mL') =>
    gas[key] === undefined ? {} : { [key]: numberAt(gas[key], `gas.${key}`) };
  return gasAmount({
    make: oneOfAt(gas['make'], 'gas.make', madeGases),
    from: fromAt(gas['from']),
    ...given('celsius'),
    ...given('kPa'),
    ...given('tube_mL'),
  });
}
