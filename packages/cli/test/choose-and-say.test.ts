import { describe, expect, it } from 'vitest';
import { runIn, testFolder, type Ran } from './run-command.js';

const { dir, file } = testFolder();
const run = (args: string[]): Promise<Ran> => runIn(dir, args);

describe('hornblende choose', () => {
  it('says what to reach for on any machine, in words and as JSON that agree with a ranking', async () => {
    const { status, out } = await run(['choose', '--json']);
    expect(status).toBe(0);
    const all = JSON.parse(out) as { id: string; label: string; first: { material: string; name: string } }[];
    const sun = all.find(n => n.id === 'sun')!;
    expect(sun.first.material).toBe('asa');
    const words = (await run(['choose'])).out;
    expect(words).toMatch(/Lies in the sun +● ASA, then /);
    expect(words.trim().split('\n')).toHaveLength(all.length + 1);
  });
  it('says on a plain machine what would let the nearest in where nothing does it', async () => {
    const printer = { format: 'hornblende-printer', version: 1, name: 'Cold', nozzleMaxC: 180, bedMaxC: 40 };
    const { out } = await run(['choose', '--printer', file('cold.json', printer)]);
    expect(out).toMatch(/A gear +○ nothing here; nearest is /);
    expect(out).toMatch(/\n {2}\S/);
  });
});

describe('hornblende say', () => {
  it('reads a sentence into a brief, as JSON and in words', async () => {
    const sentence = 'hook outside in the sun, 3 kg on a 60 mm arm, ten years, white, with a zorb';
    const { status, out } = await run(['say', sentence, '--json']);
    expect(status).toBe(0);
    const said = JSON.parse(out) as { brief: object; understood: object[]; unclear: string[] };
    expect(Object.keys(said)).toEqual(['brief', 'understood', 'unclear']);
    expect(said.brief).toMatchObject({
      name: 'Hook',
      sun: 'full',
      lifeYears: 10,
      looks: { colour: 'white' },
    });
    expect(said.understood).toContainEqual({ text: 'in the sun', field: 'sun', value: 'full' });
    expect(said.unclear).toEqual(['zorb']);
    const words = (await run(['say', sentence])).out;
    expect(words).toContain('in the sun: Sun: full');
    expect(words).toContain('? zorb: not understood');
    // What it makes can be ranked as it stands.
    const ranked = await run(['rank', file('said.json', said.brief), '--json']);
    expect(ranked.status).toBe(0);
  });
  it('refuses nothing at all, by name', async () => {
    const { status, err } = await run(['say', '  ']);
    expect(status).toBe(2);
    expect(err).toMatch(/^sentence: .* must not be empty/);
  });
});
