import { Children, type ReactNode } from 'react';

/** A sentence with what stands marked in it, as `words` puts them together. */
export const Filled = ({ parts }: { readonly parts: readonly ReactNode[] }) => <>{Children.toArray([...parts])}</>;
