'use client';
import { Button, Table } from 'react-bootstrap';
import { answerName } from '@/core/kinds';
import { useSay } from '../../log/useSay';
import { answer, isPhoneReading } from '@/contract/answers';
import { Smartphone } from 'lucide-react';
import { useState } from 'react';
import { LIMITS } from '@/core/kinds';
import { wallsText, wifiOf, wifiPathOf } from '@/core/points';
import { WIFI_WALLS, WIFI_WALL_FACTS, WIFI_WORDS, wifiChanges, type WifiWall } from '@/core/wifi';
import { capital, parseFigure, type FigureRule } from '@/core/units';
import { Away, Refused, call } from '../../log/api';
import { AskForm } from '../../form/AskForm';
import type { TypedField } from '../../form/field';
import { FieldGroup } from '../../form/FieldGroup';
import { mapped, textField } from '../../form/fields';
import { useFacts } from '../../form/useFacts';
import { useJob } from '../../log/JobContext';
import { useMeter } from '../../meter/MeterContext';

const DBM: FigureRule = { unit: 'dBm', unitWords: ['dbm', 'db'], ...LIMITS.dbm, zeroAllowed: true };
const MBIT: FigureRule = {
  unit: 'Mbit/s',
  unitWords: ['mbit/s', 'mbit', 'mbps'],
  ...LIMITS.mbitPerSecond,
  zeroAllowed: true,
};

/** Signals are written without their minus as often as with it. */
const dbmField: TypedField = {
  name: 'dbm',
  label: 'signal at the spot',
  unit: 'dBm',
  figure: true,
  shown: '',
  hint: '−64',
  read: (text) => {
    const typed = text.trim();
    return mapped(parseFigure(/^[-−–]/.test(typed) ? typed : `-${typed}`, DBM), (dbm) => ({ dbm }));
  },
  cleared: {},
};
const speedField = (name: 'upMbit' | 'downMbit', label: string): TypedField => ({
  name,
  label,
  unit: 'Mbit/s',
  figure: true,
  optional: true,
  shown: '',
  read: (text) => mapped(parseFigure(text, MBIT), (mbit) => ({ [name]: mbit })),
  cleared: {},
});
const READING_FIELDS = [
  dbmField,
  speedField('upMbit', 'speed up'),
  speedField('downMbit', 'speed down'),
  { ...textField('spot', 'if at another spot, which', undefined, { hint: 'left of the door' }), optional: true },
];

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
            {standing.measured ? '' : ' The reading rules: take one at the spot.'}
          </>
        ) : (
          'Nothing read and nothing to predict from. Hold a phone at the spot with the door shut.'
        )}
      </p>
      <h2>Read at the spot, door shut, network in use</h2>
      <AskForm
        fields={READING_FIELDS}
        submit="Keep the reading"
        main
        onSubmit={(data) => write('wifiRead', { ...scope, ...(data as { dbm: number }) })}
      />
      <TakeFromPhone />
      {kept.wifi.length > 0 && (
        <ul className="plain-list block-top">
          {kept.wifi.map(({ entryId, data, by }) => (
            <li key={entryId}>
              <b className="figure">{String(data.dbm).replace('-', '−')} dBm</b>
              {data.upMbit !== undefined && `, ${data.upMbit} up`}
              {data.downMbit !== undefined && `, ${data.downMbit} down`}
              {data.spot && ` (${data.spot})`} <span className="soft">{by.name}</span>
              {data.simulated && <span className="simulated"> simulated</span>}{' '}
              <Button variant="link" onClick={() => write('entryStruck', { target: entryId })}>
                strike<span className="visually-hidden"> {data.dbm} dBm</span>
              </Button>
            </li>
          ))}
        </ul>
      )}
      <h2>What stands between router and spot</h2>
      <FieldGroup kind="pointDescribed" scope={scope} fields={[typed('routerM')]} />
      <div className="field wide-field" role="group" aria-label="walls between">
        <span className="label">walls between: tap once for each</span>
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
            take the last away
          </Button>
        </p>
      )}
      {path && standing && (
        <Table className="ways changes" data-testid="wifi-changes">
          <caption>What would change it</caption>
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
  const { simulated } = useMeter();
  const [fault, setFault] = useState<string | null>(null);
  if (!simulated) return null;
  const take = async () => {
    try {
      const query = new URLSearchParams({ job: keptJob.id, point: kept.id });
      const { dbm, upMbit, downMbit } = await call(`/sim/phone?${query.toString()}`, answer(isPhoneReading));
      setFault(null);
      write('wifiRead', { pointId: kept.id, dbm, upMbit, downMbit, simulated: true });
    } catch (error) {
      if (!(error instanceof Away) && !(error instanceof Refused)) throw error;
      setFault(error.message);
    }
  };
  return (
    <>
      <Button variant="secondary" className="block-top" onClick={() => void take()}>
        <Smartphone size={18} aria-hidden="true" /> Take it from the phone <span className="simulated">simulated</span>
      </Button>
      {fault && (
        <p className="brick" role="alert">
          {fault}
        </p>
      )}
    </>
  );
}
