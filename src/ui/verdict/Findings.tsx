import { verdictWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import type { Say } from '@/words';
import { Ban, CircleHelp, Info, TriangleAlert } from 'lucide-react';
import type { Finding, Severity } from '@/core/wiring';

const MARKS: Readonly<Record<Severity, { readonly words: string; readonly colour: string }>> = {
  stop: { words: verdictWords.stop, colour: 'brick' },
  open: { words: verdictWords.open, colour: 'slate' },
  worry: { words: verdictWords.worry, colour: 'straw-ink' },
  remark: { words: verdictWords.remark, colour: 'soft' },
};
const ICONS = { stop: Ban, open: CircleHelp, worry: TriangleAlert, remark: Info } as const;

interface Props {
  readonly say: Say;
  readonly findings: readonly Finding[];
  /** What is said where nothing was found. */
  readonly none: string;
  /** A finding that names leads was tapped. */
  readonly onPick?: (leads: readonly string[]) => void;
}

/** What the rules say of a wiring, each with its severity in a word. */
export function Findings({ say, findings, none, onPick }: Props) {
  if (findings.length === 0) return <p className="moss">{none}</p>;
  return (
    <ul className="plain-list findings" data-testid="findings">
      {findings.map(({ rule, severity, words, leads }) => {
        const Icon = ICONS[severity];
        const { words: word, colour } = MARKS[severity];
        return (
          <li key={`${rule}-${say(words)}`}>
            <Icon size={18} className={colour} aria-hidden="true" />
            <span>
              <b className={colour}>{word}</b> {say(words)}{' '}
              {onPick && leads.length > 0 && (
                <Button variant="link" onClick={() => onPick(leads)}>
                  {verdictWords.show}
                </Button>
              )}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
