import { describe, expect, test } from '@jest/globals';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { filesKept, keptAddresses, keptPages, type Chunk } from './kept-on-devices.js';

const chunk = (moduleIds: string[], more: Partial<Chunk> = {}): Chunk => ({
  isEntry: false,
  moduleIds: moduleIds.map((id) => `/somewhere/src/${id}.tsx`),
  imports: [],
  dynamicImports: [],
  ...more,
});
const built = new Map([
  ['main.js', chunk(['entry'], { isEntry: true, imports: ['start.js'] })],
  ['start.js', chunk(['main', 'pages'], { imports: ['kit.js'], dynamicImports: ['bench.js', 'run.js'] })],
  ['kit.js', chunk(['kit/Notice'])],
  ['bench.js', chunk(['bench/BenchPage'], { imports: ['kit.js', 'tile.js'], dynamicImports: ['pad.js'] })],
  ['tile.js', chunk(['bench/Tile'], { imports: ['bench.js'] })],
  ['pad.js', chunk(['bench/Pad'], { dynamicImports: ['photo.js'] })],
  ['photo.js', chunk(['bench/PhotoPart'])],
  ['run.js', chunk(['run/RunPage'], { imports: ['tile.js', 'chart.js'] })],
  ['chart.js', chunk(['kit/chart/Chart'])],
]);

describe('what a device keeps', () => {
  test('is a page with what it needs and what it fetches later, and nothing of the others', () => {
    expect([...filesKept(built, ['bench/BenchPage'])].sort()).toEqual([
      'bench.js',
      'kit.js',
      'main.js',
      'pad.js',
      'photo.js',
      'start.js',
      'tile.js',
    ]);
  });
  test('of no page is what all of them begin with', () => {
    expect([...filesKept(built, [])].sort()).toEqual(['kit.js', 'main.js', 'start.js']);
  });
  test('a page that is called otherwise now is told, not left out', () => {
    expect(() => filesKept(built, ['bench/Bench'])).toThrow('bench/Bench is to open without a network');
  });
  test('each page named is one', () => {
    const source = join(process.cwd(), 'packages/web/src');
    expect(keptPages.filter((page) => !existsSync(join(source, `${page}.tsx`)))).toEqual([]);
  });
  test.each([
    ['/', true],
    ['/bench', true],
    ['/bench/on-screen', true],
    ['/set/481516', true],
    ['/practise', true],
    ['/practise/class', false],
    ['/lessons', false],
    ['/benches', false],
    ['/settings', false],
  ])('an address: %s (%s)', (path, kept) => {
    expect(keptAddresses.some((address) => address.test(path))).toBe(kept);
  });
});
