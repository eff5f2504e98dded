import fontkit from '@pdf-lib/fontkit';
import { cutLines, dashesOf, TONES, type CardJob, type Mark } from '@kobby/core';
import {
  clip,
  concatTransformationMatrix,
  endPath,
  lineTo,
  moveTo,
  PDFDocument,
  PDFOperator,
  PDFOperatorNames,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  rgb,
  setDashPattern,
  setFillingRgbColor,
  setLineCap,
  setLineJoin,
  setLineWidth,
  setStrokingRgbColor,
  type PDFFont,
  type PDFImage,
  type PDFPage,
} from 'pdf-lib';
import { pathOps, pictureOps } from './svg-ops.ts';

/** A picture as it goes into a file: shapes, or an image. */
export type Asset =
  | { readonly kind: 'svg'; readonly svg: string }
  | { readonly kind: 'image'; readonly bytes: ArrayBuffer; readonly type: 'image/png' | 'image/jpeg' };

/** What is drawn: jobs in their order, each as often as it is printed, and what their pictures are, by `pictureKey`. */
export interface PdfOrder {
  readonly title: string;
  readonly jobs: readonly CardJob[];
  readonly assets: ReadonlyMap<string, Asset>;
  readonly font: ArrayBuffer;
}

type PictureMark = Extract<Mark, { kind: 'picture' }>;
type LineMark = Extract<Mark, { kind: 'line' }>;
export const pictureKey = ({ name, picture }: PictureMark['of']): string => JSON.stringify([name, picture]);

const POINTS_A_MM = 72 / 25.4;
const INK = TONES.ink;
const op = (name: PDFOperatorNames): PDFOperator => PDFOperator.of(name);
const grey = (tone: number): PDFOperator => setStrokingRgbColor(tone, tone, tone);

/** One sheet while it is drawn: millimetres from the upper left corner, downwards. */
class Sheet {
  readonly #page: PDFPage;
  readonly #height: number;
  readonly #font: PDFFont;

  constructor(page: PDFPage, font: PDFFont) {
    this.#page = page;
    this.#height = page.getHeight();
    this.#font = font;
  }

