/** @vitest-environment jsdom */
import { afterEach, describe, expect, it } from 'vitest';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { Written, close, openJob } from './onScreen';

afterEach(close);

const site = () =>
  new Written()
    .write('siteDescribed', { name: 'Siskin House', region: 'gb-230' })
    .write('pointAdded', { pointId: 'yard', pointKind: 'plugFloodlight', name: 'Yard' });
const plan = (log: Written) => openJob(log.entries, { rung: 'look', area: 'plan' });
const press = (name: string | RegExp) => screen.getByRole('button', { name });
const HOUSE: [number, number][] = [
  [0, 0],
  [0, 7],
  [10, 7],
  [10, 0],
];
const drawn = () => site().write('shapeDrawn', { shapeId: 'h', what: 'house', corners: HOUSE });

describe('the plan of a site', () => {
  it('begins with a house of a ready shape, and takes its sides as they are taped', async () => {
    const { user, ready, kept, written } = plan(site());
    await ready();
    expect(await screen.findByText(/^Begin with the house/)).toBeTruthy();
    await user.click(press('House: four walls'));
    await kept();
    expect(written().at(-1)).toMatchObject({ kind: 'shapeDrawn', data: { what: 'house', corners: HOUSE } });
    const side = await screen.findByLabelText('side 2');
    await user.clear(side);
    await user.type(side, '11.4 m');
    await user.click(within(side.closest('form') as HTMLElement).getByRole('button', { name: 'Take' }));
    await kept();
    expect(written().at(-1)?.data).toMatchObject({
      corners: [
        [0, 0],
        [0, 7],
        [11.4, 7],
        [11.4, 0],
      ],
    });
    expect(await screen.findByText('closes by itself: 11.4 m')).toBeTruthy();
  });
  it('moves a corner by the arrow keys, and says which walls cross', async () => {
    const { ready, kept, written } = plan(drawn());
    await ready();
    const corner = await screen.findByRole('button', { name: /^corner 3/ });
    fireEvent.keyDown(corner, { key: 'ArrowRight', shiftKey: true });
    await kept();
    expect(written().at(-1)?.data).toMatchObject({ corners: [HOUSE[0], HOUSE[1], [11, 7], HOUSE[3]] });
  });
  it('says what is wrong with an outline: crossing walls, and a side that does not close it', async () => {
    const bow: [number, number][] = [
      [0, 0],
      [4, 4],
      [4, 0],
      [0, 4],
    ];
    const crossed = plan(site().write('shapeDrawn', { shapeId: 'h', what: 'house', corners: bow }));
    await crossed.ready();
    expect((await screen.findByRole('alert')).textContent).toContain('side 1 runs through side 3');
    await close();
    const open = plan(drawn().write('shapeDrawn', { shapeId: 'h', closingM: 10.9 }));
    await open.ready();
    expect((await screen.findByRole('alert')).textContent).toContain('0.9 m longer');
  });
  it('hangs the point on a wall, and it stands on the plan there', async () => {
    const { user, ready, kept, written } = plan(drawn());
    await ready();
    await user.click(await screen.findByRole('button', { name: 'wall 4, 10.0 m' }));
    await kept();
    expect(written().at(-1)).toMatchObject({
      kind: 'pointOnPlan',
      data: { pointId: 'yard', shapeId: 'h', side: 3, alongM: 5 },
    });
    await waitFor(() => expect(document.querySelector('svg.site-plan .fox-fill')).toBeTruthy());
  });
  it('moves the point along its wall by the arrow keys, no farther than its ends, and by a drag', async () => {
    const log = drawn().write('pointOnPlan', { pointId: 'yard', shapeId: 'h', side: 3, alongM: 9.7 });
    const { ready, kept, written } = plan(log);
    await ready();
    const slider = await screen.findByRole('slider', { name: /^Yard along its wall/ });
    fireEvent.keyDown(slider, { key: 'ArrowRight', shiftKey: true });
    await kept();
    expect(written().at(-1)).toMatchObject({ kind: 'pointOnPlan', data: { pointId: 'yard', alongM: 10 } });
    fireEvent.keyDown(slider, { key: 'ArrowLeft' });
    await kept();
    expect(written().at(-1)?.data).toMatchObject({ alongM: 9.95 });
  });
  it('has a step that is put there rise by one step', async () => {
    const { user, ready, kept, written } = plan(drawn());
    await ready();
    await user.click(await screen.findByRole('button', { name: '+ step' }));
    await kept();
    expect(written().at(-1)?.data).toMatchObject({ what: 'step', groundM: 0.17 });
  });
  it('knows north once a wall’s bearing was read', async () => {
    const log = drawn()
      .write('pointOnPlan', { pointId: 'yard', shapeId: 'h', side: 3, alongM: 5 })
      .write('pointDescribed', { pointId: 'yard', wallBearingDeg: 200 });
    const { user, ready, kept, written } = plan(log);
    await ready();
    // The wall looks down the paper: 180° from its up
    await user.click(await screen.findByRole('button', { name: 'take it' }));
    await kept();
    expect(written().at(-1)).toMatchObject({ kind: 'planDescribed', data: { northDeg: 20 } });
  });
  it('refuses a side of three kilometres where it is typed', async () => {
    const { user, ready, written } = plan(drawn());
    await ready();
    const side = await screen.findByLabelText('side 1');
    await user.clear(side);
    await user.type(side, '3 km');
    await user.click(within(side.closest('form') as HTMLElement).getByRole('button', { name: 'Take' }));
    expect(await screen.findByRole('alert')).toBeTruthy();
    expect(written()).toEqual([]);
  });
});
