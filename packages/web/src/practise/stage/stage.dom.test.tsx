import { describe, expect, test } from '@jest/globals';
import { ScreenBench, sampleOfSpecies, type Action, type Seen } from '@kivex/core';
import { render, screen } from '@testing-library/react';
import { show } from '../../testing/show.js';
import { Apparatus } from './Apparatus.js';
import { drawnAs } from './flame-course.js';
import { FrameDrawing } from './FrameDrawing.js';
import { HeldDrawing } from './HeldDrawing.js';
import { VesselDrawing } from './VesselDrawing.js';

/** What the last of some actions shows. */
function last(sample: readonly string[], ...actions: Action[]): { frame: Seen; action: Action } {
  const bench = new ScreenBench({ samples: { sample: sampleOfSpecies(sample) } });
  const frames = actions.map((action) => bench.act(action));
  return { frame: frames.at(-1)!, action: actions.at(-1)! };
}
const take: Action = { do: 'take' };
const add = (reagent: string, more: object = {}): Action => ({ do: 'add', reagent, ...more });
const vessel = (frame: Seen) => {
  const { container } = render(
    <svg>
      <VesselDrawing view={frame.vessel!} />
    </svg>,
  );
  return container;
};
const fills = (container: HTMLElement) =>
  [...container.querySelectorAll('[fill]')].map((e) => e.getAttribute('fill')!.toLowerCase());

describe('a tube is drawn as it is', () => {
  test('a precipitate in its pigment, over a card half white and half black', () => {
    const { frame } = last(['Cu2+', 'Cl-'], take, add('NaOH', { drops: 5 }));
    const container = vessel(frame);
    expect(fills(container)).toContain(frame.vessel!.solids[0]!.srgb);
    expect(fills(container)).toEqual(expect.arrayContaining(['#fdfdfb', '#262d35']));
    expect(container.querySelectorAll('.kx-bubble')).toHaveLength(0);
  });
  test('bubbles while it fizzes, none when it is over', () => {
    const fizz = [take, add('HCl', { mL: 2 })] as const;
    expect(
      vessel(last(['Na+', 'CO3^2-'], ...fizz).frame).querySelectorAll('.kx-bubble').length,
    ).toBeGreaterThan(5);
    const over = last(['Na+', 'CO3^2-'], ...fizz, { do: 'wait', seconds: 120 });
    expect(vessel(over.frame).querySelectorAll('.kx-bubble')).toHaveLength(0);
  });
  test('a layer above, in the colour of what it took up', () => {
    const { frame } = last(['K+', 'I-'], take, add('hexane'), add('chlorine-water', { mL: 1 }), {
      do: 'shake',
    });
    expect(fills(vessel(frame))).toContain(frame.vessel!.layer!.srgb);
  });
  test('a brown ring where the liquids meet, and none once it was shaken', () => {
    const ring = [
      take,
      add('FeSO4', { mL: 2 }),
      add('H2SO4', { molarity: 18, mL: 1, how: 'down-the-side' }),
    ] as const;
    expect(fills(vessel(last(['K+', 'NO3-'], ...ring).frame))).toContain('#7a4318');
    expect(fills(vessel(last(['K+', 'NO3-'], ...ring, { do: 'shake' }).frame))).not.toContain('#7a4318');
  });
  test('settled, the solid lies at the foot and the liquid above it clears', () => {
    const cloud = (seconds: number) => {
      const { frame } = last(['Mg2+', 'Cl-'], take, add('NaOH', { drops: 10 }), { do: 'wait', seconds });
      const container = vessel(frame);
      const white = [...container.querySelectorAll('rect')].filter(
        (r) => r.getAttribute('fill') === frame.vessel!.solids[0]!.srgb,
      );
      return { opacity: Number(white[0]!.getAttribute('opacity')), rects: white.length };
    };
    expect(cloud(600).opacity).toBeLessThan(cloud(1).opacity / 3);
    expect(cloud(600).rects).toBeGreaterThan(cloud(1).rects);
  });
  test('a bung, a thumb, a label and steam are seen', () => {
    const stoppered = last(['Na+', 'Cl-'], take, { do: 'stopper', with: 'bung' });
    expect(fills(vessel(stoppered.frame))).toContain('#8b5a3c');
    expect(fills(vessel(last(['Na+', 'Cl-'], take, { do: 'stopper', with: 'thumb' }).frame))).toContain(
      '#dcb89a',
    );
    expect(vessel(last(['Na+', 'Cl-'], take, { do: 'label', text: 'A' }).frame).textContent).toContain('A');
    expect(
      vessel(last(['Na+', 'Cl-'], take, { do: 'warm' }).frame).querySelectorAll('.kx-waft'),
    ).toHaveLength(3);
  });
  test('metal pieces and powder lie at the foot', () => {
    expect(fills(vessel(last(['Mg'], take, add('HCl', { molarity: 1, mL: 5 })).frame))).toContain('#c4c9cc');
  });
  test('a gas with a colour tints the tube', () => {
    expect(fills(vessel(last(['Cl2'], take).frame))).toContain('#c4d877');
  });
});

