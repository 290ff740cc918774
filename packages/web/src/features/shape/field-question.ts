import type { Brief } from '@hornblende/core';
import type { Jobs } from '../../workers/jobs';
import type { PartShape } from './useShape';

/** What the worker is asked of a load on the shape; null while there is no shape. */
export function fieldQuestion(
  { shape, report }: Pick<PartShape, 'shape' | 'report'>,
  brief: Brief,
  load: number,
  cells: number,
): Jobs['loadField']['question'] | null {
  if (!shape.value) return null;
  const { buffer, byteOffset, byteLength } = shape.value.positions;
  const bytes = new Uint8Array(buffer as ArrayBuffer, byteOffset, byteLength);
  return { brief, load, bytes, minWallMm: report.value?.minWallMm ?? null, cells };
}
