import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../src/api/client';
import { useGrades } from '../../src/stores/grades';
import { usePrinters } from '../../src/stores/printers';
import { useRankingGround } from '../../src/stores/ranking-ground';
import { useSpools } from '../../src/stores/spools';
import { useWorkshop } from '../../src/stores/workshop';

const settings = {
  format: 'hornblende-workshop',
  version: 1,
  allowed: ['pla'],
  roomRhPct: 71,
  currency: '$',
};

beforeEach(() => {
  setActivePinia(createPinia());
  vi.restoreAllMocks();
  for (const list of ['printers', 'grades', 'spools'] as const) vi.spyOn(api, list).mockResolvedValue([]);
});

describe('what rankings in a worker rest on', () => {
  it('is not there before all of it has come: another workshop would be ranked', async () => {
    vi.spyOn(api, 'workshop').mockResolvedValue({ settings, quotes: {} } as never);
    const ground = useRankingGround();
    for (const store of [usePrinters(), useGrades(), useSpools()]) {
      expect(ground.value).toBeNull();
      await store.load();
    }
    expect(ground.value).toBeNull();
    await useWorkshop().load();
    expect(ground.value).toMatchObject({ air: { rhPct: 71 }, workshop: { allowed: ['pla'] } });
  });
  it('goes by the usual where the settings cannot be had', async () => {
    vi.spyOn(api, 'workshop').mockRejectedValue(new Error('away'));
    const ground = useRankingGround();
    await Promise.all([usePrinters().load(), useGrades().load(), useSpools().load()]);
    await expect(useWorkshop().load()).rejects.toThrow('away');
    expect(useWorkshop().state).toBe('failed');
    expect(ground.value).not.toBeNull();
  });
});
