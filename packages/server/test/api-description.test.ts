import { Validator } from '@seriousme/openapi-schema-validator';
import Ajv2020 from 'ajv/dist/2020.js';
import express from 'express';
import { describe, expect, it } from 'vitest';
import { formatNames, schemaOfFormat, type FormatName } from '@hornblende/core/formats';
import { apiRoutes } from '../src/routes/api-description.js';
import { runningApi } from './running.js';

interface Layer {
  route?: { path: string; methods: Record<string, boolean> };
}
interface AnyRouter {
  stack: Layer[];
}

/** Which router was hung into which, and under what path: Express keeps that to itself. */
const mounted: { in: AnyRouter; path: string; router: AnyRouter }[] = [];
const routers = express.Router.prototype as { use: (...args: unknown[]) => unknown };
const plainUse = routers.use;
routers.use = function (this: AnyRouter, ...args: unknown[]) {
  const path = typeof args[0] === 'string' ? args[0] : '';
  for (const handler of args.flat())
    if (typeof handler === 'function' && 'stack' in handler)
      mounted.push({ in: this, path, router: handler as unknown as AnyRouter });
  return plainUse.apply(this, args);
};

function routesOf(router: AnyRouter, under: string): string[] {
  const own = router.stack.flatMap(({ route }) =>
    route
      ? Object.keys(route.methods).map(method => `${method.toUpperCase()} ${asDescribed(under + route.path)}`)
      : [],
  );
  const beneath = mounted
    .filter(m => m.in === router)
    .flatMap(m => routesOf(m.router, m.path === '/' ? under : under + m.path));
  return [...own, ...beneath];
}
const asDescribed = (path: string): string => path.replace(/:(\w+)/g, '{$1}').replace(/(.)\/$/, '$1');

const { call } = runningApi({ demo: true });

describe('the description of the API', () => {
  it('is OpenAPI 3.1', async () => {
    const { body } = await call('GET', '/api/openapi.json');
    const found = await new Validator().validate(body);
    expect(found.errors).toBeUndefined();
    expect(found.valid).toBe(true);
    expect(body.openapi).toBe('3.1.0');
  });
  it('has every route, and none that is not there', () => {
    const api = mounted.find(m => m.path === '/api')!;
    const served = new Set(routesOf(api.router, ''));
    expect(served.size).toBeGreaterThan(60);
    expect([...apiRoutes.keys()].sort()).toEqual([...served].sort());
  });
});

describe('the schemas of the formats', () => {
  const ajv = new Ajv2020({ strict: false, allErrors: true });
  const check = Object.fromEntries(formatNames.map(name => [name, ajv.compile(schemaOfFormat(name))]));
  const kept: { of: FormatName; path: string; content: (document: Record<string, unknown>) => unknown }[] = [
    { of: 'brief', path: '/api/parts', content: d => d.given },
    { of: 'printer', path: '/api/printers', content: d => d.profile },
    { of: 'grade', path: '/api/grades', content: d => d.grade },
    { of: 'spool', path: '/api/spools', content: d => d.spool },
    { of: 'print', path: '/api/prints', content: d => d.print },
    { of: 'trial', path: '/api/trials', content: d => d.trial },
    { of: 'fault', path: '/api/faults', content: d => d.fault },
    { of: 'map', path: '/api/maps', content: d => d.map },
    { of: 'service', path: '/api/placements', content: d => d.placement },
  ];
  it.each(kept)('take every $of of the demo', async ({ of, path, content }) => {
    const list = (await call('GET', `${path}?limit=1000`)).body as unknown as Record<string, unknown>[];
    expect(list.length).toBeGreaterThan(0);
    for (const document of list) {
      check[of]!(content(document));
      expect(check[of]!.errors, JSON.stringify(content(document)).slice(0, 200)).toBeNull();
    }
  });
  it('take its settings and its looks', async () => {
    const { settings } = (await call('GET', '/api/workshop')).body;
    check.workshop!(settings);
    expect(check.workshop!.errors).toBeNull();
    const placements = (await call('GET', '/api/placements')).body as unknown as { id: string }[];
    const looks: unknown[] = [];
    for (const { id } of placements)
      looks.push(
        ...((await call('GET', `/api/placements/${id}/inspections`)).body as unknown as {
          inspection: unknown;
        }[]),
      );
    expect(looks.length).toBeGreaterThan(10);
    for (const look of looks) {
      check.inspection!((look as { inspection?: unknown }).inspection ?? look);
      expect(check.inspection!.errors).toBeNull();
    }
  });
  it('refuse what the formats refuse', () => {
    const brief = { format: 'hornblende-brief', version: 1, name: 'Foot' };
    expect(check.brief!(brief)).toBe(true);
    for (const bad of [
      { ...brief, name: '' },
      { ...brief, colour: 'red' },
      { ...brief, lifeYears: 51 },
      { ...brief, lifeYears: null },
      { ...brief, geometry: { xMm: 'wide' } },
      { ...brief, weights: { beauty: 1 } },
      { ...brief, loads: [[]] },
    ])
      expect(check.brief!(bad), JSON.stringify(bad)).toBe(false);
  });
});
