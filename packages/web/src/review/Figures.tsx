/** A chart and, right below it, the table it is drawn from. The chart's code comes only when there is one to draw. */
import { Box, chakra } from '@chakra-ui/react';
import { lazy, Suspense, type ReactNode } from 'react';
import type { ChartOption } from '../kit/chart/chart-options.js';
import type { Pigment } from '../kit/chart/Chart.js';
import { Tile } from '../kit/Tile.js';

const Chart = lazy(() => import('../kit/chart/Chart.js'));

export function Figures({
  title,
  says,
  option,
  bars,
  children,
}: {
  readonly title: string;
  /** What the chart shows, in a sentence. */
  readonly says: string;
  readonly option: (pigment: Pigment) => ChartOption;
  /** Rows of bars: how high it has to be. */
  readonly bars: number;
  /** The table. */
  readonly children: ReactNode;
}) {
  const height = `${bars * 1.75 + 3}rem`;
  return (
    <Tile>
      <chakra.h2 fontSize="lg" mb="2">
        {title}
      </chakra.h2>
      <Suspense fallback={<Box height={height} />}>
        <Chart option={option} label={`${says} The table below has the figures.`} height={height} />
      </Suspense>
      <Box mt="3">{children}</Box>
    </Tile>
  );
}
