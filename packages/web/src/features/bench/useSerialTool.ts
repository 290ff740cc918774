import { instrumentLine } from '@hornblende/core/trials';
import { onScopeDispose, ref, type Ref } from 'vue';

/** The part of Web Serial that is used here. */
interface SerialPort {
  open: (options: { baudRate: number }) => Promise<void>;
  close: () => Promise<void>;
  readable: ReadableStream<Uint8Array> | null;
}

/** A bench tool that sends lines of text over a serial port. */
export interface SerialTool {
  /** Whether this browser can. */
  canConnect: boolean;
  connected: Ref<boolean>;
  problem: Ref<string>;
  connect: () => Promise<void>;
  disconnect: () => Promise<void>;
}

/** The rate that bench tools usually send at. */
const BAUD = 9600;

/**
 * Reads a tool over Web Serial, line by line.
 * @param heard gets each line that holds a number
 * @param pattern finds number and unit in a line, where the usual way does not
 */
export function useSerialTool(heard: (line: string) => void, pattern: () => RegExp | null): SerialTool {
  const serial = (navigator as { serial?: { requestPort: () => Promise<SerialPort> } }).serial;
  const connected = ref(false);
  const problem = ref('');
  let reader: ReadableStreamDefaultReader<Uint8Array> | null = null;
  let port: SerialPort | null = null;

  async function connect(): Promise<void> {
    if (!serial) return;
    problem.value = '';
    try {
      port = await serial.requestPort();
      await port.open({ baudRate: BAUD });
      if (!port.readable) throw new Error('it cannot be read');
      reader = port.readable.getReader();
      connected.value = true;
      void listen(reader);
    } catch (e) {
      // Choosing none is no fault.
      if ((e as Error).name !== 'NotFoundError')
        problem.value = `The tool could not be connected: ${(e as Error).message}`;
      connected.value = false;
    }
  }
  async function listen(from: ReadableStreamDefaultReader<Uint8Array>): Promise<void> {
    const decoder = new TextDecoder();
    let rest = '';
    try {
      for (let got = await from.read(); !got.done; got = await from.read()) {
        rest += decoder.decode(got.value, { stream: true });
        const lines = rest.split(/\r\n|\r|\n/);
        rest = lines.pop() ?? '';
        for (const line of lines) if (instrumentLine(line, pattern())) heard(line);
      }
    } catch {
      problem.value = 'The tool was pulled out.';
    }
    connected.value = false;
  }
  async function disconnect(): Promise<void> {
    await reader?.cancel().catch(() => undefined);
    reader?.releaseLock();
    await port?.close().catch(() => undefined);
    reader = null;
    port = null;
    connected.value = false;
  }
  onScopeDispose(() => void disconnect());
  return { canConnect: !!serial, connected, problem, connect, disconnect };
}
