// Tabs are told apart, so that what is typed in one is never taken for what is typed in another. A tab holds a lock of
// its name for as long as it lives (Web Locks); a name without its lock is that of a tab that is gone.

const LOCK = 'hornblende-tab-';
const REMEMBERED = 'hornblende-tab';

let name: Promise<string> | null = null;

/** This tab's name: the same after it is loaded again, another one in a tab that was made as a copy of it. */
export function tabName(): Promise<string> {
  name ??= taken();
  return name;
}

async function taken(): Promise<string> {
  const before = remembered();
  if (before && (await hold(before))) return before;
  const fresh = crypto.randomUUID();
  await hold(fresh);
  remember(fresh);
  return fresh;
}

/** Takes a name's lock until the tab goes. @returns whether it could be had */
function hold(tab: string): Promise<boolean> {
  // Where there are no locks (a phone over plain http) every name is taken to be free.
  const locks = locksHere();
  if (!locks) return Promise.resolve(true);
  return new Promise(resolve => {
    void locks.request(LOCK + tab, { ifAvailable: true }, lock => {
      resolve(lock !== null);
      // Held until the tab is gone.
      return lock ? new Promise<never>(() => undefined) : undefined;
    });
  });
}

/** The names of the tabs that are open. */
export async function openTabs(): Promise<ReadonlySet<string>> {
  const own = await tabName();
  const locks = locksHere();
  const held = locks ? ((await locks.query()).held ?? []) : [];
  const names = held.flatMap(l => (l.name?.startsWith(LOCK) ? [l.name.slice(LOCK.length)] : []));
  return new Set([...names, own]);
}

function locksHere(): LockManager | undefined {
  return (globalThis.navigator as Partial<Pick<Navigator, 'locks'>> | undefined)?.locks;
}

function remembered(): string | null {
  try {
    return sessionStorage.getItem(REMEMBERED);
  } catch {
    return null;
  }
}

function remember(tab: string): void {
  try {
    sessionStorage.setItem(REMEMBERED, tab);
  } catch {
    /* then it has another name after it is loaded again, and what it typed is that of a tab that is gone */
  }
}
