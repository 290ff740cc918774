import type { Calibration } from '@hornblende/core/lib';
import type { ECBasicOption } from 'echarts/types/dist/shared';
import { chartAxis, chartText, chartTooltip } from './chart-parts';
import type { useChartColours } from './useChartColours';

type Colours = ReturnType<typeof useChartColours>['value'];

/** What is counted: said along, came upwards, each in 100. */
export interface CalibrationAxes {
  said: string;
  came: string;
}

/** What came against what was said, with its interval; on the slanted line one is as sure as one should be. */
export function calibrationOption(
  { points }: Calibration,
  colours: Colours,
  axes: CalibrationAxes,
): ECBasicOption {
  const percent = (share: number): number => Math.round(1000 * share) / 10;
  return {
    animation: false,
    textStyle: chartText,
    grid: { left: 54, right: 20, top: 14, bottom: 46 },
    tooltip: chartTooltip(colours, { trigger: 'item', valueFormatter: (v: number) => `${v} in 100` }),
    xAxis: chartAxis(colours, `${axes.said}, in 100`, 28, {
      min: 0,
      max: 100,
      splitLine: { show: false },
    }),
    yAxis: chartAxis(colours, `${axes.came}, in 100`, 36, { min: 0, max: 100 }),
    series: [
      {
        type: 'line',
        symbol: 'none',
        silent: true,
        data: [
          [0, 0],
          [100, 100],
        ],
        lineStyle: { color: colours.soft, type: 'dashed', width: 1 },
      },
      ...points.map(p => ({
        type: 'line',
        symbol: 'none',
        silent: true,
        data: [
          [percent(p.said), percent(p.low)],
          [percent(p.said), percent(p.high)],
        ],
        lineStyle: { color: colours.strength, width: 1.5, opacity: 0.55 },
      })),
      {
        type: 'line',
        name: axes.came,
        data: points.map(p => [percent(p.said), percent(p.hit)]),
        symbol: 'circle',
        symbolSize: (_: unknown, { dataIndex }: { dataIndex: number }) =>
          8 + 2 * Math.sqrt(points[dataIndex]?.answers ?? 1),
        lineStyle: { opacity: 0 },
        itemStyle: { color: colours.strength },
      },
    ],
  };
}
