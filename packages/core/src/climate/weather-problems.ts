import { InputError, type Problem } from '../input/parse.js';

/** How many problems are listed before the rest is only counted. */
const MOST_PROBLEMS = 20;

/** Collects problems, the first few in full and the rest as a count. */
export class Problems {
  private readonly list: Problem[] = [];
  private more = 0;
  constructor(private readonly file: string) {}
  add(line: number, value: unknown, message: string): void {
    this.addAt(`line ${line}`, value, message);
  }
  addAt(where: string, value: unknown, message: string): void {
    if (this.list.length < MOST_PROBLEMS) this.list.push({ field: `${this.file}, ${where}`, value, message });
    else this.more++;
  }
  throwIfAny(): void {
    if (!this.list.length) return;
    throw new InputError(
      this.more
        ? [...this.list, { field: this.file, value: this.more, message: 'more such problems' }]
        : this.list,
    );
  }
}
