'use client';
import { useEffect } from 'react';
import { jobScreen } from './screenCode';

/** Fetches the code of a job’s screen once the page stands that it is opened from. */
export function JobCode() {
  // Where it can’t be had now it is asked for again by the job itself
  useEffect(() => void jobScreen().catch(() => undefined), []);
  return null;
}
