import type { Bodies } from '../store/records';

/** What a person calls a record. */
export function nameRecord(kind: string, body: unknown): string {
  switch (kind) {
    case 'batch': {
      const batch = body as Bodies['batch'] | undefined;
      return `Batch in ${batch?.container ?? 'a container'}`;
    }
    case 'batch-event':
      return 'A tap on a batch';
    case 'kit-item':
      return `Kit: ${(body as Bodies['kit-item'] | undefined)?.name ?? 'a piece'}`;
    case 'trip-source':
      return `Source: ${(body as Bodies['trip-source'] | undefined)?.name ?? 'one'}`;
    case 'route':
      return `Route: ${(body as Bodies['route'] | undefined)?.name ?? 'one'}`;
    case 'walker':
      return `Walker: ${(body as Bodies['walker'] | undefined)?.name ?? 'one'}`;
    case 'sweat-test':
      return 'A sweat test';
    case 'book-line':
      return 'A line of the book';
    case 'day':
      return `Day: ${(body as Bodies['day'] | undefined)?.name ?? 'one'}`;
    case 'drill-result':
      return 'A drill';
    case 'settings':
      return 'Your settings';
    default:
      return kind;
  }
}
