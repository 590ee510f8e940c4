/** A chart: ECharts in our pigments and patterns, drawn anew when its size or its figures change; as lines, so that it prints. Its table stands beside it. */
import { Box } from '@chakra-ui/react';
import { BarChart, CustomChart } from 'echarts/charts';
import { AriaComponent, GridComponent, LegendComponent } from 'echarts/components';
import { init, use as register } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';
import type { ChartOption } from './chart-options.js';

register([BarChart, CustomChart, AriaComponent, GridComponent, LegendComponent, SVGRenderer]);

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
  useEffect(() => {
    if (!at.current) return;
    const style = getComputedStyle(at.current);
    const pigment = (token: string) => style.getPropertyValue(`--chakra-colors-${token}`).trim() || '#3c4f61';
    const chart = init(at.current, null, { renderer: 'svg' });
    chart.setOption({
      animation: false,
      textStyle: { fontFamily: style.fontFamily, color: pigment('ink') },
      ...option(pigment),
    });
    const watch = new ResizeObserver(() => chart.resize());
    watch.observe(at.current);
    return () => {
      watch.disconnect();
      chart.dispose();
    };
  }, [option]);
  return <Box ref={at} height={height} width="100%" role="img" aria-label={label} />;
}
