'use client';
import { createContext, useContext } from 'react';
import { DEFAULT_REGION } from '@/core/region';
import { sayIn, termsIn, type Place, type Say, type Terms } from '@/words';

/** The place whose words are spoken; where no job stands those of the default region. */
export const PlaceContext = createContext<Place>({ region: DEFAULT_REGION, lengths: DEFAULT_REGION.lengths });

/** Puts what the core says into the words of the place at hand. */
export const useSay = (): Say => sayIn(useContext(PlaceContext));

/** What things are called at the place at hand. */
export const useTerms = (): Terms => termsIn(useContext(PlaceContext));
