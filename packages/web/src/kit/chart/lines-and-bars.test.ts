import { describe, expect, test } from '@jest/globals';
import { warmingLine } from '../../devices/warming-line.js';
import { throughBars } from '../../plan/through-bars.js';

const pigment = (token: string) => `a ${token}`;
interface Drawn {
  readonly xAxis: { readonly min: number; readonly max: number; readonly data: readonly string[] };
  readonly series: readonly {
    readonly data: readonly { readonly value: number; readonly itemStyle: Record<string, unknown> }[];
    readonly markPoint: { readonly data: readonly unknown[] };
    readonly markLine: { readonly data: readonly unknown[] };
  }[];
}

describe('when groups are through', () => {
  const drawn = throughBars(
    [
      { minute: 40, share: 0.25 },
      { minute: 43, share: 0.75 },
    ],
    41,
  )(pigment) as unknown as Drawn;
  test('every minute has its place, with none through in it or not, one more at each end', () => {
    expect(drawn.xAxis.data).toEqual(['39', '40', '41', '42', '43', '44']);
    expect(drawn.series[0]!.data.map((d) => d.value)).toEqual([0, 0.25, 0, 0, 0.75, 0]);
  });
  test('who is too late is told by colour and pattern, from the minute after clearing up begins', () => {
    expect(drawn.series[0]!.data.map((d) => 'decal' in d.itemStyle)).toEqual([
      false,
      false,
      false,
      true,
      true,
      true,
    ]);
    expect(drawn.series[0]!.markLine.data).toEqual([{ xAxis: '41' }]);
  });
  test('a deadline long after all is on the chart still', () => {
    const early = throughBars([{ minute: 3, share: 1 }], 6)(pigment) as unknown as Drawn;
    expect(early.xAxis.data.at(-1)).toBe('7');
  });
});

describe('temperature against time', () => {
  const readings = [
    { second: 10, celsius: 19 },
    { second: 20, celsius: 24.3 },
  ];
  test('from the first reading, a minute wide at least', () => {
    const drawn = warmingLine(readings, undefined)(pigment) as unknown as Drawn;
    expect([drawn.xAxis.min, drawn.xAxis.max]).toEqual([10, 60]);
    expect(drawn.series[0]!.markPoint.data).toEqual([]);
    const none = warmingLine([], undefined)(pigment) as unknown as Drawn;
    expect([none.xAxis.min, none.xAxis.max]).toEqual([0, 60]);
  });
  test('the highest point is marked where it warms, and only there', () => {
    const seen = { warms: true, at: 20, highest: 24.31, from: 19 };
    const marked = warmingLine(readings, seen as never)(pigment) as unknown as Drawn;
    expect(marked.series[0]!.markPoint.data).toEqual([{ coord: [20, 24.31], value: '24.3' }]);
    const cool = warmingLine(readings, { ...seen, warms: false } as never)(pigment) as unknown as Drawn;
    expect(cool.series[0]!.markPoint.data).toEqual([]);
  });
});
