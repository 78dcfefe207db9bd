import { breakerLabelWords } from '@/words/screens';
import { format, parseISO } from 'date-fns';
import { placeOf, type Job } from '@/core/job';
import type { Label, LabelledWay } from '@/core/points';
import { sayIn, termsIn } from '@/words';

/** What stands on a label, of a circuit or of a device. */
export interface LabelWords {
  readonly what: string;
  readonly way: string;
  readonly board: string;
  readonly safe: string;
  /** Day and initials. */
  readonly mark: string;
  readonly address: string;
}

const initials = (name: string): string =>
  name
    .split(/\s+/)
    .map((part) => part.charAt(0).toUpperCase())
    .join('');

/**
 * A label in words.
 * @param root address under which the program is reached: its code opens the job, at the point where it is of one
 * @param who whose initials stand on it; nobody’s where nobody is known
 */
export function labelWordsOf(job: Job, label: Label, root: string, today: string, who: string | null): LabelWords {
  const terms = termsIn(placeOf(job));
  const wayText = ({ way, name }: LabelledWay): string => way ?? name ?? terms.way;
  const board = [terms.board, job.site.boardPlace].filter(Boolean).join(', ');
  const mark = `${format(parseISO(today), 'd MMM yyyy')}  ${who ? initials(who) : ''}`;
  const address = `${root}/jobs/${job.id}`;
  if (label.on === 'circuit')
    return {
      way: wayText(label.at),
      what:
        label.feeds.length > 0
          ? breakerLabelWords.feeds({ points: label.feeds.join(', ') })
          : breakerLabelWords.feedsNotSaid,
      board,
      safe: breakerLabelWords.switchOffTagProve,
      mark,
      address,
    };
  const off = label.ways.map(wayText).join(', ');
  return {
    way: label.name,
    what: label.device === null ? breakerLabelWords.notChosenYet : sayIn(placeOf(job))(label.device),
    board: label.byPlug ? '' : board,
    safe: label.byPlug
      ? breakerLabelWords.pullPlug
      : off === ''
        ? breakerLabelWords.wayNotNamed
        : breakerLabelWords.switchOffAt({ way: off }),
    mark,
    address: `${address}?point=${encodeURIComponent(label.pointId)}`,
  };
}
