import type { Catalogue, Schema } from '../core/contract';
import { typedNumber } from './typedNumber';
import { locale } from './zone';

type Scale = Schema<'UnitScale'>;
type Quantity = Schema<'Quantity'>;

function scalesOf(catalogue: Catalogue, quantity: Quantity): Scale[] {
  return catalogue.quantities.find((q) => q.quantity === quantity)!.scales;
}

/** The unit numbers of this quantity are typed in. */
export function entryScale(catalogue: Catalogue, quantity: Quantity): Scale {
  return scalesOf(catalogue, quantity).find((s) => s.forEntry)!;
}

/** A number as it is shown, with no more decimals than are worth it. */
export function plain(value: number, decimals: number): string {
  return value.toLocaleString(locale, {
    maximumFractionDigits: decimals,
    useGrouping: Math.abs(value) >= 10_000,
  });
}

/** A figure of the core with its unit, in the person's units. */
export function show(catalogue: Catalogue, quantity: Quantity, inside: number): string {
  const scale = scalesOf(catalogue, quantity).findLast((s) => Math.abs(inside) >= s.from)!;
  return `${plain(inside * scale.factor + scale.offset, scale.decimals)} ${scale.symbol}`.trim();
}

/** Every unit of a quantity that a number may be typed with. */
export function typedScales(catalogue: Catalogue, quantity: Quantity): Scale[] {
  return [entryScale(catalogue, quantity), ...scalesOf(catalogue, quantity)];
}

/**
 * What is typed, as the core takes it: a number in the inside unit, or the text itself when it is none, or may be either of two. A unit
 * behind it counts ("750 mL"); without one it is the field's own, the first of the scales.
 */
export function readEntry(scales: Scale[], text: string): number | string | null {
  if (text.trim() === '') return null;
  const { scale, number } = withUnit(scales, text);
  const typed = typedNumber(number);
  return typed.is === 'number' ? (typed.value - scale.offset) / scale.factor : text;
}

/** The two numbers a text may mean, each as it would be typed without doubt and as the core takes it; null where it is in no doubt. */
export function eitherEntry(scales: Scale[], text: string): { shown: string; inside: number }[] | null {
  const { scale, number } = withUnit(scales, text);
  const typed = typedNumber(number);
  return typed.is === 'either'
    ? typed.values.map((value) => ({
        shown: `${value} ${scale.symbol}`.trim(),
        inside: (value - scale.offset) / scale.factor,
      }))
    : null;
}

function withUnit(scales: Scale[], text: string): { scale: Scale; number: string } {
  const own = scales[0];
  const feet = /^\s*(\d+)\s*['′]\s*(\d+(?:[.,]\d+)?)?\s*["″]?\s*$/.exec(text);
  if (feet && own.symbol === 'in')
    return { scale: own, number: String(Number(feet[1]) * 12 + Number((feet[2] ?? '0').replace(',', '.'))) };
  const said = text.trim().toLowerCase();
  // The longest symbol first: "mL" ends in "L" too.
  const scale = scales
    .filter(({ symbol }) => symbol !== '' && said.endsWith(symbol.toLowerCase()))
    .toSorted((a, b) => b.symbol.length - a.symbol.length)[0];
  return scale ? { scale, number: text.trim().slice(0, -scale.symbol.length) } : { scale: own, number: text };
}

export function writeEntry(scale: Scale, value: number | string | null): string {
  if (value === null) return '';
  if (typeof value === 'string') return value;
  return String(Number((value * scale.factor + scale.offset).toFixed(2)));
}

/** Enough digits to check the arithmetic by hand. */
export function figure(value: number): string {
  return Number.isInteger(value) ? String(value) : String(Number(value.toPrecision(5)));
}

/** A chance in whole per cent, never rounded up. */
export function wholePercent(chance: number): string {
  return plain(Math.floor(chance * 100 + 1e-9), 0);
}

/** A chance of harm in whole per cent, never rounded down. */
export function wholePercentUp(chance: number): string {
  return plain(Math.ceil(chance * 100 - 1e-9), 0);
}
