import { parseBrief } from '@hornblende/core/brief';
import { gateLabel, rank, type Candidate } from '@hornblende/core/score';
import type { Pinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { VNode } from 'vue';
import { useDraft } from '../../../src/features/part/draft';
import GateList from '../../../src/features/rank/GateList.vue';
import { useWorking } from '../../../src/stores/working';
import { notification } from '../../../src/ui/kit';
import { mounted } from '../mounted';
import { openedPart } from '../opened-part';

/** A hook in the sun by the sea: some gates let PLA through, and some do not. */
const asked = {
  heat: { setting: 'outdoors' },
  sun: 'full',
  print: { aids: ['cool'] },
};
const { candidates } = rank(
  parseBrief({ format: 'hornblende-brief', version: 1, name: 'Bracket', ...asked }),
);
const verdictOrder = ['fail', 'marginal', 'pass'];
let pinia: Pinia;

beforeEach(async () => {
  pinia = await openedPart(asked);
});

describe('the gates of a filament', () => {
  const out = candidates.find(c => c.gates.some(g => g.verdict === 'fail' && g.working))!;

  it('stand with what keeps it out first, and say why only where something is wrong', () => {
    const view = mounted(GateList, { candidate: out }, { pinia });
    const items = [...view.element.querySelectorAll('li')];
    expect(items).toHaveLength(out.gates.length);
    const verdicts = items.map(li => verdictOrder.indexOf(li.className));
    expect(verdicts).toEqual([...verdicts].sort((a, b) => a - b));
    const words = { fail: 'fails', marginal: 'marginal', pass: 'passes' };
    for (const gate of out.gates) {
      const item = view.getByTestId(`gate-${gate.id}`);
      expect(item.textContent).toContain(words[gate.verdict]);
      expect(item.querySelector('.why') === null).toBe(gate.verdict === 'pass');
    }
  });

  it('open their working, with what the gate says of it', async () => {
    const gate = out.gates.find(g => g.verdict === 'fail' && g.working)!;
    const view = mounted(GateList, { candidate: out }, { pinia });
    await view.press(view.getByTestId(`gate-${gate.id}`).querySelector('.nums')!);
    expect(useWorking().topic).toMatchObject({
      title: `${gateLabel(gate.id)}, ${out.name}`,
      refs: [gate.working],
    });
  });

  it('do what a rescue says in the brief, and keep the aids that were ticked', async () => {
    const gate = {
      ...out.gates[0]!,
      verdict: 'fail' as const,
      remedy: { label: 'print it with a brim', path: 'print.aids', value: ['brim'] },
    };
    const candidate = { ...out, gates: [gate] } as Candidate;
    const view = mounted(GateList, { candidate }, { pinia });
    const offered = vi.spyOn(notification, 'open').mockImplementation(() => undefined);
    await view.press(view.getByRole('button', { name: 'Print it with a brim' }));
    expect(useDraft().brief!.print.aids).toEqual(['cool', 'brim']);
    // One press takes it back.
    const undo = mounted({ render: offered.mock.calls[0]![0].btn as () => VNode });
    await undo.press(undo.getByRole('button', { name: 'Undo' }));
    expect(useDraft().brief!.print.aids).toEqual(['cool']);
    offered.mockRestore();
  });
});
