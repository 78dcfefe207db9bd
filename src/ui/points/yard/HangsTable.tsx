import { yardWords } from '@/words/screens';
import { MASK_OFF_DEG, type Became, type Beside, type BuiltBeside } from '@/core/yard';
import { lengthText, type LengthSystem } from '@/core/units';
import { percentText } from './yardText';

interface Props {
  readonly beside: BuiltBeside;
  /** Of each target, by the plan and now. */
  readonly chances: { readonly planned: ReadonlyMap<string, number>; readonly now: ReadonlyMap<string, number> };
  readonly name: (what: string) => string;
  readonly lengths: LengthSystem;
}

interface Told {
  readonly words: string;
  readonly tone: string;
}

const BECAME: Readonly<Record<Became, Told>> = {
  holds: { words: yardWords.holds, tone: 'moss' },
  lost: { words: yardWords.lost, tone: 'brick' },
  won: { words: yardWords.won, tone: 'moss' },
  missedAsPlanned: { words: yardWords.missedAsPlanned, tone: 'soft' },
};
/** What holds by less than this is told as doubtful. */
const DOUBTFUL = 0.8;

const wordOf = (became: Became, isOut: boolean, chance: number): Told => {
  if (became === 'lost' && isOut) return { words: yardWords.shown, tone: 'brick' };
  return became === 'holds' && chance < DOUBTFUL ? { words: yardWords.doubtful, tone: 'straw-ink' } : BECAME[became];
};

const Word = ({ words, tone }: Told) => (
  <td>
    <b className={tone}>{words}</b>
  </td>
);

/** A reach that shrinks by more is told as shorter. */
const SHORTER_M = 0.5;

/** What the difference between plan and wall does, target by target. */
export function HangsTable({ beside, chances, name, lengths }: Props) {
  const run = (metres: number): string => lengthText(metres, lengths);
  const { targets, sensorReachM, nearM, offDeg } = beside;
  const keepsOut = targets.some(({ target }) => target.wants === 'out');
  return (
    <table className="table yard-targets hangs" data-testid="hangs-table">
      <thead>
        <tr>
          <th />
          <th scope="col" className="number">
            {yardWords.planned}
          </th>
          <th scope="col" className="number">
            {yardWords.now}
          </th>
          <th />
        </tr>
      </thead>
      <tbody>
        {targets.map(({ target, became }) => (
          <tr key={target.id}>
            <th scope="row">
              {target.wants === 'out' ? yardWords.isKeptOut({ what: name(target.what) }) : name(target.what)}
            </th>
            <td className="figure soft">{percentText(chances.planned.get(target.id) ?? 0)}</td>
            <td className="figure">{percentText(chances.now.get(target.id) ?? 0)}</td>
            <Word {...wordOf(became, target.wants === 'out', chances.now.get(target.id) ?? 0)} />
          </tr>
        ))}
        <Length
          what={yardWords.reaches}
          of={sensorReachM}
          run={run}
          isWorse={({ planned, now }) => planned - now > SHORTER_M}
        />
        {nearM && (
          <Length
            what={yardWords.seesFrom}
            of={nearM}
            run={run}
            isWorse={({ planned, now }) => now - planned > SHORTER_M}
          />
        )}
        {keepsOut && (
          <tr>
            <th scope="row">{yardWords.masks}</th>
            <td className="figure soft">–</td>
            <td className="figure">{yardWords.off({ deg: Math.round(offDeg) })}</td>
            <Word {...(offDeg > MASK_OFF_DEG ? { words: yardWords.copyAgain, tone: 'straw-ink' } : BECAME.holds)} />
          </tr>
        )}
      </tbody>
    </table>
  );
}

interface LengthProps {
  readonly what: string;
  readonly of: Beside;
  readonly run: (metres: number) => string;
  readonly isWorse: (of: Beside) => boolean;
}

const Length = ({ what, of, run, isWorse }: LengthProps) => (
  <tr>
    <th scope="row">{what}</th>
    <td className="figure soft">{run(of.planned)}</td>
    <td className="figure">{run(of.now)}</td>
    <Word {...(isWorse(of) ? { words: yardWords.less2, tone: 'straw-ink' } : BECAME.holds)} />
  </tr>
);
