'use client';
import { settingsWords } from '@/words/screens';
import { useQuery } from '@tanstack/react-query';
import { format, parseISO } from 'date-fns';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { answer } from '@/contract/answers';
import { isBackupState } from '@/contract/backupState';
import { BACKUP_HOURS, BACKUPS_KEPT, type Settings, type SettingsRequest } from '@/contract/settings';
import { AskForm } from '../form/AskForm';
import { figureField, optional, textField } from '../form/fields';
import { call, NotTaken } from '../log/api';

const LONGEST_FOLDER = 200;
const HOUR_RULE = { unit: 'h', unitWords: ['h', 'hour', 'o’clock'], ...BACKUP_HOURS, zeroAllowed: true };
const KEPT_RULE = { unit: '', unitWords: [], ...BACKUPS_KEPT };

const timeText = (iso: string): string => format(parseISO(iso), 'd MMM yyyy HH:mm');

interface Props {
  readonly settings: Pick<Settings, 'backupFolder' | 'backupHour' | 'backupsKept'>;
  /** @returns whether it was taken */
  readonly change: (said: SettingsRequest) => Promise<boolean>;
}

/** Where the program backs itself up to, each day, and when it did last. */
export function Backup({ settings: { backupFolder, backupHour, backupsKept }, change }: Props) {
  const { data, error, refetch } = useQuery({
    queryKey: ['backup'],
    queryFn: () => call('/backup', answer(isBackupState)),
  });
  const [refused, setRefused] = useState<string | null>(null);
  const [isMaking, setMaking] = useState(false);
  const make = async (): Promise<void> => {
    setMaking(true);
    try {
      await call('/backup', answer(isBackupState), { method: 'POST', body: {} });
      setRefused(null);
    } catch (cause) {
      if (!(cause instanceof NotTaken)) throw cause;
      setRefused(cause.message);
    } finally {
      setMaking(false);
    }
    await refetch();
  };
  const fault = refused ?? (data?.fault ? settingsWords.backupFailed(data.fault) : null);
  return (
    <>
      <h2 className="block-top">{settingsWords.backup}</h2>
      <p className="soft">{settingsWords.backupWhy}</p>
      <AskForm
        key={`${backupFolder} ${backupHour} ${backupsKept}`}
        fields={[
          optional({
            ...textField('backupFolder', settingsWords.backupFolder, backupFolder, { most: LONGEST_FOLDER }),
            hint: settingsWords.backupFolderHint,
          }),
          figureField('backupHour', settingsWords.backupHour, HOUR_RULE, backupHour),
          figureField('backupsKept', settingsWords.backupsKept, KEPT_RULE, backupsKept),
        ]}
        submit={settingsWords.keepTheBackup}
        onSubmit={({ backupFolder: folder, ...rest }) => change({ ...rest, backupFolder: folder ?? '' })}
      />
      {fault && (
        <p className="brick" role="alert">
          {fault}
        </p>
      )}
      {/* Not known is no fault of the backup: it is told, but alarms nobody */}
      {error && <p className="soft">{error.message}</p>}
      {data && (
        <p className="row-of">
          <span>
            {data.lastAt === null
              ? settingsWords.neverBackedUp
              : settingsWords.lastBackup({ at: timeText(data.lastAt) })}
          </span>
          {backupFolder !== '' && (
            <Button variant="secondary" disabled={isMaking} onClick={() => void make()}>
              {isMaking ? settingsWords.backingUp : settingsWords.backUpNow}
            </Button>
          )}
        </p>
      )}
    </>
  );
}
