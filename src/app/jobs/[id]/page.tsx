import type { Metadata } from 'next';
import { RUNGS } from '@/core/kinds';
import { readCatalogue } from '@/server/catalogue';
import { readSettings } from '@/server/settings';
import { store } from '@/server/store';
import { OnClient } from '@/ui/frame/OnClient';
import { JobScreen } from '@/ui/job/JobScreen';
import { handedLog, logOf } from './logOf';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
  readonly searchParams: Promise<{ readonly point?: string; readonly rung?: string; readonly area?: string }>;
}

export async function generateMetadata({ params }: Pick<Props, 'params'>): Promise<Metadata> {
  const { head } = await logOf((await params).id);
  return { title: head.title };
}

export default async function JobPage({ params, searchParams }: Props) {
  const log = await handedLog((await params).id);
  const { point, rung, area } = await searchParams;
  const { db } = await store();
  const settings = await readSettings(db);
  return (
    <OnClient>
      <JobScreen
        log={log}
        pointId={typeof point === 'string' ? point : ''}
        firstRung={RUNGS.find((one) => one === rung) ?? null}
        firstArea={typeof area === 'string' ? area : null}
        settings={settings}
        catalogue={await readCatalogue(db)}
      />
    </OnClient>
  );
}
