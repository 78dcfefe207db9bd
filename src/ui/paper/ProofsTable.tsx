import { sheetWords } from '@/words/screens';
import { Table } from 'react-bootstrap';
import { format, parseISO } from 'date-fns';
import type { Job } from '@/core/job';
import { circuitsOfPoint, type Point } from '@/core/points';

/** Every proof of dead at what feeds a point: where, with which figures, by whom and when; nothing where none was made. */
export function ProofsTable({ job, point }: { readonly job: Job; readonly point: Point }) {
  const circuits = circuitsOfPoint(job, point).filter(({ proofs }) => proofs.length > 0);
  if (circuits.length === 0) return null;
  return (
    <section className="keep-together" data-testid="proofs">
      <h3>{sheetWords.provedDead}</h3>
      <Table>
        <tbody>
          {circuits.flatMap(({ way, name, proofs }) =>
            proofs.map(({ entryId, mark, proof }) => {
              const figures =
                proof.weight === 'mains'
                  ? [proof.hotNeutralVolts, proof.hotGroundVolts, proof.neutralGroundVolts]
                  : [proof.betweenVolts, proof.firstToEarthVolts, proof.secondToEarthVolts];
              return (
                <tr key={entryId}>
                  <td>
                    {way ?? name ?? '–'},{' '}
                    {proof.weight === 'mains' ? sheetWords.itsConductors : sheetWords.itsBellWires}
                  </td>
                  <td className="n">
                    {figures.map((volts) => (volts === undefined ? '–' : `${volts}`)).join(' / ')} V
                    {proof.simulated && <b className="simulated"> {sheetWords.readOnTheSimulated}</b>}
                  </td>
                  <td className="by">
                    {mark.byName}, {format(parseISO(mark.at), 'd MMM HH:mm')}
                  </td>
                </tr>
              );
            }),
          )}
        </tbody>
      </Table>
    </section>
  );
}
