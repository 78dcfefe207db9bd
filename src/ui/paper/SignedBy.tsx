import { sheetWords } from '@/words/screens';
import { format, parseISO } from 'date-fns';
import { SIGNATURE } from '@/core/kinds';
import type { PointView } from '@/core/points';

/** The signature of whoever was shown it, with name and time, or why there is none; nothing where nobody was asked. */
export function SignedBy({ left }: Pick<PointView, 'left'>) {
  if (!left?.data.signed) return null;
  const { signed, signature, customer, unsignedWhy } = left.data;
  const at = format(parseISO(left.at), 'd MMM yyyy, HH:mm');
  if (signed !== 'signed')
    return (
      <p>
        {(signed === 'absent' ? sheetWords.notSignedAbsent : sheetWords.notSignedRefused)({
          why: unsignedWhy ?? '',
          at,
        })}
      </p>
    );
  return (
    <figure className="signed">
      {signature && (
        <svg viewBox={`0 0 ${SIGNATURE.width} ${SIGNATURE.height}`} role="img" aria-label={sheetWords.signature}>
          <path d={signature} />
        </svg>
      )}
      <figcaption>{sheetWords.signedBy({ name: customer ?? '', at })}</figcaption>
    </figure>
  );
}
