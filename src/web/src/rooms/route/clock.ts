/** A clock time of the core, hours after midnight, as people say it; past midnight with the day it runs into. */
export function clock(hour: number): string {
  const minutes = Math.round(hour * 60);
  const day = Math.floor(minutes / 1440);
  const text = `${String(Math.floor((minutes % 1440) / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
  return day > 0 ? `${text} next day` : text;
}

export function hoursText(hours: number): string {
  const minutes = Math.round(hours * 60);
  return minutes % 60 === 0 ? `${minutes / 60} h` : `${Math.floor(minutes / 60)} h ${minutes % 60} min`;
}
