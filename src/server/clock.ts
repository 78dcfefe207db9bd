import { v7 } from 'uuid';

/** Where time and ids come from: one place, so that tests can hand in others. */
export interface Clock {
  /** ISO 8601 with offset. */
  now(): string;
  newId(): string;
}

export const systemClock: Clock = { now: () => new Date().toISOString(), newId: () => v7() };
