import { sheetWords } from '@/words/screens';
import { Filled } from '../figures/Filled';
import type { ReactNode } from 'react';
import type { PointView } from '@/core/points';
import { SignedBy } from './SignedBy';

/** Whom a point was handed to, and what was told; nothing before. */
export const HandedOver = ({ left }: Pick<PointView, 'left'>) =>
  left && (
    <>
      <p>
        <Filled
          parts={sheetWords.handedOverBy<ReactNode>({
            customer: left.data.customer ? sheetWords.to({ customer: left.data.customer }) : '',
            name: left.by.name,
            remark: left.data.remark,
          })}
        />
      </p>
      <SignedBy left={left} />
    </>
  );
