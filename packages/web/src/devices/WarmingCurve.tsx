/** Temperature against time, with the highest point marked. ECharts, only where a chart is. */
import { Box } from '@chakra-ui/react';
import type { ProbeReading, WarmingSeen } from '@kivex/core';
import { LineChart } from 'echarts/charts';
import { GridComponent, MarkPointComponent } from 'echarts/components';
import { init, use as register, type ECharts } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';

register([LineChart, GridComponent, MarkPointComponent, CanvasRenderer]);

export default function WarmingCurve({
  readings,
  seen,
}: {
  readonly readings: readonly ProbeReading[];
  readonly seen: WarmingSeen | undefined;
}) {
  const at = useRef<HTMLDivElement>(null);
  const chart = useRef<ECharts>(undefined);
  useEffect(() => {
    if (!at.current) return;
    const made = init(at.current);
    chart.current = made;
    const watch = new ResizeObserver(() => made.resize());
    watch.observe(at.current);
    return () => {
      watch.disconnect();
      made.dispose();
      chart.current = undefined;
    };
  }, []);
  useEffect(() => {
    const style = getComputedStyle(document.documentElement);
    const colour = (token: string) => style.getPropertyValue(`--chakra-colors-${token}`).trim() || '#3c4f61';
    chart.current?.setOption({
      animation: false,
      textStyle: { fontFamily: 'Atkinson Hyperlegible Next', color: colour('ink') },
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
          lineStyle: { color: colour('permanganate'), width: 2.5 },
          data: readings.map((r) => [r.second, r.celsius]),
          markPoint: {
            data: seen?.warms ? [{ coord: [seen.at, seen.highest], value: seen.highest.toFixed(1) }] : [],
            itemStyle: { color: colour('permanganate') },
            label: { color: '#fff' },
          },
        },
      ],
    });
  }, [readings, seen]);
  return <Box ref={at} height="16rem" role="img" aria-label="Temperature against time" />;
}
