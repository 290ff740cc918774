import { light } from '../palette.js';

const { ink, soft, rule, deep } = light.tokens;
const strongRule = light.tokens['rule-strong'];

/**
 * The style of a record as a page. Prints on A4 and on Letter alike: margins in mm, no fixed page height, rows and
 * pictures never cut.
 */
export const RECORD_STYLE = `
@page { margin: 16mm 15mm; }
* { box-sizing: border-box; }
body {
  font: 14px/1.5 'Atkinson Hyperlegible', system-ui, sans-serif; font-variant-numeric: tabular-nums;
  color: ${ink}; max-width: 180mm; margin: 24px auto; padding: 0 16px;
}
h1 { font-size: 24px; line-height: 1.2; margin: 0 0 4px; }
h2 { font-size: 16px; margin: 22px 0 6px; break-after: avoid; }
p { margin: 0 0 7px; }
.lead { font-size: 16px; }
.why { border-left: 3px solid ${deep}; padding-left: 12px; white-space: pre-line; }
table { border-collapse: collapse; width: 100%; font-size: 12px; margin: 6px 0; }
th, td { padding: 3px 10px 3px 0; vertical-align: top; overflow-wrap: break-word; }
th { text-align: left; font-weight: 400; color: ${soft}; border-bottom: 1px solid ${strongRule}; }
td { border-bottom: 1px solid ${rule}; }
td:nth-child(2):not(:last-child) { white-space: nowrap; }
tr { break-inside: avoid; }
thead { display: table-header-group; }
.r { text-align: right; white-space: nowrap; }
figure { margin: 8px 0; break-inside: avoid; }
svg { max-width: 100%; height: auto; }
footer { margin-top: 26px; color: ${soft}; font-size: 12px; }
@media print { body { margin: 0; padding: 0; max-width: none; font-size: 11pt; } }`;
