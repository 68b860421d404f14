import type { Catalogue, Schema } from '../core/contract';

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
  return value.toLocaleString('en', {
    maximumFractionDigits: decimals,
    useGrouping: Math.abs(value) >= 10_000,
  });
}

/** A figure of the core with its unit, in the person's units. */
export function show(catalogue: Catalogue, quantity: Quantity, inside: number): string {
  const scale = scalesOf(catalogue, quantity).findLast((s) => Math.abs(inside) >= s.from)!;
  return `${plain(inside * scale.factor + scale.offset, scale.decimals)} ${scale.symbol}`.trim();
}

/** What is typed, as the core takes it: a number in the inside unit, or the text itself when it is none. */
export function readEntry(scale: Scale, text: string): number | string | null {
  const trimmed = text.trim().replace(',', '.').replace('−', '-');
  if (trimmed === '') return null;
  const typed = Number(trimmed);
  return Number.isFinite(typed) ? (typed - scale.offset) / scale.factor : text;
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
