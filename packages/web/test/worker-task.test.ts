import { effectScope, type EffectScope } from 'vue';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { useWorkerTask, type WorkerTask } from '../src/workers/useWorkerTask';

/** A worker that says what the test has it say. */
class FakeWorker {
  static all: FakeWorker[] = [];
  onmessage: ((e: { data: unknown }) => void) | null = null;
  asked: unknown = null;
  ended = false;
  constructor() {
    FakeWorker.all.push(this);
  }
  postMessage(message: unknown): void {
    this.asked = message;
  }
  terminate(): void {
    this.ended = true;
  }
  say(data: unknown): void {
    if (!this.ended) this.onmessage?.({ data });
  }
}

let scope: EffectScope;
let task: WorkerTask<{ n: number }, { sum: number }>;
beforeEach(() => {
  FakeWorker.all = [];
  scope = effectScope();
  task = scope.run(() =>
    useWorkerTask<{ n: number }, { sum: number }>(FakeWorker as unknown as new () => Worker),
  )!;
});
afterEach(() => scope.stop());
const worker = (i: number): FakeWorker => FakeWorker.all[i]!;

describe('a worker’s task', () => {
  it('tells how far it is, then its answer, and lets the worker go', () => {
    expect(task.progress.value).toBeNull();
    task.ask({ n: 4 });
    expect(worker(0).asked).toEqual({ n: 4 });
    expect(task.progress.value).toBe(0);
    worker(0).say({ done: 1, total: 4 });
    expect(task.progress.value).toBe(0.25);
    worker(0).say({ sum: 10 });
    expect(task.answer.value).toEqual({ sum: 10 });
    expect(task.progress.value).toBeNull();
    expect(worker(0).ended).toBe(true);
  });
  it('a newer question abandons the older one; the old answer stays until the new one comes', () => {
    task.ask({ n: 1 });
    worker(0).say({ sum: 1 });
    task.ask({ n: 2 });
    task.ask({ n: 3 });
    expect(worker(1).ended).toBe(true);
    worker(1).say({ sum: 2 });
    expect(task.answer.value).toEqual({ sum: 1 });
    worker(2).say({ sum: 3 });
    expect(task.answer.value).toEqual({ sum: 3 });
  });
  it('is cancelled without an answer, and says so when it fails', () => {
    task.ask({ n: 1 });
    task.cancel();
    expect(worker(0).ended).toBe(true);
    expect(task.progress.value).toBeNull();
    task.ask({ n: 2 });
    worker(1).say({ failed: 'too large' });
    expect(task.failed.value).toBe('too large');
    expect(task.answer.value).toBeNull();
    task.ask({ n: 3 });
    expect(task.failed.value).toBe('');
  });
  it('ends its worker when whoever asked goes away', () => {
    task.ask({ n: 1 });
    scope.stop();
    expect(worker(0).ended).toBe(true);
  });
});
