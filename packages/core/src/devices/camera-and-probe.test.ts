import { describe, expect, test } from '@jest/globals';
import { flameColour } from '../flame/flame-colour.js';
import { readFlamePicture } from '../flame/read-flame-picture.js';
import { expectationOf } from '../identification-tests/expectation.js';
import { seededRandom } from '../numbers/random.js';
import { goodCamera, SimulatedCamera, type CameraFaults } from './simulated-camera.js';
import { SimulatedProbe, warmingIn, type ProbeReading } from './simulated-probe.js';

const ions = ['Li+', 'Na+', 'K+', 'Ca2+', 'Sr2+', 'Ba2+', 'Cu2+'] as const;
const shot = (ion: string, seed: number, faults: Partial<CameraFaults> = {}) => {
  const camera = new SimulatedCamera(seededRandom(seed), () => ({ ions: { [ion]: 1 } }), {
    ...goodCamera,
    ...faults,
  });
  camera.connect();
  return readFlamePicture(camera.read()!);
};

describe('a picture of a flame', () => {
  test('under noise, tint and glare is called a colour that earns, or said to be unsure; named where it is good', () => {
    let wrong = 0;
    let named = 0;
    let all = 0;
    const missed: string[] = [];
    ions.forEach((ion, i) => {
      for (let n = 0; n < 5; n++) {
        const random = seededRandom(1000 + i * 50 + n);
        const faults: CameraFaults = {
          noise: 0.005 + random() * 0.025,
          tint: [0.75 + random() * 0.5, 0.85 + random() * 0.3, 0.75 + random() * 0.5],
          glare: random() * 0.3,
        };
        const said = shot(ion, i * 100 + n, faults);
        const accepted = [
          ...(expectationOf('flame', [ion])['colour'] ?? []),
          flameColour({ ions: { [ion]: 1 } }).name,
        ];
        all += 1;
        if (said.name) named += 1;
        if (said.name && !accepted.includes(said.name)) {
          wrong += 1;
          missed.push(`${ion} as ${said.name}`);
        }
      }
    });
    expect([missed.slice(0, 5), wrong / all <= 0.05]).toEqual([expect.anything(), true]);
    expect(named / all).toBeGreaterThan(0.6);
  });
  test('without the card, without a flame, or too small, is not named, and the sentence says what to do', () => {
    expect(shot('Na+', 1, { noCard: true })).toMatchObject({
      name: undefined,
      problem: expect.stringMatching(/reference card/),
    });
    const black = { width: 200, height: 150, data: new Uint8ClampedArray(200 * 150 * 4) };
    expect(readFlamePicture(black).name).toBeUndefined();
    expect(readFlamePicture({ width: 10, height: 10, data: new Uint8ClampedArray(400) }).problem).toMatch(
      /small/,
    );
  });
  test('noise alone is no flame', () => {
    const random = seededRandom(3);
    const data = Uint8ClampedArray.from({ length: 160 * 120 * 4 }, () => random() * 255);
    expect(readFlamePicture({ width: 160, height: 120, data }).name).toBeUndefined();
  });
});

describe('the camera', () => {
  test('gives nothing before it is connected and after it has dropped out', () => {
    const camera = new SimulatedCamera(seededRandom(1), () => ({ ions: {} }));
    expect(camera.read()).toBeUndefined();
    camera.connect();
    expect(camera.read()).toMatchObject({ width: 240 });
    camera.dropOut();
    expect([camera.read(), camera.state]).toEqual([undefined, 'lost']);
  });
});

describe('the temperature probe', () => {
  const curve = (rise: number, seconds = 180) => {
    const probe = new SimulatedProbe(seededRandom(7), { start: 20, rise, seconds: 30 });
    probe.connect();
    const readings: ProbeReading[] = [];
    for (let i = 0; i < seconds; i++) readings.push(probe.read()!);
    return readings;
  };
  test('shows a rise, lost again slowly; the highest point is found', () => {
    const seen = warmingIn(curve(12))!;
    expect(seen.before).toBeCloseTo(20.5, 0);
    expect(seen.rise).toBeGreaterThan(7);
    expect(seen.rise).toBeLessThan(12);
    expect(seen.at).toBeGreaterThan(30);
    expect(seen.warms).toBe(true);
  });
  test('its tremble is no warming; too few readings say nothing', () => {
    expect(warmingIn(curve(0))!.warms).toBe(false);
    expect(warmingIn(curve(5).slice(0, 4))).toBeUndefined();
  });
  test('what happens while it is out is not seen, and it goes on when it is back', () => {
    const probe = new SimulatedProbe(seededRandom(7), { start: 20, rise: 10, seconds: 20 });
    probe.connect();
    probe.read();
    probe.dropOut();
    expect(probe.read()).toBeUndefined();
    probe.connect();
    expect(probe.read()!.second).toBe(3);
  });
});
