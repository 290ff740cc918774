import { dark, light, type Palette } from '@hornblende/core/palette';
import type { ThemeConfig } from 'ant-design-vue/es/config-provider/context';
import theme from 'ant-design-vue/es/theme';

/** Which of the two themes. */
export type ThemeMode = 'light' | 'dark';

/** Square-ish, as cleavage is; no shadows where a rule does. */
const shape = {
  fontFamily: "'Atkinson Hyperlegible', system-ui, sans-serif",
  borderRadius: 3,
  borderRadiusLG: 4,
  borderRadiusSM: 2,
  fontSize: 15,
  controlHeight: 32,
  wireframe: false,
};

function colours({ tokens: t }: Palette): ThemeConfig['token'] {
  return {
    colorPrimary: t.deep,
    colorInfo: t.info,
    colorSuccess: t['fits-fill'],
    colorWarning: t['marginal-fill'],
    colorError: t.out,
    colorLink: t.info,
    colorTextBase: t.ink,
    colorText: t.ink,
    colorTextSecondary: t.soft,
    colorTextTertiary: t.soft,
    colorTextPlaceholder: t.soft,
    colorTextDisabled: t.soft,
    colorBgBase: t.panel,
    colorBgContainer: t.panel,
    colorBgElevated: t.panel,
    colorBorder: t['rule-strong'],
    colorBorderSecondary: t.rule,
    colorSplit: t.rule,
    controlItemBgHover: t.hover,
    controlItemBgActive: t.well,
    colorTextLightSolid: t['deep-ink'],
  };
}

/** The kit dressed in our palette. */
export function kitTheme(mode: ThemeMode): ThemeConfig {
  return {
    algorithm: mode === 'dark' ? theme.darkAlgorithm : theme.defaultAlgorithm,
    token: { ...colours(mode === 'dark' ? dark : light), ...shape },
  };
}
