const SMALL = [
  'none',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
  'thirteen',
  'fourteen',
  'fifteen',
  'sixteen',
  'seventeen',
  'eighteen',
  'nineteen',
];
const TENS = ['', '', 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];

/** A whole number from 0 to 99 in words, as it is sung; 0 is `none` by itself. Others come back as figures. */
export function numberWord(n: number): string {
  if (!Number.isInteger(n) || n < 0 || n > 99) return String(n);
  if (n < SMALL.length) return SMALL[n]!;
  const [tens, ones] = [TENS[Math.floor(n / 10)]!, n % 10];
  return ones === 0 ? tens : `${tens}-${SMALL[ones]!}`;
}
