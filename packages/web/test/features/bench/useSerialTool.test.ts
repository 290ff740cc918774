import { afterEach, describe, expect, it, vi } from 'vitest';
import { effectScope } from 'vue';
import { useSerialTool, type SerialTool } from '../../../src/features/bench/useSerialTool';

/** A port that sends these pieces of text, and says whether it was closed. */
function portOf(pieces: readonly string[]): { port: object; state: { rate: number; closed: boolean } } {
  const state = { rate: 0, closed: false };
  const readable = new ReadableStream<Uint8Array>({
    start(out) {
      for (const piece of pieces) out.enqueue(new TextEncoder().encode(piece));
      out.close();
    },
  });
  const port = {
    readable,
    open: ({ baudRate }: { baudRate: number }) => Promise.resolve(void (state.rate = baudRate)),
    close: () => Promise.resolve(void (state.closed = true)),
  };
  return { port, state };
}
function toolWith(
  serial: object | undefined,
  pattern: RegExp | null = null,
): { tool: SerialTool; heard: string[]; stop: () => void } {
  vi.stubGlobal('navigator', { serial });
  const heard: string[] = [];
  const scope = effectScope();
  const tool = scope.run(() =>
    useSerialTool(
      line => heard.push(line),
      () => pattern,
    ),
  )!;
  return { tool, heard, stop: () => scope.stop() };
}
afterEach(() => vi.unstubAllGlobals());

describe('a tool on a serial port', () => {
  it('is heard line by line, however its lines are cut', async () => {
    const { port, state } = portOf(['ST,+ 12', '.34 g\r\nhello\r\n-0.5', ' g\n', '9.99']);
    const { tool, heard } = toolWith({ requestPort: () => Promise.resolve(port) });
    expect(tool.canConnect).toBe(true);
    await tool.connect();
    expect(state.rate).toBe(9600);
    await vi.waitFor(() => expect(tool.connected.value).toBe(false));
    // A line without a number is no reading, and one without its end is not whole.
    expect(heard).toEqual(['ST,+ 12.34 g', '-0.5 g']);
  });
  it('is read by a pattern of one’s own', async () => {
    const { port } = portOf(['a: 3\nb: 22.5 A\n']);
    const { tool, heard } = toolWith({ requestPort: () => Promise.resolve(port) }, /b: (\S+) (\S+)/);
    await tool.connect();
    await vi.waitFor(() => expect(heard).toEqual(['b: 22.5 A']));
  });
  it('says why it cannot be connected; choosing none is no fault', async () => {
    const failing = (name: string): object => ({
      requestPort: () => Promise.reject(Object.assign(new Error('in use'), { name })),
    });
    const busy = toolWith(failing('NetworkError')).tool;
    await busy.connect();
    expect(busy.problem.value).toContain('in use');
    const none = toolWith(failing('NotFoundError')).tool;
    await none.connect();
    expect(none.problem.value).toBe('');
    expect(toolWith(undefined).tool.canConnect).toBe(false);
  });
  it('is let go when the page goes', async () => {
    const { port, state } = portOf(['1 g\n']);
    const { tool, stop } = toolWith({ requestPort: () => Promise.resolve(port) });
    await tool.connect();
    stop();
    await vi.waitFor(() => expect(state.closed).toBe(true));
  });
});
