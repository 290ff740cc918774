import type { EvidenceGroup } from '@hornblende/core/service';
import type { ECBasicOption } from 'echarts/types/dist/shared';
import { chartAxis, chartText, chartTooltip } from '../../charts/chart-parts';
import type { useChartColours } from '../../charts/useChartColours';

type Colours = ReturnType<typeof useChartColours>['value'];

/** Years of a group's curve with the share that stands, and its band; from the first day on. */
function stepsOf({
  survival,
}: EvidenceGroup): { years: number; survival: number; low: number; high: number }[] {
  return [{ years: 0, survival: 1, low: 1, high: 1 }, ...survival.curve];
}

/** One survival curve with its band, as a staircase over the years. */
export function survivalOption(group: EvidenceGroup, name: string, colours: Colours): ECBasicOption {
  const steps = stepsOf(group);
  const of = (pick: (s: (typeof steps)[number]) => number): [number, number][] =>
    steps.map(s => [s.years, 100 * pick(s)]);
  const step = { type: 'line', step: 'end', symbol: 'none', silent: true };
  const ended = group.survival.curve.filter(s => s.failed > 0);
  return {
    animation: false,
    textStyle: chartText,
    grid: { left: 54, right: 20, top: 14, bottom: 46 },
    tooltip: chartTooltip(colours, { trigger: 'axis', valueFormatter: (v: number) => `${v.toFixed(0)} %` }),
    xAxis: chartAxis(colours, 'years in service', 28, { min: 0, splitLine: { show: false } }),
    yAxis: chartAxis(colours, 'still stand, in 100', 36, { min: 0, max: 100 }),
    series: [
      { ...step, name: 'at least', data: of(s => s.low), lineStyle: { opacity: 0 }, stack: 'band' },
      {
        ...step,
        name: 'width',
        data: of(s => s.high - s.low),
        lineStyle: { opacity: 0 },
        areaStyle: { color: colours.strength, opacity: 0.16 },
        stack: 'band',
        tooltip: { show: false },
      },
      {
        ...step,
        name,
        data: of(s => s.survival),
        lineStyle: { color: colours.strength, width: 2.5 },
        itemStyle: { color: colours.strength },
      },
      ...boundSeries(group, colours),
      {
        type: 'line',
        name: 'failed',
        symbol: 'emptyCircle',
        symbolSize: 9,
        silent: true,
        data: ended.map(s => [s.years, 100 * s.survival]),
        lineStyle: { opacity: 0 },
        itemStyle: { color: colours.out },
        tooltip: { show: false },
      },
    ],
  };
}

/** Where nothing failed, what so many parts bear: at least this share stands that long. */
function boundSeries({ survival: s }: EvidenceGroup, colours: Colours): object[] {
  if (s.failures || s.lowerBound95 === null || s.atYears <= 0) return [];
  const percent = 100 * s.lowerBound95;
  return [
    {
      type: 'line',
      name: 'at least',
      symbol: 'rect',
      symbolSize: [14, 2],
      silent: true,
      data: [
        [s.atYears, 100],
        [s.atYears, percent],
      ],
      lineStyle: { color: colours.strength, width: 1.5, type: 'dashed' },
      itemStyle: { color: colours.strength },
      label: {
        show: true,
        position: 'right',
        color: colours.ink,
        formatter: ({ dataIndex }: { dataIndex: number }) =>
          dataIndex === 1 ? `at least ${percent.toFixed(0)} % (95 %)` : '',
      },
    },
  ];
}
