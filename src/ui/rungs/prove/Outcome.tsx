import { proveWords } from '@/words/screens';
import type { Answered } from './answered';

/** What a typed figure comes to, before it is written down. */
export const Outcome = ({ answer }: { readonly answer: Answered }) => (
  <p className={answer.result === 'passed' ? 'moss' : 'brick'} role="status">
    {answer.result === 'passed' ? proveWords.thatIsAsIt : answer.reason}
  </p>
);
