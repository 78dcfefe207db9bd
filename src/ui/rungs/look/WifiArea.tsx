'use client';
import { lookWords } from '@/words/screens';
import { Filled } from '../../figures/Filled';
import type { ReactNode } from 'react';
import { Button, Table } from 'react-bootstrap';
import { answerName } from '@/core/kinds';
import { useSay } from '../../log/useSay';
import { Smartphone } from 'lucide-react';
import { useState } from 'react';
import { LIMITS } from '@/core/kinds';
import { wallsText, wifiOf, wifiPathOf } from '@/core/points';
import { WIFI_WALLS, WIFI_WALL_FACTS, WIFI_WORDS, wifiChanges, type WifiWall } from '@/core/wifi';
import { capital, type FigureRule } from '@/core/units';
import { AskForm } from '../../form/AskForm';
import { dbmField } from '../../form/dbmField';
import { FieldGroup } from '../../form/FieldGroup';
import { figureField, optional, textField } from '../../form/fields';
import { useFacts } from '../../form/useFacts';
import { useJob } from '../../log/JobContext';
import { useMeter } from '../../meter/MeterContext';
import { NoDevice, simulated } from '../../meter/simulated';

const MBIT: FigureRule = {
  unit: 'Mbit/s',
  unitWords: ['mbit/s', 'mbit', 'mbps'],
  ...LIMITS.mbitPerSecond,
  zeroAllowed: true,
};

const READING_FIELDS = [
  dbmField('dbm', lookWords.signalAtTheSpot),
  optional(figureField('upMbit', lookWords.speedUp, MBIT, undefined)),
  optional(figureField('downMbit', lookWords.speedDown, MBIT, undefined)),
  optional(textField('spot', lookWords.ifAtAnotherSpot, undefined, { hint: lookWords.leftOfTheDoor })),
] as const;

/** The Wi-Fi at the spot: what is predicted, what was read, and what a wall or a metre would change. */
export function WifiArea() {
  const say = useSay();
  const { keptJob, kept, write } = useJob();
  const standing = wifiOf(keptJob, kept);
  const path = wifiPathOf(keptJob, kept);
  const walls = kept.look.routerWalls ?? [];
  const scope = { pointId: kept.id };
  const { typed } = useFacts('pointDescribed', scope, kept.look);
  const setWalls = (routerWalls: WifiWall[] | null) => write('pointDescribed', { ...scope, routerWalls });
  return (
    <section>
      <p className="wifi-verdict" data-testid="wifi-verdict">
        {standing ? (
          <>
            <b className={standing.word === 'extender' ? 'brick' : standing.word === 'doubtful' ? 'straw-ink' : 'moss'}>
              {capital(say(WIFI_WORDS[standing.word]))}.
            </b>{' '}
            {say(standing.reason)}
            {standing.measured ? '' : lookWords.theReadingRulesTake}
          </>
        ) : (
          lookWords.nothingReadAndNothing
        )}
      </p>
      <h2>{lookWords.readAtTheSpot}</h2>
      <AskForm
        fields={READING_FIELDS}
        submit={lookWords.keepTheReading}
        main
        onSubmit={(data) => write('wifiRead', { ...scope, ...data })}
      />
      <TakeFromPhone />
      {kept.wifi.length > 0 && (
        <ul className="plain-list block-top">
          {kept.wifi.map(({ entryId, data, by }) => (
            <li key={entryId}>
              <b className="figure">{String(data.dbm).replace('-', '−')} dBm</b>
              {data.upMbit !== undefined && lookWords.up({ upMbit: data.upMbit })}
              {data.downMbit !== undefined && lookWords.down({ downMbit: data.downMbit })}
              {data.spot && ` (${data.spot})`} <span className="soft">{by.name}</span>
              {data.simulated && <span className="simulated"> {lookWords.simulated}</span>}{' '}
              <Button variant="link" onClick={() => write('entryStruck', { target: entryId })}>
                <Filled
                  parts={lookWords.strike<ReactNode>({ dbm: <span className="visually-hidden"> {data.dbm} dBm</span> })}
                />
              </Button>
            </li>
          ))}
        </ul>
      )}
      <h2>{lookWords.whatStandsBetweenRouter}</h2>
      <FieldGroup kind="pointDescribed" scope={scope} fields={[typed('routerM')]} />
      <div className="field wide-field" role="group" aria-label={lookWords.wallsBetween}>
        <span className="label">{lookWords.wallsBetweenTapOnce}</span>
        <div className="choices">
          {WIFI_WALLS.map((wall) => (
            <Button
              variant="choice"
              key={wall}
              disabled={walls.length >= LIMITS.routerWalls.most}
              onClick={() => setWalls([...walls, wall])}
            >
              {say(answerName('pointDescribed', 'routerWalls', wall))}{' '}
              <span className="soft figure">−{WIFI_WALL_FACTS[wall].lossDb}</span>
            </Button>
          ))}
        </div>
      </div>
      {walls.length > 0 && (
        <p>
          {say(
            path
              ? wallsText(path)
              : walls.map((one) => say(answerName('pointDescribed', 'routerWalls', one))).join(', '),
          )}{' '}
          <Button variant="link" onClick={() => setWalls(walls.length === 1 ? null : walls.slice(0, -1))}>
            {lookWords.takeTheLastAway}
          </Button>
        </p>
      )}
      {path && standing && (
        <Table className="ways changes" data-testid="wifi-changes">
          <caption>{lookWords.whatWouldChangeIt}</caption>
          <tbody>
            {wifiChanges(path, standing.dbm).map((change) => (
              <tr key={say(change.words)}>
                <td>{say(change.words)}</td>
                <td className="number figure">
                  {change.gainDb >= 0 ? '+' : '−'}
                  {Math.abs(change.gainDb).toFixed(1)} dB
                </td>
                <td className="number figure">{change.dbm.toFixed(0).replace('-', '−')} dBm</td>
                <td>{say(WIFI_WORDS[change.word])}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
    </section>
  );
}

/** Takes a reading from the phone at the spot; not there where none is. */
function TakeFromPhone() {
  const { keptJob, kept, write } = useJob();
  const { simulated: isThere } = useMeter();
  const [fault, setFault] = useState<string | null>(null);
  if (!isThere) return null;
  const take = async () => {
    try {
      const { dbm, upMbit, downMbit } = await simulated(({ phoneAt }) => phoneAt(keptJob, kept));
      setFault(null);
      write('wifiRead', { pointId: kept.id, dbm, upMbit, downMbit, simulated: true });
    } catch (error) {
      if (!(error instanceof NoDevice)) throw error;
      setFault(error.message);
    }
  };
  return (
    <>
      <Button variant="secondary" className="block-top" onClick={() => void take()}>
        <Smartphone size={18} aria-hidden="true" />{' '}
        <Filled
          parts={lookWords.takeItFromThe<ReactNode>({
            simulated: <span className="simulated">{lookWords.simulated}</span>,
          })}
        />
      </Button>
      {fault && (
        <p className="brick" role="alert">
          {fault}
        </p>
      )}
    </>
  );
}
