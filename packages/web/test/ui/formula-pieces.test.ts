import { describe, expect, it } from 'vitest';
import { formulaPieces } from '../../src/ui/formula-pieces';

const set = (text: string): string =>
  formulaPieces(text)
    .map(p => ({ plain: p.text, sub: `↓${p.text}↑`, sup: `↑${p.text}↓` })[p.set])
    .join('');

describe('a formula in pieces', () => {
  it.each([
    ['T_allow', 'T↓allow↑'],
    ['1 + A·t^n·e^{k(T−23)}', '1 + A·t↑n↓·e↑k(T−23)↓'],
    ['0.5^(D/(H₅₀·c))', '0.5↑(D/(H₅₀·c))↓'],
    ['b_i·h_i³/(b·h³)', 'b↓i↑·h↓i↑³/(b·h³)'],
    ['100 000 h · 2^((index − T)/10)', '100 000 h · 2↑((index − T)/10)↓'],
    ['σ_yield·k_dir·k_T', 'σ↓yield↑·k↓dir↑·k↓T↑'],
    ['no marks at all', 'no marks at all'],
    ['', ''],
  ])('%s', (text, said) => expect(set(text)).toBe(said));
  it('loses nothing but the marks', () => {
    const text = 'T_ch + (T_bed − T_ch)·e^{−z/λ}';
    expect(
      formulaPieces(text)
        .map(p => p.text)
        .join(''),
    ).toBe(text.replace(/[_^{}]/g, ''));
  });
});
