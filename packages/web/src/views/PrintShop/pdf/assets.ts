import type { CardJob, Mark } from '@kobby/core';
import { pictureAddress, type PictureWays } from '../../../state/pictures.ts';
import { pictureKey, type Asset } from './draw-pdf.ts';
import { isPlain } from './svg-ops.ts';

/** Dots along the longer side of an image in a file: 300 to the inch on the largest card. */
const MOST_DOTS = 1100;

type Shown = Extract<Mark, { kind: 'picture' }>;
const shownIn = (jobs: readonly CardJob[]): readonly Shown[] => [
  ...new Map(
    jobs.flatMap(({ sheets }) =>
      sheets
        .flat()
        .flatMap(({ card }) =>
          card.marks.flatMap((mark) =>
            mark.kind === 'picture' ? [[pictureKey(mark.of), mark] as const] : [],
          ),
        ),
    ),
  ).values(),
];

// A photo as large as a card needs it, and what is no plain shapes as an image; what is transparent stays so.
async function imageOf(blob: Blob): Promise<Asset> {
  const address = URL.createObjectURL(blob);
  try {
    const image = new Image();
    image.src = address;
    await image.decode();
    const isDrawn = blob.type === 'image/svg+xml';
    const longer = Math.max(image.naturalWidth, image.naturalHeight) || 1;
    const scale = isDrawn ? MOST_DOTS / longer : Math.min(1, MOST_DOTS / longer);
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round((image.naturalWidth || 1) * scale));
    canvas.height = Math.max(1, Math.round((image.naturalHeight || 1) * scale));
    canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
    const type = blob.type === 'image/jpeg' ? 'image/jpeg' : 'image/png';
    const made = await new Promise<Blob | null>((done) => canvas.toBlob(done, type, 0.9));
    if (!made) throw new Error('a picture could not be read');
    return { kind: 'image', bytes: await made.arrayBuffer(), type };
  } finally {
    URL.revokeObjectURL(address);
  }
}

async function assetAt(address: string): Promise<Asset> {
  const answer = await fetch(address);
  if (!answer.ok) throw new Error(`${answer.status}: ${address}`);
  const blob = await answer.blob();
  if (!blob.type.startsWith('image/svg')) return imageOf(blob);
  const svg = await blob.text();
  return isPlain(svg) ? { kind: 'svg', svg } : imageOf(new Blob([svg], { type: 'image/svg+xml' }));
}

/** All pictures of some jobs, each once. */
export async function assetsOf(
  jobs: readonly CardJob[],
  ways: PictureWays | null,
): Promise<ReadonlyMap<string, Asset>> {
  const all = shownIn(jobs).map(async ({ of }): Promise<readonly [string, Asset] | null> => {
    const address = ways && pictureAddress(of, ways);
    return address === null ? null : [pictureKey(of), await assetAt(address)];
  });
  return new Map((await Promise.all(all)).filter((one) => one !== null));
}
