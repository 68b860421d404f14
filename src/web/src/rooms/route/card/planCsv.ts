import type { Plan } from '../../../core/contract';
import { writeCsv } from '../../../shared/csv';

type Stop = Plan['stops'][number];

const columns: [string, (stop: Stop, plan: Plan) => string | number][] = [
  ['day', (s) => s.day + 1],
  ['date', (s, plan) => plan.days.find((d) => d.day === s.day)?.date ?? ''],
  ['along_km', (s) => s.alongKm.toFixed(2)],
  ['place', (s) => text(s.name)],
  ['kind', (s) => s.kind],
  ['arrive', (s) => clock(s.arriveHour)],
  ['chance', (s) => s.chance?.toFixed(3) ?? ''],
  ['arrive_l', (s) => s.arriveL.toFixed(2)],
  ['take_l', (s) => s.takeL.toFixed(2)],
  ['leave_l', (s) => s.leaveL.toFixed(2)],
  ['treat_by', (s) => text(s.treatBy)],
  ['ready', (s) => (s.readyHour == null ? '' : clock(s.readyHour))],
  ['turn_back_km', (s) => s.turnBackKm?.toFixed(2) ?? ''],
  ['words', (s) => text(s.words)],
  ['if_else', (s) => text(s.ifElse)],
];

/** The plan as a table, RFC 4180, each stop with its date; litres and kilometres whatever the screen shows. */
export function planCsv(plan: Plan): string {
  return writeCsv(
    columns.map(([name]) => name),
    plan.stops.map((stop) => columns.map(([, value]) => String(value(stop, plan)))),
  );
}

/** 14.5 → "14:30"; past midnight the hours run on, as on a timetable of the same day. */
function clock(hour: number): string {
  const minutes = Math.round(hour * 60);
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;
}

/** What a sheet would take for a formula is written with an apostrophe before it, which sheets do not show. */
function text(said: string | null | undefined): string {
  return /^[=+\-@\t\r]/.test(said ?? '') ? `'${said}` : (said ?? '');
}
