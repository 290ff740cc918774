import { describe, expect, it } from 'vitest';
import { premisedCandidates, type DecisionRecord } from '@hornblende/core/records';
import { rank } from '@hornblende/core/score';
import { brief, printer, runningApi, warm } from './running.js';

const { call } = runningApi();

describe('decisions', () => {
  it('keep the brief, the printer and the ranking of the moment', async () => {
    const machine = await call('POST', '/api/printers', { profile: printer() });
    const id = String(
      (await call('POST', '/api/parts', { brief: brief(), printerId: machine.body.id })).body.id,
    );
    const decided = await call('POST', `/api/parts/${id}/decisions`, {
      firstChoice: 'pla',
      secondChoice: 'petg',
      reason: 'Flat and easy.',
      decidedBy: 'A. N.',
    });
    expect(decided.status).toBe(201);
    expect(decided.body).toMatchObject({
      record: {
        format: 'hornblende-decision',
        firstChoice: 'pla',
        ranking: { format: 'hornblende-ranking', firstChoice: 'pla' },
        premises: { printer: { name: 'Machine' } },
        libraryVersion: expect.stringMatching(/^\d/) as string,
      },
    });
    await call('PUT', `/api/parts/${id}`, { brief: brief({ lifeYears: 20 }), revision: 1 });
    const list = (await call('GET', `/api/parts/${id}/decisions`)).body as unknown as { id: string }[];
    expect(list).toEqual([
      expect.objectContaining({ firstChoice: 'pla', reason: 'Flat and easy.', withdrawn: null }),
    ]);
    // The record is fetched when it is opened.
    expect(list[0]).not.toHaveProperty('record');
    expect((await call('GET', `/api/parts/${id}/decisions/${list[0]!.id}`)).body).toMatchObject({
      record: { ranking: { firstChoice: 'pla' }, premises: { brief: { lifeYears: 5 }, weather: null } },
    });
  });

  it('need a reason, a person, two different choices, and the notice where it injures', async () => {
    const id = String((await call('POST', '/api/parts', { brief: brief({ ifItFails: 'injures' }) })).body.id);
    const fields = async (body: object): Promise<string[]> =>
      ((await call('POST', `/api/parts/${id}/decisions`, body)).body.errors ?? []).map(e => e.field).sort();
    expect(await fields({ firstChoice: 'pla' })).toEqual(['decidedBy', 'reason']);
    expect(await fields({ firstChoice: 'unobtainium', reason: 'because', decidedBy: 'x' })).toEqual([
      'firstChoice',
      'hazardAcknowledged',
    ]);
    expect(await fields({ firstChoice: 'pla', reason: '  ', decidedBy: 'x' })).toEqual(['reason']);
    expect(await fields({ firstChoice: 'pla', secondChoice: 'pla', reason: 'no', decidedBy: 'x' })).toEqual([
      'hazardAcknowledged',
      'reason',
      'secondChoice',
    ]);
    expect(
      await fields({ firstChoice: 'pla', reason: 'because', decidedBy: 'x', hazardAcknowledged: true }),
    ).toEqual([]);
  });
});

describe('records', () => {
  it('can be rebuilt to the last figure, and go out as JSON, Markdown and a page of their own', async () => {
    const part = String(
      (
        await call('POST', '/api/parts', {
          brief: brief({ name: 'Lid <b>', sun: 'full', heat: { setting: 'outdoors' } }),
        })
      ).body.id,
    );
    const made = await call('POST', `/api/parts/${part}/decisions`, {
      firstChoice: 'asa',
      secondChoice: 'petg',
      reason: 'Sun | and <script>alert(1)</script>.',
      decidedBy: 'A. Tester',
    });
    const at = `/api/parts/${part}/decisions/${String(made.body.id)}`;
    const whole = (await call('GET', `${at}/record.json`)).body as unknown as DecisionRecord;
    expect(whole.premises.families).toHaveLength(55);
    expect(
      JSON.parse(
        JSON.stringify(
          rank(whole.premises.brief, {
            printer: whole.premises.printer,
            families: premisedCandidates(whole.premises),
          }),
        ),
      ),
    ).toEqual(whole.ranking);
    expect(whole.robustness).toMatchObject({ draws: 20000, seed: 1 });
    expect(whole.rejected.find(r => r.material === 'abs')?.why).toContain('half its toughness');
    expect(whole.assumptions.map(a => a.label)).toContain('lasts');
    const html = await call('GET', `${at}/record.html`);
    expect(html.headers.get('content-disposition')).toContain('lid-b-decision.html');
    expect(html.headers.get('content-security-policy')).toContain("default-src 'none'");
    expect(String(html.body.text)).not.toMatch(/<script|<b>|https?:\/\/(?!www\.w3\.org)/);
    expect(String(html.body.text).match(/<svg/g)).toHaveLength(2);
    const md = String((await call('GET', `${at}/record.md`)).body.text);
    expect(md).toContain('# Lid \\<b\\>: ASA, and PETG should it not be had.');
    expect(md).toContain('Sun \\| and');
    expect((await call('GET', `${at}/record.exe`)).status).toBe(404);
    expect((await call('GET', `/api/parts/${part}/decisions/nothing/record.json`)).status).toBe(404);
    expect((await call('GET', `${at}/drift`)).body).toMatchObject({
      differs: false,
      candidates: [],
      data: [],
    });
  });
  it('say when a grade that they rest on has changed since, and how the answer differs', async () => {
    const key = 'drifting';
    const grade = (hdt045C: number): object => ({
      format: 'hornblende-grade',
      version: 1,
      key,
      name: 'Drifting',
      family: 'pla',
      sheet: { hdt045C },
    });
    await call('POST', '/api/grades', { grade: grade(140) });
    const part = String((await call('POST', '/api/parts', { brief: brief(warm) })).body.id);
    const made = await call('POST', `/api/parts/${part}/decisions`, {
      firstChoice: key,
      reason: 'Bears it.',
      decidedBy: 'A. Tester',
    });
    await call('PUT', `/api/grades/${key}`, { grade: grade(60), revision: 1 });
    const drift = (await call('GET', `/api/parts/${part}/decisions/${String(made.body.id)}/drift`)).body;
    expect(drift).toMatchObject({ firstThen: key, differs: true });
    expect(drift.candidates).toContainEqual(
      expect.objectContaining({ material: key, now: expect.objectContaining({ status: 'out' }) as object }),
    );
    expect(drift.data).toContainEqual(
      expect.objectContaining({ material: key, property: 'hdt045C', then: 140, now: 60 }),
    );
    await call('PUT', `/api/grades/${key}`, { grade: { ...grade(60), archived: true }, revision: 2 });
  });
});
