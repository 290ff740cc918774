import { theme } from 'ant-design-vue';
import type { ThemeConfig } from 'ant-design-vue/es/config-provider/context';

const light = {
  colorPrimary: '#23473B',
  colorInfo: '#2C6E8F',
  colorSuccess: '#2F7D5B',
  colorWarning: '#B7791F',
  colorError: '#A13347',
  colorTextBase: '#1E2723',
  colorBgBase: '#FFFFFF',
  colorLink: '#2C6E8F',
};
const dark = {
  colorPrimary: '#6FB596',
  colorInfo: '#74B6D6',
  colorSuccess: '#63BE93',
  colorWarning: '#D49B3E',
  colorError: '#EC7F92',
  colorTextBase: '#E8E6DC',
  colorBgBase: '#1C2521',
  colorLink: '#74B6D6',
};

/** The control kit dressed in our tokens; the same values as tokens.css, which the kit cannot read. */
export function antTheme(mode: 'light' | 'dark'): ThemeConfig {
  return {
    algorithm: mode === 'dark' ? theme.darkAlgorithm : theme.defaultAlgorithm,
    token: {
      ...(mode === 'dark' ? dark : light),
      fontFamily: "'Atkinson Hyperlegible', system-ui, sans-serif",
      borderRadius: 4,
      fontSize: 15,
      controlHeight: 34,
      wireframe: false,
    },
  };
}