describe('a moment of a run', () => {
  test('a flame in its colour, behind the blue glass where one looks through it; words for who does not see it', () => {
    const { frame, action } = last(
      ['K+', 'Cl-'],
      { do: 'clean' },
      { do: 'dip' },
      { do: 'flame', glass: true },
    );
    const { container } = show(<FrameDrawing frame={frame} action={action} />);
    expect(screen.getByRole('img', { name: /crimson\. Through the blue glass/ })).toBeTruthy();
    expect(fills(container)).toContain('#1b2a86');
    const { srgb, moments } = frame.flame!;
    expect(container.innerHTML).toContain(drawnAs({ srgb, name: moments.at(-1)!.name }, true).outer);
  });
  test('what has no picture is said', () => {
    const { frame, action } = last(['K+', 'Cl-'], { do: 'goggles', on: true });
    show(<FrameDrawing frame={frame} action={action} />);
    expect(screen.getByText('Goggles on.')).toBeTruthy();
  });
});

describe('what is held', () => {
  const held = (what: Extract<Action, { do: 'hold' }>['what'], seen: Record<string, string>) => {
    const { container } = render(
      <svg>
        <HeldDrawing action={{ do: 'hold', what, damp: true }} seen={seen} brim={34} />
      </svg>,
    );
    return fills(container);
  };
  test('litmus before and after', () => {
    expect(held('red-litmus', { litmus: 'blue' })).toEqual(expect.arrayContaining(['#d98b93', '#7a90cc']));
    expect(held('red-litmus', { litmus: 'no-change' })).not.toContain('#7a90cc');
    expect(held('blue-litmus', { litmus: 'red-then-bleached' })).toEqual(
      expect.arrayContaining(['#d98b93', '#f5f3ee']),
    );
  });
  test('a splint burns, goes out, relights, pops', () => {
    expect(held('lit-splint', { splint: 'no-change' })).toContain('#f3b73f');
    expect(held('lit-splint', { splint: 'goes-out' })).not.toContain('#f3b73f');
    expect(held('glowing-splint', { splint: 'relights' })).toContain('#ffd76a');
    expect(held('glowing-splint', { splint: 'no-change' })).toContain('#e2562b');
  });
  test('fumes, drops and papers in their colours', () => {
    expect(held('hcl-rod', { fumes: 'white' }).filter((f) => f === '#ffffff')).toHaveLength(1);
    expect(held('limewater-drop', { limewater: 'cloudy' })).toContain('#ffffff');
    expect(held('manganate-paper', { solution: 'colourless' })).toContain('#f2edf2');
    expect(held('starch-iodide-paper', { colour: 'blue-black' })).toContain('#20203e');
    expect(held('cobalt-chloride-paper', { colour: 'pink' })).toContain('#e3a3b5');
    expect(held('anhydrous-copper-sulfate', { colour: 'blue' })).toContain('#3f7fd0');
  });
});

describe('apparatus', () => {
  const led = (over: 'water' | 'upward' | 'downward', seconds = 20) => {
    const bench = new ScreenBench({ samples: { sample: { kind: 'metal', metal: 'Mg', clean: true } } });
    const actions: Action[] = [
      { do: 'take', into: 'flask' },
      add('HCl', { to: 'flask', molarity: 1, mL: 5 }),
      { do: 'connect', from: 'flask', to: 'jar', over },
      { do: 'wait', seconds },
    ];
    for (const action of actions) bench.act(action);
    const [from, to] = ['flask', 'jar'].map((id) => bench.views().find((v) => v.vessel === id)!);
    const { container } = render(
      <svg>
        <Apparatus view={from!} led={to!} />
      </svg>,
    );
    return container;
  };
  const water = (container: HTMLElement) =>
    [...container.querySelectorAll('rect[fill="#9cc3d8"]')].map((r) => Number(r.getAttribute('height')));
  test('over water: a trough, and water in the jar that goes as gas comes', () => {
    const [early, late] = [water(led('water', 1)), water(led('water', 120))];
    expect(early).toHaveLength(2);
    expect(late[0]!).toBeLessThan(early[0]! / 4);
  });
  test('upward and downward without a trough; the jar turned over for a light gas alone', () => {
    const turned = (container: HTMLElement) =>
      [...container.querySelectorAll('g')].filter((g) =>
        g.getAttribute('transform')?.startsWith('rotate(180'),
      ).length;
    expect(water(led('upward'))).toEqual([]);
    expect(turned(led('upward'))).toBe(1);
    expect(turned(led('downward'))).toBe(0);
  });
});
