'use client';
import { shareWords } from '@/words/screens';
import { useQuery } from '@tanstack/react-query';
import { addDays, format, parseISO } from 'date-fns';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { v7 } from 'uuid';
import { answer } from '@/contract/answers';
import { isAnything } from '@/contract/accountAnswers';
import { isMadeShare, isShareList, type Share } from '@/contract/share';
import { useCrew } from '../crew/CrewContext';
import { QrCode } from '../drawing/QrCode';
import { DayField } from '../form/DayField';
import { Dialog } from '../form/Dialog';
import { useCopy } from '../form/useCopy';
import { call, NotTaken } from '../log/api';
import { PlainTable, type PlainColumn } from '../table/PlainTable';

/** A customer asks again within a season, most often. */
const USUAL_DAYS = 90;

const isoDay = (day: Date): string => format(day, 'yyyy-MM-dd');
const dayText = (iso: string): string => format(parseISO(iso), 'd MMM yyyy');
const timeText = (iso: string): string => format(parseISO(iso), 'd MMM yyyy HH:mm');

/** Links by which the customer of a job reads their page: made, looked at, withdrawn. */
export function ShareLinks({ jobId }: { readonly jobId: string }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button variant="secondary" onClick={() => setOpen(true)}>
        {shareWords.share}
      </Button>
      <Dialog
        id="share-links"
        title={shareWords.shareThisPage}
        isOpen={isOpen}
        close={{ words: shareWords.close, onClose: () => setOpen(false) }}
        size="lg"
        scrollable
        className="share-links"
      >
        <Links jobId={jobId} />
      </Dialog>
    </>
  );
}

function Links({ jobId }: { readonly jobId: string }) {
  const { isSigned } = useCrew();
  const { data, error, refetch } = useQuery({
    queryKey: ['shares', jobId],
    queryFn: () => call(`/jobs/${jobId}/shares`, answer(isShareList)),
  });
  const [until, setUntil] = useState(() => isoDay(addDays(new Date(), USUAL_DAYS)));
  const [address, setAddress] = useState<string | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const trying = async (act: () => Promise<void>): Promise<void> => {
    try {
      await act();
      setRefused(null);
    } catch (cause) {
      if (!(cause instanceof NotTaken)) throw cause;
      setRefused(cause.message);
    }
    await refetch();
  };
  const make = () =>
    trying(async () => {
      setAddress(null);
      const body = { id: v7(), until };
      setAddress((await call(`/jobs/${jobId}/shares`, answer(isMadeShare), { method: 'POST', body })).address);
    });
  const withdraw = (id: string) =>
    trying(async () => {
      await call(`/jobs/${jobId}/shares/${id}`, answer(isAnything), { method: 'DELETE' });
      // What is shown may be the one that was withdrawn
      setAddress(null);
    });
  const fault = refused ?? error?.message;
  return (
    <>
      {fault && (
        <p className="brick" role="alert">
          {fault}
        </p>
      )}
      {isSigned ? (
        <>
          <p>{shareWords.whatItOpens}</p>
          <div className="row-of make-link">
            <DayField label={shareWords.until} shown={until} onPick={(day) => day !== null && setUntil(day)} />
            <Button onClick={() => void make()}>{shareWords.makeALink}</Button>
          </div>
        </>
      ) : (
        <p className="soft">{shareWords.notHere}</p>
      )}
      {address !== null && <NewLink address={address} />}
      {data && (data.shares.length > 0 ? <Made shares={data.shares} onEnd={withdraw} /> : isSigned && <NoneYet />)}
    </>
  );
}

const NoneYet = () => <p className="soft block-top">{shareWords.noneYet}</p>;

function NewLink({ address }: { readonly address: string }) {
  const { copied, copy } = useCopy(address);
  return (
    <div className="new-link" data-testid="new-link">
      <QrCode address={address} name={shareWords.codeOpens} />
      <div>
        <p>{shareWords.scanOrCopy}</p>
        <code>{address}</code>
        <p className="row-of">
          <Button variant="secondary" onClick={copy}>
            {copied === 'yes' ? shareWords.copied : shareWords.copy}
          </Button>
        </p>
        {copied === 'failed' && <p className="soft small">{shareWords.copyingNotAllowed}</p>}
      </div>
    </div>
  );
}

interface MadeProps {
  readonly shares: readonly Share[];
  readonly onEnd: (id: string) => Promise<void>;
}

function Made({ shares, onEnd }: MadeProps) {
  const [today] = useState(() => isoDay(new Date()));
  const columns: readonly PlainColumn<Share>[] = [
    { words: shareWords.made, cell: ({ madeAt }) => dayText(madeAt), figures: true, notOnPhone: true },
    { words: shareWords.by, cell: ({ by }) => by, notOnPhone: true },
    { words: shareWords.until, cell: ({ until }) => dayText(until), figures: true },
    {
      words: shareWords.opened,
      cell: ({ opened, lastOpened }) =>
        lastOpened === null ? shareWords.never : shareWords.times({ times: opened, last: timeText(lastOpened) }),
      figures: true,
    },
    {
      words: '',
      cell: ({ id, endedAt, until }) =>
        endedAt !== null ? (
          shareWords.withdrawn
        ) : until < today ? (
          shareWords.over
        ) : (
          <Button variant="link" onClick={() => void onEnd(id)}>
            {shareWords.withdraw}
          </Button>
        ),
    },
  ];
  return <PlainTable columns={columns} rows={shares} keyOf={({ id }) => id} />;
}
