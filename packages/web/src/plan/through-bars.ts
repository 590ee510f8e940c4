/** When groups are through, as a chart draws it: a bar a minute, with the line at which clearing up begins. */
import type { Pigment } from '../kit/chart/Chart.js';
import { hatched, type ChartOption } from '../kit/chart/chart-options.js';

/**
 * Bars of shares over the minutes of a lesson, without a gap, one minute beyond the first and the last of them and of
 * the deadline; those after it are told by colour and by pattern.
 * @param bars share (0 to 1) of groups that are through in that minute.
 * @param deadline minute in which clearing up begins.
 */
export function throughBars(
  bars: readonly { readonly minute: number; readonly share: number }[],
  deadline: number,
): (pigment: Pigment) => ChartOption {
  const first = Math.min(deadline, ...bars.map((b) => b.minute)) - 1;
  const last = Math.max(deadline, ...bars.map((b) => b.minute)) + 1;
  const minutes = Array.from({ length: last - first + 1 }, (_, i) => first + i);
  const share = new Map(bars.map((b) => [b.minute, b.share]));
  return (pigment) => ({
    grid: { left: 48, right: 16, top: 26, bottom: 40 },
    xAxis: {
      type: 'category',
      data: minutes.map(String),
      name: 'minute of the lesson',
      nameLocation: 'middle',
      nameGap: 26,
      axisLabel: { color: pigment('ink-soft') },
    },
    yAxis: {
      type: 'value',
      axisLabel: { formatter: (v: number) => `${Math.round(v * 100)} %`, color: pigment('ink-soft') },
    },
    series: [
      {
        type: 'bar',
        barCategoryGap: '12%',
        data: minutes.map((m) => ({
          value: share.get(m) ?? 0,
          itemStyle:
            m <= deadline
              ? { color: pigment('verdigris') }
              : { color: pigment('saffron'), decal: hatched('rgba(255,255,255,.5)') },
        })),
        markLine: {
          symbol: 'none',
          silent: true,
          label: { formatter: 'clear up', color: pigment('ink') },
          lineStyle: { color: pigment('ink'), type: 'dashed' },
          data: [{ xAxis: String(deadline) }],
        },
      },
    ],
  });
}
