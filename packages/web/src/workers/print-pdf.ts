import { drawPdf, type PdfOrder } from '../views/PrintShop/pdf/draw-pdf.ts';

/** How far a file is, then the file itself, or why there is none. */
export type PdfNews =
  | { readonly kind: 'sheet'; readonly done: number; readonly of: number }
  | { readonly kind: 'file'; readonly bytes: Uint8Array<ArrayBuffer> }
  | { readonly kind: 'failed'; readonly message: string };

const tell = (news: PdfNews): void => self.postMessage(news);

self.addEventListener('message', ({ data }: MessageEvent<PdfOrder>) => {
  drawPdf(data, (done, of) => tell({ kind: 'sheet', done, of })).then(
    (bytes) => tell({ kind: 'file', bytes: bytes as Uint8Array<ArrayBuffer> }),
    (error: unknown) => tell({ kind: 'failed', message: String(error) }),
  );
});
