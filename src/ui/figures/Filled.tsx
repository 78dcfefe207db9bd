import { Fragment, type ReactNode } from 'react';

/** A sentence with what stands marked in it, as `words` puts them together: its parts never change places. */
export const Filled = ({ parts }: { readonly parts: readonly ReactNode[] }) =>
  parts.map((part, i) => <Fragment key={i}>{part}</Fragment>);
