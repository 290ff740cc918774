import { expose, type Endpoint } from 'comlink';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { compute as Compute } from '../../src/workers/compute';

/** What the worker does when it is asked, by the job's name. */
let deeds: Record<
  string,
  (question: { n: number }, progress: (done: number, total: number) => void) => unknown
>;

/** A worker in this thread: one end of a channel, with the real protocol on it. */
class ChannelWorker extends EventTarget {
  static all: ChannelWorker[] = [];
  ended = false;
  private readonly channel = new MessageChannel();
  constructor() {
    super();
    ChannelWorker.all.push(this);
    const { port1, port2 } = this.channel;
    expose(
      {
        run: (name: string, question: never, progress: never) => deeds[name]!(question, progress),
      },
      port2 as unknown as Endpoint,
    );
    port1.addEventListener('message', e =>
      this.dispatchEvent(new MessageEvent('message', { data: e.data as unknown })),
    );
    port1.start();
    port2.start();
  }
  postMessage(message: unknown, transfer: Transferable[] = []): void {
    this.channel.port1.postMessage(message, transfer as never);
  }
  terminate(): void {
    this.ended = true;
    this.channel.port1.close();
  }
}

let compute: typeof Compute;
beforeEach(async () => {
  ChannelWorker.all = [];
  deeds = {};
  vi.stubGlobal('Worker', ChannelWorker);
  vi.resetModules();
  ({ compute } = await import('../../src/workers/compute'));
});
afterEach(() => {
  for (const w of ChannelWorker.all) w.terminate();
  vi.unstubAllGlobals();
});
const ask = (n: number, progress?: (done: number, total: number) => void): ReturnType<typeof compute> =>
  compute('contenders', { n } as never, progress) as never;

/** A machine of one core, so that there are two workers, whose jobs end when they are told to. */
async function twoWorkersAtWork(): Promise<{ begun: number[]; finish: (() => void)[] }> {
  vi.stubGlobal('navigator', { hardwareConcurrency: 1 });
  vi.resetModules();
  ({ compute } = await import('../../src/workers/compute'));
  const begun: number[] = [];
  const finish: (() => void)[] = [];
  deeds.contenders = async ({ n }) => {
    begun.push(n);
    await new Promise<void>(ok => (finish[n] = ok));
    return [String(n)];
  };
  return { begun, finish };
}

describe('the compute worker’s client', () => {
  it('asks, hears of progress, and gets the answer', async () => {
    const heard: number[] = [];
    deeds.contenders = async ({ n }, progress) => {
      await (progress(1, 2) as unknown as Promise<void>);
      return [String(n + 1)];
    };
    await expect(ask(4, done => heard.push(done)).answer).resolves.toEqual(['5']);
    expect(heard).toEqual([1]);
  });
  it('keeps its workers for the next questions, of whatever kind', async () => {
    deeds.contenders = ({ n }) => [String(n)];
    deeds.relax = () => ({ relaxations: [] });
    await ask(1).answer;
    await compute('relax', {} as never).answer;
    await expect(ask(3).answer).resolves.toEqual(['3']);
    expect(ChannelWorker.all).toHaveLength(1);
  });
  it('gives a long job and a short one a worker each; a third waits for the first that rests', async () => {
    const { begun, finish } = await twoWorkersAtWork();
    const first = ask(0);
    const second = ask(1);
    const third = ask(2);
    await vi.waitFor(() => expect(begun).toEqual([0, 1]));
    expect(ChannelWorker.all).toHaveLength(2);
    finish[1]!();
    await expect(second.answer).resolves.toEqual(['1']);
    await vi.waitFor(() => expect(begun).toEqual([0, 1, 2]));
    finish[2]!();
    await expect(third.answer).resolves.toEqual(['2']);
    finish[0]!();
    await expect(first.answer).resolves.toEqual(['0']);
    expect(ChannelWorker.all).toHaveLength(2);
  });
  it('goes to the worker that was last at such a question: it may remember what it worked out', async () => {
    const { finish } = await twoWorkersAtWork();
    const long = ask(0);
    deeds.upgrades = () => ['remembered'];
    await compute('upgrades', { n: 9 } as never).answer;
    finish[0]!();
    await long.answer;
    const [first, second] = ChannelWorker.all as [ChannelWorker, ChannelWorker];
    const asked = vi.spyOn(second, 'postMessage');
    const notAsked = vi.spyOn(first, 'postMessage');
    await compute('upgrades', { n: 9 } as never).answer;
    expect(asked).toHaveBeenCalled();
    expect(notAsked).not.toHaveBeenCalled();
  });
  it('a question that is cancelled while it waits is never asked, and costs no worker', async () => {
    const { begun, finish } = await twoWorkersAtWork();
    const first = ask(0);
    const second = ask(1);
    const third = ask(2);
    const fourth = ask(3);
    third.cancel();
    await expect(third.answer).rejects.toThrow('was cancelled');
    await vi.waitFor(() => expect(begun).toEqual([0, 1]));
    finish[0]!();
    await vi.waitFor(() => expect(begun).toEqual([0, 1, 3]));
    finish[1]!();
    finish[3]!();
    await Promise.all([first.answer, second.answer, fourth.answer]);
    expect(ChannelWorker.all.some(w => w.ended)).toBe(false);
  });
  it('hands on what the job throws, and answers the next question all the same', async () => {
    deeds.contenders = ({ n }) => {
      if (n === 1) throw new Error('the table is empty');
      return ['pla'];
    };
    await expect(ask(1).answer).rejects.toThrow('the table is empty');
    await expect(ask(2).answer).resolves.toEqual(['pla']);
  });
  it('fails, and does not hang, when the worker breaks; the next question gets a new one', async () => {
    deeds.contenders = () => new Promise(() => undefined);
    const broken = ask(1);
    await Promise.resolve();
    ChannelWorker.all[0]!.dispatchEvent(Object.assign(new Event('error'), { message: 'out of memory' }));
    await expect(broken.answer).rejects.toThrow('out of memory');
    expect(ChannelWorker.all[0]!.ended).toBe(true);
    deeds.contenders = () => ['asa'];
    await expect(ask(2).answer).resolves.toEqual(['asa']);
    expect(ChannelWorker.all).toHaveLength(2);
  });
  it('answers the question that follows a cancelled one in the same moment', async () => {
    deeds.contenders = ({ n }) => (n === 1 ? new Promise(() => undefined) : ['asa']);
    const job = ask(1);
    job.answer.catch(() => undefined);
    job.cancel();
    await expect(ask(2).answer).resolves.toEqual(['asa']);
  });
  it('cancelling ends the worker, whatever it is at', async () => {
    deeds.contenders = () => new Promise(() => undefined);
    const job = ask(1);
    job.cancel();
    await expect(job.answer).rejects.toThrow('was cancelled');
    expect(ChannelWorker.all[0]!.ended).toBe(true);
  });
});
