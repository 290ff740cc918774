/** Text as it may stand in XML or HTML, in an element or a quoted attribute. */
export function escapeXml(text: string): string {
  return text.replace(/[&<>"']/g, c => `&#${c.charCodeAt(0)};`);
}
