'use client';
import { createContext, useContext } from 'react';
import { DEFAULT_REGION } from '@/core/region';
import { sayIn, type Say } from '@/words';

/** Where no job stands the words are those of the default region. */
export const SayContext = createContext<Say>(sayIn({ region: DEFAULT_REGION, lengths: DEFAULT_REGION.lengths }));

/** Puts what the core says into the words of the place at hand. */
export const useSay = (): Say => useContext(SayContext);
