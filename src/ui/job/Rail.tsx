'use client';
import { jobWords } from '@/words/screens';
import { Nav } from 'react-bootstrap';
import { useSay } from '../log/useSay';
import Link from 'next/link';
import { regionOf } from '@/core/job';
import { RUNG_NAMES } from '@/core/kinds';
import { RungSign, STATE_NAMES } from '../frame/LadderSign';
import { useJob } from '../log/JobContext';

/** The ladder at the side of a job; a strip on a phone. */
export function Rail() {
  const say = useSay();
  const { job, point, marks, rung, go } = useJob();
  const { mains } = regionOf(job);
  const alone = job.points.length === 1 ? point.name : null;
  const place = [alone, job.site.address, `${mains.nominalVolts} V ${mains.frequencyHz} Hz`]
    .filter(Boolean)
    .join(' · ');
  return (
    <nav className="rail" aria-label={jobWords.ladder}>
      <div className="site-name">
        <b>{job.erasedAt === null ? job.title : jobWords.customerErased}</b>
        <div className="small soft">{place}</div>
      </div>
      {!alone && (
        <div className="points">
          {job.points.map(({ id, name }) => (
            <Link
              key={id}
              href={`?point=${encodeURIComponent(id)}`}
              aria-current={id === point.id ? 'true' : undefined}
            >
              {name}
            </Link>
          ))}
        </div>
      )}
      <Nav as="ol" className="rungs" activeKey={rung}>
        {marks.map((mark, i) => (
          <Nav.Item as="li" key={mark.rung}>
            <Nav.Link
              as="button"
              type="button"
              eventKey={mark.rung}
              aria-current={mark.rung === rung ? 'step' : undefined}
              onClick={() => go(mark.rung)}
            >
              <RungSign state={mark.state} />
              <span>
                {RUNG_NAMES[mark.rung]}
                <span className="visually-hidden">, {STATE_NAMES[mark.state]}</span>
              </span>
              <span className="key" aria-hidden="true">
                {i + 1}
              </span>
              <span className={`words ${mark.state}`}>{say(mark.words)}</span>
            </Nav.Link>
          </Nav.Item>
        ))}
      </Nav>
    </nav>
  );
}
