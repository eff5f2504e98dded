import {
  appendBezierCurve,
  closePath,
  concatTransformationMatrix,
  PDFOperator,
  PDFOperatorNames,
  lineTo,
  moveTo,
  popGraphicsState,
  pushGraphicsState,
  setFillingRgbColor,
  setLineCap,
  setLineJoin,
  setLineWidth,
  setStrokingRgbColor,
} from 'pdf-lib';
import svgpath from 'svgpath';

/** An outline as it is written in pictures, as drawing commands: arcs and short forms become curves. */
export function pathOps(written: string): PDFOperator[] {
  const ops: PDFOperator[] = [];
  svgpath(written)
    .abs()
    .unarc()
    .unshort()
    .iterate((segment, _, x, y) => {
      const [name, ...at] = segment;
      const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0] = at;
      if (name === 'M') ops.push(moveTo(a, b));
      else if (name === 'L') ops.push(lineTo(a, b));
      else if (name === 'H') ops.push(lineTo(a, y));
      else if (name === 'V') ops.push(lineTo(x, a));
      else if (name === 'C') ops.push(appendBezierCurve(a, b, c, d, e, f));
      // A curve with one handle, as one with two.
      else if (name === 'Q')
        ops.push(
          appendBezierCurve(
            ...([x + (2 / 3) * (a - x), y + (2 / 3) * (b - y)] as const),
            ...([c + (2 / 3) * (a - c), d + (2 / 3) * (b - d), c, d] as const),
          ),
        );
      else if (name === 'Z') ops.push(closePath());
    });
  return ops;
}

/** What of a picture cannot be drawn as plain shapes: such a one is drawn as an image of it. */
const BEYOND =
  /<(?:use|filter|linearGradient|radialGradient|clipPath|mask|text|image|style)\b|transform=|stroke-dasharray=/;
export const isPlain = (svg: string): boolean => !BEYOND.test(svg);

type Attributes = Readonly<Record<string, string>>;
const ELEMENT = /<(\/?)([a-zA-Z]+)([^>]*?)(\/?)>/g;
const ATTRIBUTE = /([a-zA-Z-]+)="([^"]*)"/g;
const INHERITED = new Set(
  'fill stroke stroke-width stroke-linecap stroke-linejoin fill-rule opacity fill-opacity'.split(' '),
);

const number = (at: Attributes, name: string, otherwise = 0): number => Number(at[name] ?? otherwise);
const oval = (cx: number, cy: number, rx: number, ry: number): string =>
  `M${cx - rx} ${cy}A${rx} ${ry} 0 1 0 ${cx + rx} ${cy}A${rx} ${ry} 0 1 0 ${cx - rx} ${cy}Z`;

const SHAPES: Readonly<Record<string, (at: Attributes) => string>> = {
  path: ({ d = '' }) => d,
  circle: (at) => oval(number(at, 'cx'), number(at, 'cy'), number(at, 'r'), number(at, 'r')),
  ellipse: (at) => oval(number(at, 'cx'), number(at, 'cy'), number(at, 'rx'), number(at, 'ry')),
  rect: (at) => {
    const [x, y] = [number(at, 'x'), number(at, 'y')];
    const [w, h] = [number(at, 'width'), number(at, 'height')];
    const rx = Math.min(number(at, 'rx', number(at, 'ry')), w / 2);
    const ry = Math.min(number(at, 'ry', rx), h / 2);
    if (rx === 0) return `M${x} ${y}H${x + w}V${y + h}H${x}Z`;
    const turn = (dx: number, dy: number): string => `a${rx} ${ry} 0 0 1 ${dx} ${dy}`;
    return `M${x + rx} ${y}H${x + w - rx}${turn(rx, ry)}V${y + h - ry}${turn(-rx, ry)}H${x + rx}${turn(-rx, -ry)}V${y + ry}${turn(rx, -ry)}Z`;
  },
};

const NAMED: Readonly<Record<string, string>> = { black: '#000', white: '#fff', red: '#f00' };
/** A colour as parts of one; what shines through is mixed with the paper. Null for none. */
function colourOf(said: string | undefined, opacity: number): readonly [number, number, number] | null {
  if (said === 'none') return null;
  const hex = (NAMED[said ?? 'black'] ?? said ?? '#000').slice(1);
  const whole = hex.length === 3 ? [...hex].map((one) => one + one).join('') : hex;
  const [r, g, b] = [0, 2, 4].map((at) => {
    const part = parseInt(whole.slice(at, at + 2), 16) / 255;
    return 1 - opacity * (1 - part);
  });
  return [r!, g!, b!];
}

const CAPS: Readonly<Record<string, number>> = { butt: 0, round: 1, square: 2 };
const JOINS: Readonly<Record<string, number>> = { miter: 0, round: 1, bevel: 2 };

function drawn(shape: string, at: Attributes, isShadow: boolean): readonly PDFOperator[] {
  const opacity = number(at, 'opacity', 1) * number(at, 'fill-opacity', 1);
  const fill = colourOf(at.fill, opacity);
  const stroke = colourOf(at.stroke ?? 'none', opacity);
  const black = [0, 0, 0] as const;
  const path = pathOps(shape);
  const evenOdd = at['fill-rule'] === 'evenodd';
  return [
    ...(fill
      ? [
          setFillingRgbColor(...(isShadow ? black : fill)),
          ...path,
          PDFOperator.of(evenOdd ? PDFOperatorNames.FillEvenOdd : PDFOperatorNames.FillNonZero),
        ]
      : []),
    ...(stroke
      ? [
          setStrokingRgbColor(...(isShadow ? black : stroke)),
          setLineWidth(number(at, 'stroke-width', 1)),
          setLineCap(CAPS[at['stroke-linecap'] ?? 'butt'] ?? 0),
          setLineJoin(JOINS[at['stroke-linejoin'] ?? 'miter'] ?? 0),
          ...path,
          PDFOperator.of(PDFOperatorNames.StrokePath),
        ]
      : []),
  ];
}

/** A plain picture as the drawing commands of a PDF, filling a square of `side` from the upper left corner at `x`, `y`, downwards. */
export function pictureOps(
  svg: string,
  x: number,
  y: number,
  side: number,
  isShadow: boolean,
): PDFOperator[] {
  const [left = 0, top = 0, width = 32, height = 32] =
    /viewBox="([^"]*)"/
      .exec(svg)?.[1]
      ?.split(/[\s,]+/)
      .map(Number) ?? [];
  const scale = side / Math.max(width, height);
  const ops: PDFOperator[] = [
    pushGraphicsState(),
    concatTransformationMatrix(
      ...([scale, 0, 0, scale] as const),
      x + (side - width * scale) / 2 - left * scale,
      y + (side - height * scale) / 2 - top * scale,
    ),
  ];
  const above: Attributes[] = [{}];
  for (const [, isEnd, name, written, isAlone] of svg.matchAll(ELEMENT)) {
    if (isEnd) {
      above.pop();
      continue;
    }
    const own = Object.fromEntries([...written!.matchAll(ATTRIBUTE)].map(([, key, value]) => [key!, value!]));
    const inherited = above.at(-1)!;
    const at: Attributes = { ...inherited, ...own };
    const shape = SHAPES[name!]?.(at);
    if (shape) ops.push(...drawn(shape, at, isShadow));
    if (!isAlone) above.push(Object.fromEntries(Object.entries(at).filter(([key]) => INHERITED.has(key))));
  }
  ops.push(popGraphicsState());
  return ops;
}
