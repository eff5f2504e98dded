/** A text on one line, for formats that keep a thing a line. */
export const oneLine = (text: string): string => text.trim().replaceAll(/\s*\n\s*/g, ' ');
