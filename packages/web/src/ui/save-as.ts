/** How long the browser may take to begin reading a file that was made here, ms: its address has to last till then. */
const READS_WITHIN_MS = 60_000;

/** Hands the reader a file that was made here. */
export function saveAs(name: string, content: BlobPart, type: string): void {
  const url = URL.createObjectURL(new Blob([content], { type }));
  const link = Object.assign(document.createElement('a'), { href: url, download: name });
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), READS_WITHIN_MS);
}
