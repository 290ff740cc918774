import { parseInput, Quantity, Text } from '@hornblende/core/input';
import { Router } from 'express';
import { couponFiles, type CouponFile } from '../jobs/coupon-file.js';
import { HttpProblem } from '../lib/errors.js';
import type { Jobs } from '../jobs/jobs.js';
import { leaving, send } from './send.js';

/** /coupons: shapes made from numbers, as STL or 3MF: `/coupons/warp-bar.stl?lengthMm=200`. */
export function couponRoutes(jobs: Jobs): Router {
  const router = Router();
  router.get('/', async (_req, res) => {
    send(res, await jobs.run('heavy', 'listCoupons', {}, { signal: leaving(res) }));
  });
  router.get('/plate.3mf', async (req, res) => {
    const { x, y, mark, pieces } = parseInput(PlateQuery, {
      ...req.query,
      x: numberOrText(req.query.x),
      y: numberOrText(req.query.y),
    });
    const order = { pieces: piecesOf(pieces), buildMm: [x, y] as [number, number], mark };
    send(res, await jobs.run('heavy', 'writePlate', order, { signal: leaving(res) }));
  });
  router.get('/:file', async (req, res) => {
    const { file } = req.params;
    const [, kind, as] = /^([a-z0-9-]+)\.([a-z0-9]+)$/.exec(file) ?? [];
    if (!kind || !as || !Object.hasOwn(couponFiles, as))
      throw new HttpProblem(400, [
        { field: 'file', value: file, message: 'must be a kind of coupon, and .stl or .3mf' },
      ]);
    const numbers = Object.fromEntries(
      Object.entries(req.query).map(([name, value]) => [name, name === 'code' ? value : numberOrText(value)]),
    );
    send(
      res,
      await jobs.run(
        'heavy',
        'writeCoupon',
        { kind, as: as as CouponFile, numbers },
        { signal: leaving(res) },
      ),
    );
  });
  return router;
}

/** What a plate of coupons is asked by. */
class PlateQuery {
  @Text({ maxLength: 400, doc: 'Kinds with how many of each, such as `gauge:3,sag-strips:3`.' })
  pieces!: string;
  @Quantity({ min: 20, max: 2000, unit: 'mm', optional: true, doc: 'Width of the plate; default 220.' }) x =
    220;
  @Quantity({ min: 20, max: 2000, unit: 'mm', optional: true, doc: 'Depth of the plate; default 220.' }) y =
    220;
  @Text({
    maxLength: 4,
    optional: true,
    allowEmpty: true,
    doc: 'What codes begin with; default none are engraved.',
  })
  mark = '';
}

/** Kinds with how many of each. @throws HttpProblem 400 */
function piecesOf(text: string): { kind: string; count: number }[] {
  return text.split(',').map(entry => {
    const [, kind, count] = /^([a-z0-9-]+):(\d{1,3})$/.exec(entry.trim()) ?? [];
    if (!kind || !count)
      throw new HttpProblem(400, [
        {
          field: 'pieces',
          value: entry,
          message: 'must be kinds with how many of each, such as gauge:3,sag-strips:3',
        },
      ]);
    return { kind, count: Number(count) };
  });
}

/** A query's value as a number where it is one; else as it is, for the parser to name. */
function numberOrText(value: unknown): unknown {
  const number = typeof value === 'string' && value.trim() ? Number(value) : NaN;
  return Number.isFinite(number) ? number : value;
}
