import { expect, test } from 'vitest';
import { countsText, undoneText } from '../../src/rooms/settings/backup/countsText';

const none = { added: 0, changed: 0, takenOut: 0, same: 0, leftAsIs: 0 };

test('what taking a backup in does is told by what there is of each', () => {
  expect(countsText({ ...none, added: 3, same: 12 }, 'done')).toBe('3 added, 12 the same.');
  expect(countsText({ ...none, changed: 1, takenOut: 2, leftAsIs: 4 }, 'would')).toBe(
    'Records: 1 changed, 2 taken out, 4 left as they are here.',
  );
  expect(countsText(none, 'would')).toBe('Nothing changes.');
  expect(countsText(none, 'done')).toBe('Nothing changes.');
});

test('what undoing it did is told the other way round', () => {
  expect(undoneText({ ...none, added: 1, changed: 2, takenOut: 3, leftAsIs: 4 })).toBe(
    'Undone: 3 taken out again, 2 put back as they were, 1 brought back, 4 written since, and left.',
  );
  // What is the same was never touched.
  expect(undoneText({ ...none, same: 5 })).toBe('Undone: the backup had changed nothing.');
});
