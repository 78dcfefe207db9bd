'use client';
import { createContext } from 'react';

/** The firm’s currency by its code; empty where it said none. */
export const CurrencyContext = createContext('');
