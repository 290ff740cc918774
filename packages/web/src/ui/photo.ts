/** Longest side of a photograph that is kept, pixels, and the largest file, bytes. */
const LONGEST_SIDE_PX = 1600;
const LARGEST = 2 * 2 ** 20;

/**
 * A photograph made small enough to be kept, as a JPEG that holds its pixels alone: where and when it was taken stays
 * on the phone. @throws Error for what the browser cannot read as a picture
 */
export async function shrunk(file: Blob): Promise<Blob> {
  const picture = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => {
    throw new Error('This is no picture that the browser can read: take a JPEG or PNG.');
  });
  const scale = Math.min(1, LONGEST_SIDE_PX / Math.max(picture.width, picture.height));
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(picture.width * scale)),
    Math.max(1, Math.round(picture.height * scale)),
  );
  const context = canvas.getContext('2d')!;
  context.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  for (let quality = 0.85; ; quality -= 0.15) {
    const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality });
    if (blob.size <= LARGEST || quality < 0.3) return blob;
  }
}

/** A name for a photograph until the server knows it by its hash. */
export async function nameOf(photo: Blob): Promise<string> {
  const bytes = new Uint8Array(await photo.arrayBuffer());
  // Over plain HTTP in a local network there is no SubtleCrypto: then any name of its own will do.
  const digest = globalThis.crypto.subtle
    ? new Uint8Array(await crypto.subtle.digest('SHA-256', bytes))
    : crypto.getRandomValues(new Uint8Array(32));
  return [...digest].map(b => b.toString(16).padStart(2, '0')).join('');
}

/** An id for a look, made where it is written: also where there is no `randomUUID`, over plain HTTP. */
export function lookId(): string {
  return [...crypto.getRandomValues(new Uint8Array(16))].map(b => b.toString(16).padStart(2, '0')).join('');
}
