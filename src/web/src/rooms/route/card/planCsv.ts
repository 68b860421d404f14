import type { Plan } from '../../../core/contract';

const columns = [
  ['day', (s: Stop) => s.day + 1],
  ['along_km', (s: Stop) => s.alongKm.toFixed(2)],
  ['place', (s: Stop) => s.name],
  ['kind', (s: Stop) => s.kind],
  ['arrive_hour', (s: Stop) => s.arriveHour.toFixed(2)],
  ['chance', (s: Stop) => s.chance?.toFixed(3) ?? ''],
  ['arrive_l', (s: Stop) => s.arriveL.toFixed(2)],
  ['take_l', (s: Stop) => s.takeL.toFixed(2)],
  ['leave_l', (s: Stop) => s.leaveL.toFixed(2)],
  ['treat_by', (s: Stop) => s.treatBy],
  ['ready_hour', (s: Stop) => s.readyHour?.toFixed(2) ?? ''],
  ['turn_back_km', (s: Stop) => s.turnBackKm?.toFixed(2) ?? ''],
  ['words', (s: Stop) => s.words],
  ['if_else', (s: Stop) => s.ifElse],
] as const;

type Stop = Plan['stops'][number];

/** The plan as a table, RFC 4180; litres and kilometres whatever the screen shows. */
export function planCsv(plan: Plan): string {
  const lines = plan.stops.map((stop) => columns.map(([, value]) => quoted(String(value(stop)))).join(','));
  return [columns.map(([name]) => name).join(','), ...lines, ''].join('\r\n');
}

function quoted(text: string): string {
  // A leading sign or equals would be read as a formula by a spreadsheet.
  const plain = /^[=+@]/.test(text) ? `'${text}` : text;
  return /[",\r\n]/.test(plain) ? `"${plain.replaceAll('"', '""')}"` : plain;
}
