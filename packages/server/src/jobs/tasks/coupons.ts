import { fieldsOf } from '@hornblende/core';
import { coupons, makeCoupon, stlBytes, threeMfBytes } from '@hornblende/core/coupons';
import { json } from '../answer.js';
import type { Task } from '../task.js';

/** What a coupon's file may be. */
export const couponFiles = { stl: 'model/stl', '3mf': 'model/3mf' } as const;
/** What a coupon's file may be. */
export type CouponFile = keyof typeof couponFiles;

/** Every kind of coupon, with its numbers. */
export const listCoupons: Task<Record<never, never>> = {
  run: () => json(coupons.map(c => ({ id: c.id, title: c.title, inputs: fieldsOf(c.Input) }))),
};

/** A coupon as a file. */
export const writeCoupon: Task<{ kind: string; as: CouponFile; numbers: Record<string, unknown> }> = {
  async run(_db, { kind, as, numbers }) {
    const positions = await makeCoupon(kind, numbers);
    const body = as === 'stl' ? stlBytes(positions) : threeMfBytes(positions);
    const headers = { 'content-disposition': `attachment; filename="${kind}.${as}"` };
    return { status: 200, type: couponFiles[as], body, headers };
  },
};
