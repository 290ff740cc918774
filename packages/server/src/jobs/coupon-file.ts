import {
  couponPlate,
  engravingFont,
  makeCoupon,
  stlBytes,
  threeMfBytes,
  type PlatePiece,
} from '@hornblende/core/coupons';
import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';

/** What a coupon's file may be. */
export const couponFiles = { stl: 'model/stl', '3mf': 'model/3mf' } as const;
/** What a coupon's file may be. */
export type CouponFile = keyof typeof couponFiles;

/** The font that codes are engraved with: bold, and made to be told apart. */
const FONT = '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-700-normal.woff';

const fontOfCodes = async (): Promise<ReturnType<typeof engravingFont>> =>
  engravingFont(await readFile(createRequire(import.meta.url).resolve(FONT)));

/**
 * A coupon as a file, engraved with its code where it has one.
 * @throws InputError naming a kind or a number that is none
 */
export async function couponFile(
  kind: string,
  as: CouponFile,
  numbers: Record<string, unknown>,
): Promise<Uint8Array> {
  const font = numbers.code ? await fontOfCodes() : null;
  const positions = await makeCoupon(kind, numbers, font);
  return as === 'stl' ? stlBytes(positions) : threeMfBytes(positions);
}

/**
 * Pieces laid on one plate as 3MF, each an object of its own.
 * @param mark what their codes begin with; empty leaves them plain
 * @throws InputError where they do not fit
 */
export async function plateFile(
  pieces: readonly PlatePiece[],
  buildMm: readonly [number, number],
  mark: string,
): Promise<Uint8Array> {
  const plate = await couponPlate(pieces, buildMm, mark ? { mark, font: await fontOfCodes() } : null);
  return threeMfBytes(...plate.pieces);
}
