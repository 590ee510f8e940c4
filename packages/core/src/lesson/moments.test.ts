import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { deviceYears, momentByServer, readMoment } from './moments.js';
import { isReadableBody } from './readable-event.js';

describe('a moment', () => {
  test.each([
    '2026-W48',
    '2026-330',
    '2026-11-25',
    '20261125T093000Z',
    '2026-11-25T09:30:00+01:00',
    '2026-11-25T09:30Z',
    '2026-02-31T09:00:00Z',
    '2026-11-25T24:00:00Z',
    '2026-11-25T09:30:60Z',
    '0000-00-00T00:00:00Z',
    '1999-12-31T23:59:59Z',
    '2100-01-01T00:00:00Z',
    '+012026-11-25T09:30:00Z',
    '',
    ' 2026-11-25T09:30:00Z',
    7,
    null,
    undefined,
    {},
    ['2026-11-25T09:30:00Z'],
  ])('%j is none', (text) => expect(readMoment(text)).toBeUndefined());
  test('is read just as it is written, whenever it is', () => {
    const range = { min: new Date('2000-01-01'), max: new Date('2099-12-31'), noInvalidDate: true };
    fc.assert(fc.property(fc.date(range), (d) => readMoment(d.toISOString())?.getTime() === d.getTime()));
  });
  test('never throws, and what it takes can be written back', () => {
    fc.assert(
      fc.property(fc.anything(), (x) => {
        const read = readMoment(x, deviceYears);
        return read === undefined || typeof read.toISOString() === 'string';
      }),
    );
  });
  test('a clock that has lost its battery is read for devices', () =>
    expect(readMoment('1970-01-01T00:03:00Z', deviceYears)).toBeDefined());
});
describe('when an entry was made, by the server', () => {
  const at = (text: string) => new Date(`2026-11-${text}:00Z`);
  test.each([
    ['a clock that is right', '25T09:00', '25T09:30', '25T09:30', '25T09:00'],
    ['a clock a day behind', '24T09:00', '24T09:30', '25T09:30', '25T09:00'],
    ['a clock a day ahead', '26T09:00', '26T09:30', '25T09:30', '25T09:00'],
    ['made after it was sent', '25T09:40', '25T09:30', '25T09:30', '25T09:30'],
  ])('%s', (_, made, sent, received, is) =>
    expect(momentByServer(at(made), at(sent), at(received))).toEqual(at(is)),
  );
  test('without the time of sending the device is believed, but not into the future', () => {
    expect(momentByServer(at('25T08:00'), undefined, at('25T09:00'))).toEqual(at('25T08:00'));
    expect(momentByServer(at('27T08:00'), undefined, at('25T09:00'))).toEqual(at('25T09:00'));
  });
});
describe('a stored body', () => {
  test.each([
    null,
    7,
    [],
    'x',
    {},
    { type: 'constructor' },
    { type: 'observation' },
    { type: 'observation', sample: 's', test: 't', variant: 'v', seen: { colour: 1 } },
    { type: 'naming', sample: 's', answer: 'a', evidence: 'x' },
    { type: 'step', test: 't', step: 'one' },
  ])('%j cannot be read', (body) => expect(isReadableBody(body)).toBe(false));
  test('no rubbish makes it throw', () => {
    fc.assert(fc.property(fc.anything(), (x) => typeof isReadableBody(x) === 'boolean'));
  });
  test('of each kind can be read', () => {
    expect(isReadableBody({ type: 'hand-in' })).toBe(true);
    expect(
      isReadableBody({ type: 'observation', sample: 's', test: 't', variant: 'v', seen: { colour: 'red' } }),
    ).toBe(true);
  });
});
