/** The writer of calendar files, which the first answer does without. */
export const fetchBatchAlarm = () => import('./batchAlarm');
