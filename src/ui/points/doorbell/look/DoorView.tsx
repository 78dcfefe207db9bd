'use client';
import { doorLookWords } from '@/words/screens';
import { USUAL_HEIGHT_M, doorView, seenAt } from '@/core/mount';
import { deviceOf } from '@/core/points';
import { ViewArea } from '../../../rungs/look/ViewArea';
import { useTerms } from '../../../log/useSay';
import { useDoorbell } from '../useDoorbell';

/** What should be seen at a door, and whether the device has it in the picture from the hole’s height. */
export function DoorView() {
  const terms = useTerms();
  const { kept } = useDoorbell();
  const { shouldSee = [], holeHeightM } = kept.look;
  const asked = { faces: shouldSee.includes('faces'), parcel: shouldSee.includes('parcel') };
  const seen = seenAt(doorView(holeHeightM ?? USUAL_HEIGHT_M, deviceOf(kept).viewDeg.vertical), 0);
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
