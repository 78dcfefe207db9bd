import { parts, type Slots } from '../../parts';

/** The page that the customer gets before the visit. */
export const before = {
  beforeWeCome: 'Before we come',
  backToTheJob: 'Back to the job',
  copied: 'Copied',
  copyAsAText: 'Copy as a text',
  print: 'Print',
  copyingWasNotAllowed: ': copying was not allowed, mark and copy it here',
  theSameAsA: <T>({ copied }: Slots<T, 'copied'>) => parts`the same as a text to send${copied}`,
  dayAndHour: "EEEE d MMMM 'at' HH:mm",
};
