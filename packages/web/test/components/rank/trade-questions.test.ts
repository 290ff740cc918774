import { inferWeights, tradeQuestions } from '@hornblende/core/advice';
import { rank, type Ranking } from '@hornblende/core/score';
import { screen } from '@testing-library/dom';
import type { Pinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { useDraft } from '../../../src/features/part/draft';
import TradeQuestions from '../../../src/features/rank/TradeQuestions.vue';
import { mounted, type Mounted } from '../mounted';
import { openedPart } from '../opened-part';

let pinia: Pinia;
let ranking: Ranking;

beforeEach(async () => {
  pinia = await openedPart({
    lifeYears: 2,
    heat: { setting: 'near-source', sourceC: 66 },
    geometry: { xMm: 160, yMm: 60, zMm: 15 },
    toleranceMm: 0.2,
    loads: [{ kind: 'sustained', case: 'cantilever', forceN: 8, lengthMm: 40, widthMm: 20, heightMm: 10 }],
  });
  ranking = rank(useDraft().brief!);
});
const asks = (): Mounted => mounted(TradeQuestions, { ranking }, { pinia, emits: ['close'] });
const groups = (): HTMLElement[] => screen.getAllByRole('radiogroup');
const say = async (view: Mounted, n: number, answer: string): Promise<void> => {
  const input = [...groups()[n]!.querySelectorAll('label')].find(l => l.textContent.trim() === answer)!;
  await view.press(input.querySelector('input')!);
};
const take = (): HTMLButtonElement => screen.getByRole('button', { name: 'Use these weights' });

describe('weights by questions', () => {
  it('puts each question of the ranking, and uses nothing before one is answered', () => {
    asks();
    expect(groups()).toHaveLength(tradeQuestions(ranking).length);
    expect(take().disabled).toBe(true);
    expect(screen.queryByRole('status')).toBeNull();
  });

  it('says what the answers amount to, and writes just that into the brief', async () => {
    const view = asks();
    const question = tradeQuestions(ranking)[0]!;
    const yes = inferWeights(ranking.weights, [{ question, answer: 'yes' }]);
    const no = inferWeights(ranking.weights, [{ question, answer: 'no' }]);
    const moves = (w: typeof yes): boolean =>
      (Object.keys(w) as (keyof typeof w)[]).some(id => Math.abs(w[id] - ranking.weights[id]) > 0.02);
    const [answer, weights] = moves(yes) ? (['Yes', yes] as const) : (['No', no] as const);
    expect(moves(weights)).toBe(true);
    await say(view, 0, answer);
    expect(screen.getByRole('status').textContent).toMatch(/They amount to\s.+ → .+; then .+ leads\./s);
    await view.press(take());
    expect(useDraft().brief!.weights).toEqual(weights);
  });

  it('takes an answer back', async () => {
    const view = asks();
    await say(view, 0, 'Yes');
    await view.press(screen.getByRole('button', { name: 'take it back' }));
    expect(take().disabled).toBe(true);
    expect(screen.queryByRole('button', { name: 'take it back' })).toBeNull();
  });

  it('has nothing to ask where one filament is left', () => {
    ranking = { ...ranking, candidates: ranking.candidates.slice(0, 1) };
    asks();
    expect(screen.getByTestId('trades').textContent).toContain('differ too little for a question');
  });
});
