/** When groups are through: a bar a minute, with the line at which clearing up begins. ECharts, only where a chart is. */
import { Box } from '@chakra-ui/react';
import { BarChart } from 'echarts/charts';
import { GridComponent, MarkLineComponent } from 'echarts/components';
import { init, use as register } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';

register([BarChart, GridComponent, MarkLineComponent, CanvasRenderer]);

export default function Histogram({
  bars,
  deadline,
}: {
  readonly bars: readonly { readonly minute: number; readonly share: number }[];
  readonly deadline: number;
}) {
  const at = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!at.current) return;
    const style = getComputedStyle(document.documentElement);
    const colour = (token: string) => style.getPropertyValue(`--chakra-colors-${token}`).trim() || '#3c4f61';
    const chart = init(at.current);
    const first = Math.min(deadline, ...bars.map((b) => b.minute)) - 1;
    const last = Math.max(deadline, ...bars.map((b) => b.minute)) + 1;
    const minutes = Array.from({ length: last - first + 1 }, (_, i) => first + i);
    const share = new Map(bars.map((b) => [b.minute, b.share]));
    chart.setOption({
      animation: false,
      textStyle: { fontFamily: 'Atkinson Hyperlegible Next', color: colour('ink') },
      grid: { left: 48, right: 16, top: 26, bottom: 40 },
      xAxis: {
        type: 'category',
        data: minutes.map(String),
        name: 'minute of the lesson',
        nameLocation: 'middle',
        nameGap: 26,
        axisLabel: { color: colour('ink-soft') },
      },
      yAxis: {
        type: 'value',
        axisLabel: { formatter: (v: number) => `${Math.round(v * 100)} %`, color: colour('ink-soft') },
      },
      series: [
        {
          type: 'bar',
          barCategoryGap: '12%',
          data: minutes.map((m) => ({
            value: share.get(m) ?? 0,
            itemStyle: {
              color: m <= deadline ? colour('verdigris') : colour('saffron'),
              decal:
                m <= deadline
                  ? undefined
                  : {
                      symbol: 'rect',
                      rotation: 0.8,
                      dashArrayX: [1, 0],
                      dashArrayY: [3, 3],
                      color: 'rgba(255,255,255,.5)',
                    },
            },
          })),
          markLine: {
            symbol: 'none',
            silent: true,
            label: { formatter: 'clear up', color: colour('ink') },
            lineStyle: { color: colour('ink'), type: 'dashed' },
            data: [{ xAxis: String(deadline) }],
          },
        },
      ],
    });
    const watch = new ResizeObserver(() => chart.resize());
    watch.observe(at.current);
    return () => {
      watch.disconnect();
      chart.dispose();
    };
  }, [bars, deadline]);
  return (
    <Box
      ref={at}
      height="15rem"
      width="100%"
      role="img"
      aria-label="When groups are through; the table below has the figures"
    />
  );
}
