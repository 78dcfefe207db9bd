import { headers } from 'next/headers';
import { ownAddress } from '@/server/ownAddress';
import { store } from '@/server/store';
import { OnClient } from '@/ui/frame/OnClient';
import { LabelPage } from '@/ui/label/LabelPage';
import { handedLog } from '../../logOf';

interface Props {
  readonly params: Promise<{ readonly id: string; readonly circuit: string }>;
}

export default async function CircuitLabelPage({ params }: Props) {
  const log = await handedLog((await params).id);
  const root = await ownAddress((await store()).db, (await headers()).get('host'));
  return (
    <OnClient>
      <LabelPage log={log} root={root} />
    </OnClient>
  );
}
