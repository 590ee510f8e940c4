/** A chart: ECharts in our pigments and patterns, drawn anew when its size or its figures change; as lines, so that it prints. Its table stands beside it. */
import { Box } from '@chakra-ui/react';
import { BarChart, CustomChart, LineChart } from 'echarts/charts';
import {
  AriaComponent,
  GridComponent,
  LegendComponent,
  MarkLineComponent,
  MarkPointComponent,
} from 'echarts/components';
import { init, use as register, type ECharts } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';
import type { ChartOption } from './chart-options.js';

register([
  BarChart,
  CustomChart,
  LineChart,
  AriaComponent,
  GridComponent,
  LegendComponent,
  MarkLineComponent,
  MarkPointComponent,
  SVGRenderer,
]);

/** The pigment of a token as the page has it now: it differs on a projector and in the prep room. */
export type Pigment = (token: string) => string;

export default function Chart({
  option,
  label,
  height,
}: {
  /** Made from the pigments of the theme there is. */
  readonly option: (pigment: Pigment) => ChartOption;
  /** What it shows, in a sentence, for those who do not see it. */
  readonly label: string;
  readonly height: string;
}) {
  const at = useRef<HTMLDivElement>(null);
  const chart = useRef<ECharts>(undefined);
  useEffect(() => {
    if (!at.current) return;
    const made = init(at.current, null, { renderer: 'svg' });
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
    if (!at.current) return;
    const style = getComputedStyle(at.current);
    const pigment = (token: string) => style.getPropertyValue(`--chakra-colors-${token}`).trim() || '#3c4f61';
    chart.current?.setOption(
      {
        animation: false,
        textStyle: { fontFamily: style.fontFamily, color: pigment('ink') },
        ...option(pigment),
      },
      { notMerge: true },
    );
  }, [option]);
  // What is drawn has a width of its own and would hold its place as wide when the window becomes narrower.
  return (
    <Box
      ref={at}
      height={height}
      width="100%"
      css={{ contain: 'inline-size' }}
      role="img"
      aria-label={label}
    />
  );
}
