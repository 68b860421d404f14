/** What a person typed: a number, one of two it may mean, or none. */
export type Typed =
  { is: 'number'; value: number } | { is: 'either'; values: [number, number] } | { is: 'none' };

const none: Typed = { is: 'none' };

/** Where the digits 0 to 9 of a script begin. */
const zeros = [
  0x0660, 0x06f0, 0x07c0, 0x0966, 0x09e6, 0x0a66, 0x0ae6, 0x0b66, 0x0be6, 0x0c66, 0x0ce6, 0x0d66,
];
const moreZeros = [0x0e50, 0x0ed0, 0x0f20, 0x1040, 0x17e0, 0x1810, 0xff10];

/** The mark that a language sets between thousands where it is a point or a comma; null for any other. */
function thousandsMark(locale: string | undefined): string | null {
  const mark = new Intl.NumberFormat(locale)
    .formatToParts(1_234_567)
    .find(({ type }) => type === 'group')?.value;
  return mark === '.' || mark === ',' ? mark : null;
}

/**
 * Reads a number as people write it: digits of any script, point or comma before the decimals, points,
 * commas, blanks or apostrophes between thousands. "1,200" may be twelve hundred or one and a fifth: both are
 * given, and the person is asked.
 */
export function typedNumber(text: string, locale?: string): Typed {
  const plain = ascii(text);
  if (!/^[+-]?[\d.,]*\d[\d.,]*$/.test(plain)) return none;
  const sign = plain.startsWith('-') ? -1 : 1;
  const digits = plain.replace(/^[+-]/, '');
  const [points, commas] = [count(digits, '.'), count(digits, ',')];
  if (points > 0 && commas > 0) {
    const decimal = digits.lastIndexOf('.') > digits.lastIndexOf(',') ? '.' : ',';
    return count(digits, decimal) > 1 ? none : grouped(digits, decimal === '.' ? ',' : '.', decimal, sign);
  }
  const mark = points > 0 ? '.' : commas > 0 ? ',' : '';
  if (mark === '') return number(digits, sign);
  if (points + commas > 1) return grouped(digits, mark, '', sign);
  const whole = digits.replace(mark, '');
  const decimal = number(digits.replace(mark, '.'), sign);
  // A point stands for decimals on every screen here, unless the language groups by it; a comma may always be either.
  const maySeparate = mark === ',' || thousandsMark(locale) === '.';
  if (!maySeparate || !new RegExp(`^[1-9]\\d{0,2}\\${mark}\\d{3}$`).test(digits)) return decimal;
  return { is: 'either', values: [sign * Number(whole), sign * Number(digits.replace(mark, '.'))] };
}

/** Plain digits, point, comma and minus; what only sets digits apart is left out. */
function ascii(text: string): string {
  return text
    .trim()
    .replace(/\p{Nd}/gu, (digit) => {
      const code = digit.codePointAt(0)!;
      const zero = [...zeros, ...moreZeros].find((z) => code >= z && code < z + 10);
      return zero === undefined ? digit : String(code - zero);
    })
    .replace(/[−–﹣－]/g, '-')
    .replace(/[．٫]/g, '.')
    .replace(/[，、]/g, ',')
    .replace(/٬/g, '')
    .replace(/(?<=\d)[\s\u00a0\u2009\u202f'’](?=\d{3}(?!\d))/g, '');
}

/** Groups of three behind one to three digits, with decimals behind their own mark. */
function grouped(digits: string, mark: string, decimal: string, sign: number): Typed {
  const [whole = '', rest] = decimal === '' ? [digits] : digits.split(decimal);
  if (!new RegExp(`^\\d{1,3}(\\${mark}\\d{3})+$`).test(whole) || rest?.includes(mark)) return none;
  return number(`${whole.replaceAll(mark, '')}${rest === undefined ? '' : `.${rest}`}`, sign);
}

function number(plain: string, sign: number): Typed {
  const value = sign * Number(plain);
  return Number.isFinite(value) ? { is: 'number', value: value === 0 ? 0 : value } : none;
}

function count(text: string, mark: string): number {
  return text.split(mark).length - 1;
}
