/**
 * A stand-in for a camera at the bench: what it returns is a flame of the flame model with the reference card beside it, seen
 * through a lens with noise, the tint of the room's light, and glare. What burns is told to it by hand.
 */
import { flameColour, type FlameConditions } from '../flame/flame-colour.js';
import {
  cardColumns,
  cardFrame,
  cardPatches,
  cardSize,
  fromLinear,
  toLinear,
  type Rgb,
} from '../flame/reference-card.js';
import type { Picture } from '../flame/read-flame-picture.js';
import { StandIn } from './device.js';

/** Asked for at every pixel. */
const { PI, abs, ceil, cos, floor, log, max, min, sin, sqrt } = Math;

export interface CameraFaults {
  /** Standard deviation of each pixel in linear light. */
  readonly noise: number;
  /** How much stronger or weaker a channel is than it should be. */
  readonly tint: Rgb;
  /** Share of the flame that is burnt out white, 0 to 1. */
  readonly glare: number;
  /** The card is not in view. */
  readonly noCard?: boolean;
}
export const goodCamera: CameraFaults = { noise: 0.01, tint: [1, 1, 1], glare: 0.05 };

const width = 240;
const height = 180;
const room = 0.015;

/** Two even random numbers made one of a bell curve. */
const bell = (random: () => number): number => sqrt(-2 * log(max(random(), 1e-12))) * cos(2 * PI * random());

export class SimulatedCamera extends StandIn<Picture> {
  constructor(
    private readonly random: () => number,
    private readonly burns: () => FlameConditions,
    private readonly faults: CameraFaults = goodCamera,
  ) {
    super();
  }

  /** One picture; undefined while the camera is not ready. */
  read(): Picture | undefined {
    if (this.state !== 'ready') return undefined;
    const { random } = this;
    const { noise, tint, glare, noCard } = this.faults;
    const { srgb } = flameColour(this.burns());
    const flame = [1, 3, 5].map((i) => toLinear(parseInt(srgb.slice(i, i + 2), 16)));
    const unit = 12 + floor(random() * 6);
    const cardX = 6 + floor(random() * (width / 2 - cardSize[0] * unit));
    const cardY = height - ceil(cardSize[1] * unit) - 4 - floor(random() * 10);
    const centre = width * (0.66 + random() * 0.1);
    const data = new Uint8ClampedArray(width * height * 4);
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++) {
        let light = [room, room, room];
        const lit = this.flameAt(x - centre, y);
        if (lit > 0) {
          const white = lit > 1 - glare ? 1 : 0;
          light = light.map((v, c) => v + (white ? 1.4 : flame[c]! * (0.55 + 0.45 * lit)));
        }
        if (!noCard) {
          const patch = cardAt((x - cardX) / unit, (y - cardY) / unit);
          if (patch) light = patch.map(toLinear);
        }
        const at = (y * width + x) * 4;
        for (let c = 0; c < 3; c++)
          data[at + c] = fromLinear(light[c]! * tint[c]! * 0.85 + bell(random) * noise);
        data[at + 3] = 255;
      }
    return { width, height, data };
  }

  /** How deep inside the flame a point is: 0 outside, 1 at its heart. */
  private flameAt(x: number, y: number): number {
    const up = (height * 0.92 - y) / (height * 0.8);
    if (up < 0 || up > 1) return 0;
    const wide = 26 * sin(PI * min(1, 0.15 + up * 0.85)) ** 0.8;
    const off = abs(x) / max(wide, 0.1);
    return off < 1 ? 1 - off ** 2 : 0;
  }
}

/** The card's colour at a place in patch widths from its corner; undefined beside it. */
function cardAt(x: number, y: number): Rgb | undefined {
  if (x < 0 || y < 0 || x > cardSize[0] || y > cardSize[1]) return undefined;
  const step = 1 + cardFrame;
  const [column, row] = [floor((x - cardFrame) / step), floor((y - cardFrame) / step)];
  const inside =
    x >= cardFrame && y >= cardFrame && (x - cardFrame) % step <= 1 && (y - cardFrame) % step <= 1;
  return inside ? cardPatches[row * cardColumns + column] : [12, 12, 12];
}