  /** Commands in millimetres. */
  shapes(...ops: readonly PDFOperator[]): void {
    const flip = concatTransformationMatrix(POINTS_A_MM, 0, 0, -POINTS_A_MM, 0, this.#height);
    this.#page.pushOperators(pushGraphicsState(), flip, ...ops, popGraphicsState());
  }

  words(text: string, x: number, y: number, size: number, isFromLeft = false): void {
    const points = size * POINTS_A_MM;
    const width = isFromLeft ? 0 : this.#font.widthOfTextAtSize(text, points);
    const at = { x: x * POINTS_A_MM - width / 2, y: this.#height - y * POINTS_A_MM };
    this.#page.drawText(text, { ...at, size: points, font: this.#font, color: rgb(INK, INK, INK) });
  }

  image(image: PDFImage, { x, y, size, as }: PictureMark): void {
    const scale = size / Math.max(image.width, image.height);
    const [width, height] = [image.width * scale, image.height * scale];
    const [left, top] = [x + (size - width) / 2, y + (size - height) / 2];
    this.#page.pushOperators(pushGraphicsState(), ...halfOps(x, y, size, as, POINTS_A_MM, this.#height));
    this.#page.drawImage(image, {
      ...{ x: left * POINTS_A_MM, y: this.#height - (top + height) * POINTS_A_MM },
      ...{ width: width * POINTS_A_MM, height: height * POINTS_A_MM },
    });
    this.#page.pushOperators(popGraphicsState());
  }
}

// Only the left or the right half of a picture is seen: in points of the page, or in millimetres from above where nothing is said.
function halfOps(
  x: number,
  y: number,
  size: number,
  as: PictureMark['as'],
  scale = 1,
  height: number | null = null,
): readonly PDFOperator[] {
  if (as !== 'left' && as !== 'right') return [];
  const left = (as === 'left' ? x : x + size / 2) * scale;
  const bottom = height === null ? y : height - (y + size) * scale;
  return [rectangle(left, bottom, (size / 2) * scale, size * scale), clip(), endPath()];
}

function lineOps(mark: LineMark): readonly PDFOperator[] {
  const { points, width, tone } = mark;
  const [[x, y], ...rest] = points as [LineMark['points'][number], ...LineMark['points']];
  const through = rest.length > 0 ? rest : [[x, y] as const];
  return [
    ...[
      grey(TONES[tone]),
      setLineWidth(width),
      setLineCap(1),
      setLineJoin(1),
      setDashPattern([...dashesOf(mark)], 0),
    ],
    ...[moveTo(x, y), ...through.map(([px, py]) => lineTo(px, py)), op(PDFOperatorNames.StrokePath)],
  ];
}

function dotOps({ x, y, r, isFilled }: Extract<Mark, { kind: 'dot' }>): readonly PDFOperator[] {
  const round = `M${x - r} ${y}A${r} ${r} 0 1 0 ${x + r} ${y}A${r} ${r} 0 1 0 ${x - r} ${y}Z`;
  return [
    ...[grey(INK), setFillingRgbColor(INK, INK, INK), setLineWidth(0.4), ...pathOps(round)],
    op(isFilled ? PDFOperatorNames.FillNonZeroAndStroke : PDFOperatorNames.StrokePath),
  ];
}

const frameOps = ({ x, y, width, height }: Extract<Mark, { kind: 'frame' }>): readonly PDFOperator[] => [
  ...[grey(INK), setLineWidth(0.4), rectangle(x, y, width, height), op(PDFOperatorNames.StrokePath)],
];

const cutOps = ({ grid, card, isPages }: CardJob, count: number): readonly PDFOperator[] =>
  isPages
    ? []
    : [
        ...[grey(0.467), setLineWidth(0.25), setDashPattern([2, 1.5], 0)],
        ...cutLines(grid, card, count).flatMap(({ from, to }) => [
          ...[moveTo(...from), lineTo(...to), op(PDFOperatorNames.StrokePath)],
        ]),
      ];

const shifted = (x: number, y: number, ops: readonly PDFOperator[]): readonly PDFOperator[] => [
  ...[pushGraphicsState(), concatTransformationMatrix(1, 0, 0, 1, x, y), ...ops, popGraphicsState()],
];

type Drawn =
  { readonly kind: 'svg'; readonly svg: string } | { readonly kind: 'image'; readonly image: PDFImage };

function drawMark(
  mark: Mark,
  x: number,
  y: number,
  sheet: Sheet,
  pictures: ReadonlyMap<string, Drawn>,
): void {
  if (mark.kind === 'words') return sheet.words(mark.text, x + mark.x, y + mark.y, mark.size);
  if (mark.kind === 'line') return sheet.shapes(...shifted(x, y, lineOps(mark)));
  if (mark.kind === 'dot') return sheet.shapes(...shifted(x, y, dotOps(mark)));
  if (mark.kind === 'frame') return sheet.shapes(...shifted(x, y, frameOps(mark)));
  const drawn = pictures.get(pictureKey(mark.of));
  if (!drawn) return;
  if (drawn.kind === 'image') return sheet.image(drawn.image, { ...mark, x: x + mark.x, y: y + mark.y });
  const half = halfOps(mark.x, mark.y, mark.size, mark.as);
  const ops = pictureOps(drawn.svg, mark.x, mark.y, mark.size, mark.as === 'shadow');
  sheet.shapes(...shifted(x, y, [...half, ...ops]));
}

const CHECK = 'This line is 100 mm long when it is printed true to size.';
function drawCheck(sheet: Sheet, height: number): void {
  const y = height - 5;
  sheet.shapes(grey(INK), setLineWidth(0.4), moveTo(10, y), lineTo(110, y), op(PDFOperatorNames.StrokePath));
  sheet.words(CHECK, 112, height - 4, 2.8, true);
}

/**
 * Jobs as a PDF: pages of their size, shapes and words as such, the face and the pictures in the file. `onSheet` hears how many sheets
 * are drawn of how many, and can take its time.
 */
export async function drawPdf(
  { title, jobs, assets, font }: PdfOrder,
  onSheet: (done: number, of: number) => void,
): Promise<Uint8Array> {
  const file = await PDFDocument.create();
  file.setTitle(title);
  file.setProducer('Kobby');
  file.registerFontkit(fontkit);
  const face = await file.embedFont(font, { subset: true });
  const pictures = new Map<string, Drawn>();
  for (const [key, asset] of assets)
    pictures.set(
      key,
      asset.kind === 'svg'
        ? asset
        : {
            kind: 'image',
            image: await (asset.type === 'image/png'
              ? file.embedPng(asset.bytes)
              : file.embedJpg(asset.bytes)),
          },
    );
  const total = jobs.reduce((sum, { sheets }) => sum + sheets.length, 0);
  let done = 0;
  for (const job of jobs) {
    const { width, height } = job.grid.page;
    for (const cards of job.sheets) {
      const sheet = new Sheet(file.addPage([width * POINTS_A_MM, height * POINTS_A_MM]), face);
      sheet.shapes(...cutOps(job, cards.length));
      for (const { card, x, y } of cards)
        for (const mark of card.marks) drawMark(mark, x, y, sheet, pictures);
      if (done === 0) drawCheck(sheet, height);
      done += 1;
      onSheet(done, total);
    }
  }
  return file.save();
}
