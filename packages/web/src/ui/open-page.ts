/** How long a page that was made here may take to open, ms. */
const OPENS_WITHIN_MS = 60_000;

/** Opens a page of HTML that was made here beside this one. */
export function openPage(html: string): void {
  const url = URL.createObjectURL(new Blob([html], { type: 'text/html' }));
  window.open(url, '_blank', 'noopener');
  setTimeout(() => URL.revokeObjectURL(url), OPENS_WITHIN_MS);
}

/** A name as a file may bear it. */
export function fileName(name: string): string {
  return name.replace(/[^\p{L}\p{N}-]+/gu, '-').toLowerCase();
}
