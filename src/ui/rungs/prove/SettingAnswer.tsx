'use client';
import { proveWords } from '@/words/screens';
import { CHIME_SETTINGS, settingName, type ChimeSetting } from '@/core/chime';
import { judgeSetting } from '@/core/prove';
import { Choices } from '../../form/Choices';
import { useSay } from '../../log/useSay';
import { judgedBy, type Answering } from './answered';

/** What the device is to be set to as the wall is, and what it is set to, asked back: one tap. */
export function SettingAnswer({ wanted, onDone }: Answering & { readonly wanted: ChimeSetting }) {
  const say = useSay();
  return (
    <>
      <p data-testid="wanted-setting">
        {proveWords.setItTo} <b>{say(settingName(wanted))}</b>
      </p>
      <Choices
        label={proveWords.itIsSetTo}
        options={CHIME_SETTINGS.map((value) => ({ value, words: say(settingName(value)) }))}
        chosen={undefined}
        onPick={(setTo) => setTo && onDone({ setTo, ...judgedBy(judgeSetting(setTo, wanted), say) })}
      />
    </>
  );
}
