import { effectScope, nextTick, type EffectScope } from 'vue';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useJob, type JobTask } from '../../src/workers/useJob';
import { asked, askedJobs } from '../fake-computer';

vi.mock('../../src/workers/compute', async () => (await import('../fake-computer')).fakeCompute());

const question = (life: number): never => ({ life }) as never;
let scope: EffectScope;
let task: JobTask<'contenders'>;
beforeEach(() => {
  askedJobs.length = 0;
  scope = effectScope();
  task = scope.run(() => useJob('contenders'))!;
});
afterEach(() => scope.stop());
const job = (i: number): (typeof askedJobs)[number] => asked('contenders')[i]!;
const settled = async (): Promise<void> => {
  await nextTick();
  await nextTick();
};

describe('a job as a component asks for it', () => {
  it('tells how far it is, then its answer', async () => {
    expect(task.progress.value).toBeNull();
    task.ask(question(4));
    expect(job(0).question).toEqual({ life: 4 });
    expect(task.progress.value).toBe(0);
    job(0).progress(1, 4);
    expect(task.progress.value).toBe(0.25);
    job(0).answer(['pla']);
    await settled();
    expect(task.answer.value).toEqual(['pla']);
    expect(task.progress.value).toBeNull();
  });
  it('shows what is found so far of a question, until its answer comes or another is asked', async () => {
    task.ask(question(4));
    job(0).progress(1, 4);
    expect(task.soFar.value).toBeNull();
    job(0).progress(2, 4, ['pla']);
    job(0).progress(3, 4);
    expect(task.soFar.value).toEqual(['pla']);
    task.ask(question(5));
    expect(task.soFar.value).toBeNull();
    job(0).progress(4, 4, ['abs']);
    expect(task.soFar.value).toBeNull();
    job(1).progress(1, 4, ['petg']);
    job(1).answer(['petg', 'asa']);
    await settled();
    expect(task.soFar.value).toBeNull();
    expect(task.answer.value).toEqual(['petg', 'asa']);
  });
  it('a newer question abandons the older one; the old answer stays until the new one comes', async () => {
    task.ask(question(1));
    job(0).answer(['abs']);
    await settled();
    task.ask(question(2));
    task.ask(question(3));
    expect(job(1).cancelled).toBe(true);
    job(1).progress(1, 2);
    expect(task.progress.value).toBe(0);
    job(1).answer(['asa']);
    await settled();
    expect(task.answer.value).toEqual(['abs']);
    job(2).answer(['petg']);
    await settled();
    expect(task.answer.value).toEqual(['petg']);
  });
  it('does not stay busy when the worker fails, and forgets the failure with the next question', async () => {
    task.ask(question(1));
    job(0).fail('too large');
    await settled();
    expect(task.failed.value).toBe('too large');
    expect(task.progress.value).toBeNull();
    expect(task.answer.value).toBeNull();
    task.ask(question(2));
    expect(task.failed.value).toBe('');
  });
  it('is cancelled without an answer and without a failure', async () => {
    task.ask(question(1));
    task.cancel();
    await settled();
    expect(job(0).cancelled).toBe(true);
    expect(task.progress.value).toBeNull();
    expect(task.failed.value).toBe('');
  });
  it('is abandoned when whoever asked goes away', () => {
    task.ask(question(1));
    scope.stop();
    expect(job(0).cancelled).toBe(true);
  });
});
