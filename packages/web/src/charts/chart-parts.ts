import type { useChartColours } from './useChartColours';

type Colours = ReturnType<typeof useChartColours>['value'];

/** The letters of every chart. */
export const chartText = { fontFamily: "'Atkinson Hyperlegible', system-ui, sans-serif" };

/** An axis with its name in the middle. @param gap how far the name stands off, px */
export function chartAxis(colours: Colours, name: string, gap: number, more: object = {}): object {
  return {
    type: 'value',
    name,
    nameLocation: 'middle',
    nameGap: gap,
    nameTextStyle: { color: colours.ink, fontSize: 13 },
    axisLabel: { color: colours.soft },
    splitLine: { lineStyle: { color: colours.rule } },
    axisLine: { show: true, lineStyle: { color: colours.soft } },
    ...more,
  };
}

/** What opens over a point. */
export function chartTooltip(colours: Colours, more: object): object {
  return {
    confine: true,
    backgroundColor: colours.panel,
    borderColor: colours.rule,
    textStyle: { color: colours.ink, fontSize: 13 },
    ...more,
  };
}
