import { createPinia, setActivePinia, type Pinia } from 'pinia';
import { useDraft } from '../../src/features/part/draft';
import { stubPartServer } from '../part-server';

/**
 * Opens the part of a server in memory, for components that show something of it.
 * @param given what its brief says
 * @param extras what else the server answers, by path
 * @returns the stores that it is open in
 */
export async function openedPart(given: object, extras: Record<string, unknown> = {}): Promise<Pinia> {
  stubPartServer({ ...given }, extras);
  const pinia = createPinia();
  setActivePinia(pinia);
  await useDraft().open('p1');
  return pinia;
}
