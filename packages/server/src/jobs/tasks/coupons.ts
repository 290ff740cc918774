import { fieldsOf } from '@hornblende/core/input';
import { coupons } from '@hornblende/core/coupons';
import type { PlatePiece } from '@hornblende/core/coupons';
import { couponFile, couponFiles, plateFile, type CouponFile } from '../coupon-file.js';
import { json } from '../answer.js';
import type { Task } from '../task.js';

/** Every kind of coupon, with its numbers. */
export const listCoupons: Task<Record<never, never>> = {
  run: () => json(coupons.map(({ Input, of: _of, ...told }) => ({ ...told, inputs: fieldsOf(Input) }))),
};

/** A coupon as a file. */
export const writeCoupon: Task<{ kind: string; as: CouponFile; numbers: Record<string, unknown> }> = {
  async run(_db, { kind, as, numbers }) {
    const body = await couponFile(kind, as, numbers);
    const headers = { 'content-disposition': `attachment; filename="${kind}.${as}"` };
    return { status: 200, type: couponFiles[as], body, headers };
  },
};

/** Pieces on one plate as a file. */
export const writePlate: Task<{ pieces: PlatePiece[]; buildMm: [number, number]; mark: string }> = {
  async run(_db, { pieces, buildMm, mark }) {
    const body = await plateFile(pieces, buildMm, mark);
    const headers = { 'content-disposition': `attachment; filename="plate${mark && `-${mark}`}.3mf"` };
    return { status: 200, type: couponFiles['3mf'], body, headers };
  },
};
