import ICAL from 'ical.js';

/** The events of a calendar, as another program reads them. */
export function eventsIn(text: string): readonly ICAL.Event[] {
  const read: unknown = ICAL.parse(text);
  return new ICAL.Component(read as unknown[]).getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
}
