import { strToU8, zipSync } from 'fflate';
import { weld } from './weld.js';

const NAMESPACE = 'http://schemas.microsoft.com/3dmanufacturing/core/2015/02';
const RELATION = 'http://schemas.microsoft.com/3dmanufacturing/2013/01/3dmodel';

/** One shape as an object of a 3MF model. @param positions nine coordinates a triangle, mm */
function objectXml(positions: Float32Array, id: number): string {
  const { corners, cornerOf } = weld(positions);
  const vertices = [...cornerOf].map(c => {
    const [x, y, z] = positions.subarray(3 * c, 3 * c + 3);
    return `<vertex x="${x}" y="${y}" z="${z}"/>`;
  });
  const triangles: string[] = [];
  for (let i = 0; i < corners.length; i += 3)
    triangles.push(`<triangle v1="${corners[i]}" v2="${corners[i + 1]}" v3="${corners[i + 2]}"/>`);
  return (
    `<object id="${id}" type="model"><mesh><vertices>${vertices.join('')}</vertices>` +
    `<triangles>${triangles.join('')}</triangles></mesh></object>`
  );
}

/**
 * Shapes as one 3MF file, in millimetres, each an object of its own (3MF Core Specification 1.3).
 * @param shapes nine coordinates a triangle, mm
 */
export function threeMfBytes(...shapes: readonly Float32Array[]): Uint8Array {
  const model =
    `<?xml version="1.0" encoding="UTF-8"?>\n<model unit="millimeter" xml:lang="en" xmlns="${NAMESPACE}">` +
    `<resources>${shapes.map((s, n) => objectXml(s, n + 1)).join('')}</resources>` +
    `<build>${shapes.map((_, n) => `<item objectid="${n + 1}"/>`).join('')}</build></model>`;
  const types =
    '<?xml version="1.0" encoding="UTF-8"?>\n' +
    '<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types">' +
    '<Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>' +
    '<Default Extension="model" ContentType="application/vnd.ms-package.3dmanufacturing-3dmodel+xml"/></Types>';
  const relations =
    '<?xml version="1.0" encoding="UTF-8"?>\n' +
    '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">' +
    `<Relationship Target="/3D/3dmodel.model" Id="rel0" Type="${RELATION}"/></Relationships>`;
  return zipSync(
    {
      '[Content_Types].xml': strToU8(types),
      '_rels/.rels': strToU8(relations),
      '3D/3dmodel.model': strToU8(model),
    },
    // The same shape gives the same bytes, whenever it is written.
    { mtime: new Date('2000-01-01T12:00:00Z') },
  );
}
