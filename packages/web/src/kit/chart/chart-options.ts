/** Charts as ECharts takes them: bars of shares with their intervals, and two bars side by side. */
import type { Pigment } from './Chart.js';

/** What ECharts is given; its own type is far wider than what is drawn here. */
export type ChartOption = Readonly<Record<string, unknown>>;

export interface ShareBar {
  readonly name: string;
  readonly share: number;
  /** Where known: the 95 % interval. */
  readonly interval?: readonly [number, number];
  /** Wants looking at: told by pattern as well as by colour. */
  readonly low?: boolean;
}

/** Slanting lines over a bar: what colour says is said by pattern too. */
export const hatched = (colour: string) => ({
  symbol: 'rect',
  rotation: 0.8,
  dashArrayX: [1, 0],
  dashArrayY: [3, 4],
  color: colour,
});

interface CustomApi {
  readonly value: (dimension: number) => number;
  readonly coord: (at: readonly [number, number]) => readonly [number, number];
}

/** Lying bars from 0 to 100 %, the first on top, each with a line over its interval. */
export function shareBars(bars: readonly ShareBar[]): (pigment: Pigment) => ChartOption {
  return (pigment) => ({
    grid: { left: 8, right: 24, top: 4, bottom: 24, containLabel: true },
    xAxis: {
      type: 'value',
      min: 0,
      max: 1,
      axisLabel: { formatter: (v: number) => `${Math.round(v * 100)} %`, color: pigment('ink-soft') },
      splitLine: { lineStyle: { color: pigment('slate-200') } },
    },
    yAxis: {
      type: 'category',
      inverse: true,
      data: bars.map((b) => b.name),
      axisTick: { show: false },
      axisLabel: { color: pigment('ink'), width: 300, overflow: 'truncate' },
    },
    series: [
      {
        type: 'bar',
        barMaxWidth: 18,
        data: bars.map(({ share, low }) => ({
          value: share,
          itemStyle: low
            ? { color: pigment('saffron-line'), decal: hatched(pigment('saffron')) }
            : { color: pigment('verdigris-line') },
        })),
      },
      {
        type: 'custom',
        silent: true,
        z: 3,
        data: bars.flatMap(({ interval }, i) => (interval ? [[i, ...interval]] : [])),
        encode: { x: [1, 2], y: 0 },
        renderItem: (_: unknown, api: CustomApi) => {
          const [x1, y] = api.coord([api.value(1), api.value(0)]);
          const [x2] = api.coord([api.value(2), api.value(0)]);
          const style = { stroke: pigment('ink'), lineWidth: 1.5 };
          const line = (a: number, b: number, c: number, d: number) => ({
            type: 'line',
            shape: { x1: a, y1: b, x2: c, y2: d },
            style,
          });
          return {
            type: 'group',
            children: [line(x1, y, x2, y), line(x1, y - 4, x1, y + 4), line(x2, y - 4, x2, y + 4)],
          };
        },
      },
    ],
  });
}

/** Two lying bars a name: what was planned, and what it took. */
export function pairedBars(
  rows: readonly { readonly name: string; readonly first: number; readonly second: number | null }[],
  heads: readonly [string, string],
  unit: string,
): (pigment: Pigment) => ChartOption {
  return (pigment) => ({
    legend: { top: 0, left: 0, textStyle: { color: pigment('ink') } },
    grid: { left: 8, right: 24, top: 32, bottom: 24, containLabel: true },
    xAxis: {
      type: 'value',
      min: 0,
      axisLabel: { formatter: (v: number) => `${v} ${unit}`, color: pigment('ink-soft') },
      splitLine: { lineStyle: { color: pigment('slate-200') } },
    },
    yAxis: {
      type: 'category',
      inverse: true,
      data: rows.map((r) => r.name),
      axisTick: { show: false },
      axisLabel: { color: pigment('ink'), width: 300, overflow: 'truncate' },
    },
    series: [
      {
        type: 'bar',
        name: heads[0],
        barMaxWidth: 14,
        itemStyle: { color: pigment('slate-300') },
        data: rows.map((r) => r.first),
      },
      {
        type: 'bar',
        name: heads[1],
        barMaxWidth: 14,
        itemStyle: { color: pigment('permanganate-line'), decal: hatched(pigment('permanganate')) },
        data: rows.map((r) => r.second),
      },
    ],
  });
}
