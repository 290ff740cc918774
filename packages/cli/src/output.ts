/** Prints a line of text to standard output. */
export function print(text: string): void {
  process.stdout.write(`${text}\n`);
}

/** Prints a value as JSON, and nothing else. */
export function printJson(value: unknown): void {
  print(JSON.stringify(value, null, 2));
}

/** Ends quietly when whoever reads has enough, as `| head` does; any other fault of the pipe is a fault. */
export function endOnClosedPipe(stream: NodeJS.WritableStream = process.stdout): void {
  stream.on('error', (error: NodeJS.ErrnoException) => {
    if (error.code !== 'EPIPE') throw error;
    process.exit(0);
  });
}
