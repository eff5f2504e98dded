import faceAddress from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-600-normal.woff?url';
import type { CardJob } from '@kobby/core';
import { onScopeDispose, ref } from 'vue';
import { giveFile } from '../../../state/api.ts';
import { usePictures } from '../../../state/pictures.ts';
import type { PdfNews } from '../../../workers/print-pdf.ts';
import { assetsOf } from './assets.ts';
import type { PdfOrder } from './draw-pdf.ts';

/** A PDF of what is shown, made beside the page: how far it is, and how it is stopped. */
export function usePdf() {
  const ways = usePictures();
  const progress = ref<string | null>(null);
  const trouble = ref<string | null>(null);
  let worker: Worker | null = null;
  function stop(): void {
    worker?.terminate();
    worker = null;
    progress.value = null;
  }
  function failed(why: string): void {
    stop();
    trouble.value = `The file could not be made: ${why}. Print it and choose PDF as the printer.`;
  }
  function work(order: PdfOrder, mine: Worker): void {
    mine.addEventListener('error', ({ message }) => failed(message || 'it could not begin'));
    mine.addEventListener('message', ({ data }: MessageEvent<PdfNews>) => {
      if (data.kind === 'sheet') progress.value = `Sheet ${data.done} of ${data.of}`;
      if (data.kind === 'failed') failed(data.message);
      if (data.kind !== 'file') return;
      stop();
      giveFile(`${order.title}.pdf`, 'application/pdf', data.bytes);
    });
    mine.postMessage(order, [order.font]);
  }
  async function save(title: string, jobs: readonly CardJob[]): Promise<void> {
    stop();
    trouble.value = null;
    progress.value = 'Pictures are fetched';
    const mine = new Worker(new URL('../../../workers/print-pdf.ts', import.meta.url), { type: 'module' });
    worker = mine;
    try {
      const [assets, font] = await Promise.all([
        assetsOf(jobs, ways),
        fetch(faceAddress).then((face) => face.arrayBuffer()),
      ]);
      // Stopped meanwhile, or begun anew.
      if (worker === mine) work({ title, jobs, assets, font }, mine);
    } catch (error) {
      if (worker === mine) failed(error instanceof Error ? error.message : String(error));
    }
  }
  onScopeDispose(stop);
  return { progress, trouble, save, stop };
}
