import type { Problem } from '@hornblende/core/input';
import { ref } from 'vue';

/** Whether the desk asks for its pass phrase before it tells this browser anything. */
export const deskLocked = ref(false);

/** Whether an answer says that the desk is locked; then every page waits for the pass phrase. */
export function noteLocked(status: number, problems: readonly Problem[]): boolean {
  const locked = status === 401 && problems.some(p => p.field === '(desk)');
  if (locked) deskLocked.value = true;
  return locked;
}
