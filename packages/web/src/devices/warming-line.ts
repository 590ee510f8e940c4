/** Temperature against time as a chart draws it, with the highest point marked. */
import type { ProbeReading, WarmingSeen } from '@kivex/core';
import type { Pigment } from '../kit/chart/Chart.js';
import type { ChartOption } from '../kit/chart/chart-options.js';

/** A line of readings in °C over seconds, from the first one on and a minute wide at least. @param seen what was read from them, if anything. */
export function warmingLine(
  readings: readonly ProbeReading[],
  seen: WarmingSeen | undefined,
): (pigment: Pigment) => ChartOption {
  return (pigment) => ({
    grid: { left: 44, right: 16, top: 30, bottom: 40 },
    xAxis: {
      type: 'value',
      name: 'seconds',
      nameLocation: 'middle',
      nameGap: 26,
      min: readings[0]?.second ?? 0,
      max: Math.max(60, readings.at(-1)?.second ?? 60),
    },
    yAxis: { type: 'value', scale: true, name: '°C' },
    series: [
      {
        type: 'line',
        showSymbol: false,
        lineStyle: { color: pigment('permanganate'), width: 2.5 },
        data: readings.map((r) => [r.second, r.celsius]),
        markPoint: {
          data: seen?.warms ? [{ coord: [seen.at, seen.highest], value: seen.highest.toFixed(1) }] : [],
          itemStyle: { color: pigment('permanganate') },
          label: { color: '#fff' },
        },
      },
    ],
  });
}
