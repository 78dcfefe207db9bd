import { said, type Text } from '@/core/said';
import { boxWords } from '@/words/screens';
import { Table } from 'react-bootstrap';
import type { Say } from '@/words';
import { AHEAD_M, type Splice } from '@/core/junction';

interface Props {
  readonly say: Say;
  readonly splices: readonly Splice[];
  /** Which readings each conductor rests on. */
  readonly basis: ReadonlyMap<string, Text>;
}

/** Every splice with what holds it, how long to strip, and which leads are folded or laid ahead. */
export function SpliceTable({ say, splices, basis }: Props) {
  return (
    <div className="scroll-x">
      <Table data-testid="splices">
        <thead>
          <tr>
            <th>{boxWords.splice}</th>
            <th>{boxWords.leads}</th>
            <th>{boxWords.heldBy}</th>
            <th className="n">{boxWords.strip}</th>
          </tr>
        </thead>
        <tbody>
          {splices.map(({ joint, leads, connector, doubled, ahead, problem }) => (
            <tr key={joint.id}>
              <td className="strong">
                {say(joint.name)}
                {joint.place === 'switch' && <span className="block small soft">{boxWords.atTheSwitch}</span>}
              </td>
              <td>
                {leads.map(({ id, name, wire }) => (
                  <span key={id} className="block">
                    {say(name)}
                    {basis.has(id) && <span className="soft small"> {say(basis.get(id) ?? '')}</span>}
                    {wire && !say(name).startsWith(say(said('wireColour', { colour: wire.colour }))) && (
                      <span className="soft small"> {wire.strands}</span>
                    )}
                    {doubled.some((lead) => lead.id === id) && <span className="small"> {boxWords.foldedDouble}</span>}
                    {ahead.some((lead) => lead.id === id) && (
                      <span className="small"> {boxWords.mmAhead({ aheadM: AHEAD_M * 1000 })}</span>
                    )}
                  </span>
                ))}
              </td>
              <td className={connector ? '' : 'brick'}>{say(connector?.name ?? problem)}</td>
              <td className="n">{connector ? `${Math.round(connector.stripM * 1000)} mm` : ''}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </div>
  );
}
