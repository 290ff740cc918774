import type { Brief } from '@hornblende/core/formats';
import type { Jobs } from '../../workers/jobs';
import { shapeBytes } from './shape-bytes';
import type { PartShape } from './useShape';

/** What the worker is asked of a load on the shape; null while there is no shape. */
export function fieldQuestion(
  { shape, report }: Pick<PartShape, 'shape' | 'report'>,
  brief: Brief,
  load: number,
  cells: number,
): Jobs['loadField']['question'] | null {
  if (!shape.value) return null;
  return { brief, load, bytes: shapeBytes(shape.value), minWallMm: report.value?.minWallMm ?? null, cells };
}
