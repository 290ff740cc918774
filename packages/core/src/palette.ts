import type { CriterionId } from './lib/criterion-ids.js';

/**
 * Every colour, once: a mineral's. The interface makes CSS variables of them, the kit its theme, and the pictures of
 * records their fills. Text colours reach 4.5:1 on their ground (WCAG 2.2 AA).
 */
export interface Palette {
  /** Grounds, inks and rules by name, as the CSS variables are called. */
  tokens: Record<string, string>;
  /** The layer of each criterion. */
  layers: Record<CriterionId, string>;
}

/** Colours by day. */
export const light: Palette = {
  tokens: {
    ground: '#F3F1EA',
    panel: '#FFFFFF',
    'panel-soft': '#FBFAF6',
    ink: '#1E2723',
    soft: '#55615B',
    rule: '#D9D5C8',
    'rule-strong': '#B9B4A3',
    deep: '#23473B',
    'deep-ink': '#FFFFFF',
    hover: '#E9E5D8',
    rail: '#17211D',
    'rail-now': '#22312B',
    'rail-ink': '#C9D3CC',
    'rail-soft': '#8FA097',
    gold: '#E5C07B',
    fits: '#276B4D',
    'fits-fill': '#2F7D5B',
    marginal: '#8F5C0E',
    'marginal-fill': '#B7791F',
    out: '#A13347',
    info: '#2C6E8F',
    well: '#EAE6DA',
    crack: '#DDD7C8',
    shadow: '0 6px 24px rgb(30 39 35 / 14%)',
  },
  layers: {
    heat: '#8A4B32',
    uv: '#C9A24B',
    ageing: '#A86A4C',
    strength: '#3E6A5A',
    stiffness: '#5F8374',
    creep: '#7A6A9A',
    clamp: '#8C6F8F',
    impact: '#86A997',
    wear: '#8E8A52',
    flex: '#B0718A',
    water: '#3F7F93',
    chemicals: '#9A7B3C',
    contact: '#A0745E',
    warp: '#9A8FB0',
    printability: '#5C86A5',
    accuracy: '#47708F',
    finish: '#B98E6D',
    mass: '#77827C',
    moisture: '#4F9398',
    air: '#7D9BB5',
    cost: '#A89F8C',
    recycling: '#6E8F5B',
  },
};

/** Colours by night. */
export const dark: Palette = {
  tokens: {
    ground: '#141B18',
    panel: '#1C2521',
    'panel-soft': '#18201D',
    ink: '#E8E6DC',
    soft: '#A3B0A8',
    rule: '#33403A',
    'rule-strong': '#55645C',
    deep: '#6FB596',
    'deep-ink': '#0E1512',
    hover: '#26322D',
    rail: '#0D1310',
    'rail-now': '#1D2A24',
    'rail-ink': '#C9D3CC',
    'rail-soft': '#8FA097',
    gold: '#E5C07B',
    fits: '#63BE93',
    'fits-fill': '#63BE93',
    marginal: '#E0A953',
    'marginal-fill': '#D49B3E',
    out: '#EC7F92',
    info: '#74B6D6',
    well: '#27312C',
    crack: '#323D37',
    shadow: '0 6px 24px rgb(0 0 0 / 45%)',
  },
  layers: {
    heat: '#C27A5B',
    uv: '#D9B564',
    ageing: '#CF9474',
    strength: '#63A088',
    stiffness: '#84AF9D',
    creep: '#A393C8',
    clamp: '#B796BA',
    impact: '#A6CBB7',
    wear: '#B8B47C',
    flex: '#D394AE',
    water: '#67A9BE',
    chemicals: '#C5A663',
    contact: '#CB9D86',
    warp: '#B9AED2',
    printability: '#7EADD0',
    accuracy: '#6C9DC0',
    finish: '#D4AC8B',
    mass: '#98A49D',
    moisture: '#6FB8BD',
    air: '#8FB0CC',
    cost: '#C4BBA7',
    recycling: '#9DBB88',
  },
};
