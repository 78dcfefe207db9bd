'use client';
import { said } from '@/core/said';
import { boxWords } from '@/words/screens';
import { Button, Table } from 'react-bootstrap';
import { useSay } from '../../log/useSay';
import { cableName } from '@/core/points';
import { TEST_FACTS } from '@/core/junction';
import { useJob } from '../../log/JobContext';

const POSITION_WORDS = { allOff: boxWords.switchesOff, allOn: boxWords.switchesOn } as const;

/** Every reading at the box, who took it, and the way to take it back. */
export function TestTable() {
  const say = useSay();
  const { kept, write } = useJob();
  if (kept.tests.length === 0) return <p className="soft">{boxWords.nothingWasReadAt}</p>;
  const nameOf = (cableId: string, conductorId: string): string => {
    const cable = kept.cables.find(({ id }) => id === cableId);
    const conductor = cable?.facts.conductors?.find(({ id }) => id === conductorId);
    return cable && conductor
      ? boxWords.ofWord({
          colour: say(said('wireColour', { colour: conductor.colour })),
          cableName: say(cableName(kept, cable)),
        })
      : boxWords.notThereAnyMore;
  };
  return (
    <div className="scroll-x">
      <Table>
        <thead>
          <tr>
            <th>{boxWords.conductor}</th>
            <th>{boxWords.test}</th>
            <th className="n">{boxWords.reading}</th>
            <th>{boxWords.by}</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {kept.tests.map(({ entryId, by, data }) => (
            <tr key={entryId}>
              <td>{nameOf(data.cableId, data.conductorId)}</td>
              <td>
                {say(TEST_FACTS[data.test].words)}
                {data.switches ? `, ${POSITION_WORDS[data.switches]}` : ''}
              </td>
              <td className="n">
                {data.value} {TEST_FACTS[data.test].unit}
              </td>
              <td>
                {by.name} {data.simulated && <span className="simulated">{boxWords.simulated}</span>}
              </td>
              <td>
                <Button variant="link" onClick={() => write('entryStruck', { target: entryId })}>
                  {boxWords.takeBack}
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
    </div>
  );
}
