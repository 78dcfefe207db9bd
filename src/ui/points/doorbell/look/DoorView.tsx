'use client';
import { doorLookWords } from '@/words/screens';
import { PARCEL_ASKED, USUAL_HEIGHT_M, doorSeen } from '@/core/mount';
import { doorSceneOf } from '@/core/points';
import { ViewArea } from '../../../rungs/look/ViewArea';
import { useTerms } from '../../../log/useSay';
import { useDoorbell } from '../useDoorbell';

/** What should be seen at a door, and whether the device has it in the picture from the hole’s height. */
export function DoorView() {
  const terms = useTerms();
  const { kept } = useDoorbell();
  const { shouldSee = [], holeHeightM } = kept.look;
  const asked = { faces: shouldSee.includes('faces'), parcel: shouldSee.includes('parcel') };
  const { cut, parcel } = doorSeen(doorSceneOf(kept), { lensM: holeHeightM ?? USUAL_HEIGHT_M, tiltDeg: 0, sideDeg: 0 });
  const seen = { faces: cut.length === 0, parcel: parcel >= PARCEL_ASKED };
  const lost = [
    ...(asked.faces && !seen.faces ? [doorLookWords.faces] : []),
    ...(asked.parcel && !seen.parcel ? [doorLookWords.theParcelOnThe] : []),
  ];
  return (
    <ViewArea>
      {(asked.faces || asked.parcel) && (
        <p className={lost.length > 0 ? 'brick' : 'moss'}>
          {lost.length > 0
            ? doorLookWords.atTheHolesHeight({
                lost: terms.list(lost),
                are: lost.length > 1 ? doorLookWords.are : doorLookWords.isWord,
              })
            : doorLookWords.fromTheHolesHeight}
        </p>
      )}
    </ViewArea>
  );
}
