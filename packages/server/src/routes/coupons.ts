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

/** A query's value as a number where it is one; else as it is, for the parser to name. */
function numberOrText(value: unknown): unknown {
  const number = typeof value === 'string' && value.trim() ? Number(value) : NaN;
  return Number.isFinite(number) ? number : value;
}
