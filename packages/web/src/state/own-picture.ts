import type { KeptFile } from '@kobby/core';
import { sendFile } from './api.ts';

/** The longest side of a picture of the home's own, in points: sharp on half a sheet of paper. */
const MOST_POINTS = 1400;
/** What a drawing measures that does not say. */
const UNSAID = 800;

/** What became of a picture that was chosen: kept, or why not, in a sentence. */
export type Taken = { readonly file: KeptFile } | { readonly why: string };

/**
 * Takes a photo or drawing of the home: drawn anew in the browser no larger than it is shown, so that neither where and when it was
 * taken nor anything that runs in it goes along, and kept by the server, which draws it once more.
 */
export async function takePicture(file: File): Promise<Taken> {
  const drawn = await drawnDown(file);
  if (!drawn) return { why: `“${file.name}” cannot be drawn as a picture. A PNG, JPEG, WebP or SVG can.` };
  const said = await sendFile(drawn);
  if (said.kind === 'ok') return { file: said.data };
  if (said.kind === 'problem') return { why: said.problem.detail };
  return { why: 'Kobby cannot be reached. Nothing was kept of the picture; try again.' };
}

/** A picture drawn anew at most so large: a photo as JPEG, what may be seen through as PNG; null when it cannot be drawn. */
async function drawnDown(file: File): Promise<File | null> {
  const address = URL.createObjectURL(file);
  try {
    // An image runs no script, whatever is written in it.
    const image = new Image();
    image.src = address;
    await image.decode();
    const [width, height] = [image.naturalWidth || UNSAID, image.naturalHeight || UNSAID];
    const scale = Math.min(1, MOST_POINTS / Math.max(width, height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round(width * scale));
    canvas.height = Math.max(1, Math.round(height * scale));
    canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
    const isPhoto = file.type === 'image/jpeg';
    const blob = await new Promise<Blob | null>((done) =>
      canvas.toBlob(done, isPhoto ? 'image/jpeg' : 'image/png', 0.86),
    );
    const base = file.name.replace(/\.\w+$/, '').slice(0, 80) || 'picture';
    return blob && new File([blob], `${base}.${isPhoto ? 'jpg' : 'png'}`, { type: blob.type });
  } catch {
    return null;
  } finally {
    URL.revokeObjectURL(address);
  }
}
