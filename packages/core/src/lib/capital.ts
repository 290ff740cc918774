/** A text with its first letter large, to begin a sentence with. */
export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
