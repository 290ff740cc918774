/** Text as it may stand in XML or HTML, in an element or a quoted attribute. */
export function escapeXml(text: string): string {
  return text.replace(/[&<>"']/g, c => `&#${c.charCodeAt(0)};`);
}

/** Text as it may stand in a line of Markdown. */
export function escapeMarkdown(text: string): string {
  return text.replace(/([\\`*_[\]<>|#])/g, '\\$1').replace(/\s*\n+\s*/g, ' ');
}
