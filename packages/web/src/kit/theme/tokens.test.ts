import { expect, test } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { system } from './system.js';

const root = join(process.cwd(), 'packages', 'web', 'src');
const sources = readdirSync(root, { recursive: true, encoding: 'utf8' }).filter((f) => f.endsWith('.tsx'));

/** Values a page gives to these properties, as `file: property=value`. */
function given(properties: string): [string, string][] {
  const pattern = new RegExp(`(?<=[\\s{,])(${properties})(?:=|: )["'](-?[0-9.]+)["']`, 'g');
  return sources.flatMap((file) =>
    [...readFileSync(join(root, file), 'utf8').matchAll(pattern)].map(
      ([, property, value]): [string, string] => [`${file}: ${property}=${value}`, value!.replace('-', '')],
    ),
  );
}

// A value that is no token is not an error to the styling: it is dropped, and the place it should make is not there.
test.each([
  ['spacing', 'p|px|py|pt|pb|pl|pr|m|mx|my|mt|mb|ml|mr|gap|rowGap|columnGap'],
  ['sizes', 'minH|minW|maxH|maxW|boxSize'],
])('every number given to %s is one of the scale', (scale, properties) => {
  const found = given(properties);
  expect(found.length).toBeGreaterThan(20);
  expect(
    found
      .filter(([, value]) => value !== '0' && !system.tokens.getByName(`${scale}.${value}`))
      .map(([where]) => where),
  ).toEqual([]);
});

// Words seen through a veil lose the contrast their pigment was chosen for.
test('nothing that holds words is made see-through', () => {
  const drawings = /^(practise[\\/]stage|kit[\\/]well)[\\/]/;
  const found = sources
    .filter((file) => !drawings.test(file))
    .flatMap((file) =>
      [...readFileSync(join(root, file), 'utf8').matchAll(/<[\w.]+(?:[^<>]|=>)*?\sopacity=[^<]*?>/g)]
        .filter(([element]) => !element.includes('aria-hidden'))
        .map(() => file),
    );
  expect(found).toEqual([]);
});
