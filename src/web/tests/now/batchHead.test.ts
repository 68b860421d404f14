import { expect, test } from 'vitest';
import type { Catalogue, Schema } from '../../src/core/contract';
import { batchLitres } from '../../src/rooms/book/lines/batchLitres';
import { batchHead } from '../../src/rooms/now/batchHead';
import type { Batch } from '../../src/store/batches';

const litres = { symbol: 'L', factor: 1, offset: 0, decimals: 2, from: 0, forEntry: true };
const catalogue = { quantities: [{ quantity: 'volume', scales: [litres] }] } as unknown as Catalogue;
const batch = {
  id: 'b1',
  containerId: 'bottle',
  request: { water: { volumeL: 1 } },
  answer: { methodName: 'Chlorine tablets', headline: '1 tablet, wait 30 min' },
} as unknown as Batch;

const begun = { addedL: 0, volumeL: 1 };
const more = { addedL: 0.5, volumeL: 1.5 };
const toTheBrim = { addedL: null, volumeL: null };

const holding = (id: string, held: number, water: object) =>
  ({ id, litres: held, water }) as unknown as Schema<'ContainerInHand'>;
const its = (held: number) => holding('bottle', held, { is: 'underWay', batchIds: ['b1'], readyAt: null });

test('a batch is said to be as much as is in its container', () => {
  expect(batchHead(catalogue, batch, begun, [its(0.6)])).toBe(
    '0.6 L · Chlorine tablets · 1 tablet, wait 30 min',
  );
  expect(batchHead(catalogue, batch, more, [its(1.5)])).toBe('1.5 L · Chlorine tablets · topped up');
});

test('elsewhere it is what it was begun for and what was added', () => {
  const others = [
    holding('bottle', 0.7, { is: 'clean', batchIds: ['b0'] }),
    holding('bag', 3, { is: 'underWay', batchIds: ['b1'] }),
    holding('bottle', 0.2, { is: 'empty' }),
  ];
  for (const containers of [undefined, [], others]) {
    expect(batchHead(catalogue, batch, begun, containers)).toBe(
      '1 L · Chlorine tablets · 1 tablet, wait 30 min',
    );
    expect(batchHead(catalogue, batch, more, containers)).toBe('1.5 L · Chlorine tablets · topped up');
    // Filled to the brim, and nobody knows how much that was.
    expect(batchHead(catalogue, batch, toTheBrim, containers)).toBe('Chlorine tablets · topped up');
  }
});

test('the book tells what was added beside what it was begun for', () => {
  expect(batchLitres(catalogue, batch, undefined)).toBe('1 L');
  expect(batchLitres(catalogue, batch, 0)).toBe('1 L');
  expect(batchLitres(catalogue, batch, 0.5)).toBe('1 L, topped up with 0.5 L');
  expect(batchLitres(catalogue, batch, null)).toBe('1 L, topped up');
});
