/** Columns of entries, beside each other where each has room: a number between − and + must be seen whole. */
export const entryColumns = 'repeat(auto-fit, minmax(min(100%, 250px), 1fr))';
