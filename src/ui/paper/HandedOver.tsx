import type { PointView } from '@/core/points';

/** Whom a point was handed to, and what was told; nothing before. */
export const HandedOver = ({ left }: Pick<PointView, 'left'>) =>
  left && (
    <p>
      Handed over{left.data.customer ? ` to ${left.data.customer}` : ''} by {left.by.name}. {left.data.remark}
    </p>
  );
