import { isUntouched } from '@hornblende/core/brief';
import { rank, runnerUp, scoreShown, type Ranking } from '@hornblende/core/score';
import type { Pinia } from 'pinia';
import { describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { useDraft } from '../../../src/features/part/draft';
import VerdictBar from '../../../src/features/part/VerdictBar.vue';
import { useWorking } from '../../../src/stores/working';
import { asked } from '../../fake-computer';
import { mounted, type Mounted } from '../mounted';
import { openedPart } from '../opened-part';

let pinia: Pinia;
let ranking: Ranking;
async function bar(given: object): Promise<Mounted> {
  pinia = await openedPart(given, { '/api/decisions/latest': [], '/api/parts/p1/decisions': [] });
  ranking = rank(useDraft().brief!);
  const running = ranking.candidates.filter(c => c.rank !== null);
  const props = { ranking, first: running[0] ?? null, second: runnerUp(running), partId: 'p1' };
  return mounted(VerdictBar, props, { pinia });
}
const OUTDOORS = { heat: { setting: 'outdoors' }, sun: 'full', lifeYears: 5 };
const chances = (material: string): object => ({
  ...{ draws: 20000, seed: 1, none: 0 },
  candidates: [{ material, name: material, pFirst: 0.62, pFits: 1, seFirst: 0.003, places: [] }],
});

describe('the verdict', () => {
  it('names nobody before anything is said, and says what is unknown', async () => {
    const view = await bar({});
    expect(isUntouched(useDraft().content!.given)).toBe(true);
    expect(view.getByTestId('first-choice').textContent).toBe('Not asked yet');
    expect(view.getByTestId('still-unknown').textContent).toMatch(/still unknown: \w+/);
    expect(view.queryByTestId('score')).toBeNull();
  });

  it('names the first choice with its score, and opens the working of it', async () => {
    const view = await bar(OUTDOORS);
    const first = ranking.candidates[0]!;
    expect(view.getByTestId('first-choice').textContent).toBe(first.name);
    expect(view.getByTestId('score').textContent.trim()).toBe(scoreShown(first).toFixed(2));
    await view.press(view.getByTestId('score'));
    expect(useWorking().topic!.title).toBe(`Score of ${first.name}`);
    expect(useWorking().topic!.steps!.length).toBeGreaterThan(0);
  });

  it('says by the lead how sure it is until the draws have said so', async () => {
    const view = await bar(OUTDOORS);
    const first = ranking.candidates[0]!;
    expect(view.getByTestId('how-sure').textContent).toMatch(
      /^(neck and neck|leads by a little|leads clearly)/,
    );
    await vi.waitFor(() => {
      asked('robustness').at(-1)!.answer(chances(first.material));
      expect(view.getByTestId('how-sure').textContent).toBe('first in 62 of 100 draws');
    }, 10_000);
  });

  it('is provisional while a question is open that would change it', async () => {
    const view = await bar(OUTDOORS);
    await vi.waitFor(() => expect(asked('openQuestions').length).toBeGreaterThan(0), 10_000);
    asked('openQuestions')
      .at(-1)!
      .answer({
        ...{ answered: 2, of: 4, provisional: true },
        open: [{ id: 'load', what: 'the load', changes: { answer: 'were it to hang', first: 'PETG' } }],
      });
    await nextTick();
    await vi.waitFor(() => expect(view.queryByTestId('how-sure')).toBeNull());
    expect(view.getByTestId('provisional-mark').textContent).toBe('◌ provisional');
    expect(view.getByTestId('provisional').textContent).toBe('2 of 4 answered; the load would change it');
    expect(view.getByTestId('provisional-mark').getAttribute('title')).toBe(
      'Were it to hang, PETG would lead.',
    );
  });

  it('says that nothing fits where nothing does', async () => {
    const view = await bar({ ...OUTDOORS, heat: { setting: 'near-source', sourceC: 340 } });
    expect(view.getByTestId('first-choice').textContent).toBe('Nothing fits');
    expect(view.queryByTestId('how-sure')).toBeNull();
  });
});
