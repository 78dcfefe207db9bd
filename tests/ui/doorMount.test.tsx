/** @vitest-environment jsdom */
import { afterEach, describe, expect, it } from 'vitest';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { DEVICES } from '@/core/catalogue';
import { Written, close, openJob } from './onScreen';

afterEach(close);

const tall = DEVICES.find(({ viewDeg }) => viewDeg.vertical > 120);
const door = () =>
  new Written()
    .write('siteDescribed', { name: 'Siskin House', region: 'gb-230' })
    .write('pointAdded', { pointId: 'd', pointKind: 'doorbell', name: 'Front', supplyId: 's', chimeId: 'c' })
    .write('pointDescribed', { pointId: 'd', deviceId: tall?.id ?? '', wall: 'brick' });
const mount = (log: Written) => openJob(log.entries, { rung: 'mount' });
const sees = () => screen.getByTestId('sees').textContent ?? '';

describe('Mount at a door', () => {
  it('is dragged up the wall by keys, and loses the parcel on the way', async () => {
    const { ready, kept, written } = mount(door().write('mountRecorded', { pointId: 'd', heightM: 1.1 }));
    await ready();
    const lens = await screen.findByRole('slider', { name: /lens over standing ground/ });
    expect(sees()).toContain('At 1.10 m');
    for (let i = 0; i < 6; i++) fireEvent.keyDown(lens, { key: 'PageUp' });
    await kept();
    expect(written().at(-1)).toMatchObject({ kind: 'mountRecorded', data: { heightM: 1.7 } });
    await waitFor(() => expect(sees()).toContain('the parcel is not'));
    expect(sees()).toMatch(/Of the parcel \d+ % is in frame, 90 % is asked/);
    // What would save it, by the same geometry
    expect((await screen.findAllByTestId('saves')).length).toBeGreaterThan(0);
    expect(screen.getByText(/out of reach from a wheelchair/)).toBeTruthy();
  });
  it('turns a side wedge by a tap from above, the thick side as it is seen facing the wall', async () => {
    const { user, ready, kept, written } = mount(door());
    await ready();
    await user.click(await screen.findByRole('button', { name: 'side wedge 20°, looking right out of the wall' }));
    await kept();
    expect(written().at(-1)).toMatchObject({ kind: 'mountRecorded', data: { sideDeg: 20, sideThick: 'right' } });
    expect(await screen.findByText('thick side right')).toBeTruthy();
  });
  it('takes a tilt wedge by a column of the map, and says how the wrong order rolls', async () => {
    const { user, ready, kept, written } = mount(
      door().write('mountRecorded', { pointId: 'd', sideDeg: 35, sideThick: 'left' }),
    );
    await ready();
    await user.click(await screen.findByRole('button', { name: 'tilt wedge 8°, looking down' }));
    await kept();
    expect(written().at(-1)).toMatchObject({ kind: 'mountRecorded', data: { tiltDeg: 8, tiltThickEnd: 'up' } });
    expect(await screen.findByText(/the other way round the horizon rolls by 4\.\d°/)).toBeTruthy();
  });
  it('proposes a height and wedges, and hangs it so', async () => {
    const { user, ready, kept, written } = mount(door());
    await ready();
    const proposed = await screen.findByTestId('proposed');
    expect(proposed.textContent).toContain('faces and the parcel on the mat are in frame');
    await user.click(within(proposed).getByRole('button', { name: 'Hang it so' }));
    await kept();
    await waitFor(() => expect(sees()).toContain('faces and the parcel on the mat are in frame'));
    expect(written().some(({ kind }) => kind === 'mountRecorded')).toBe(true);
  });
  it('asks how visitors come, and follows what is said', async () => {
    const { user, ready, kept } = mount(door().write('mountRecorded', { pointId: 'd', heightM: 1.2 }));
    await ready();
    const before = sees();
    await user.click(await screen.findByLabelText('to the left'));
    await user.type(screen.getByLabelText('middle of the mat, sideways from the plate'), '2 m{Enter}');
    await kept();
    await waitFor(() => expect(sees()).not.toBe(before));
  });
});
