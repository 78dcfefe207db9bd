import { describe, expect, it } from 'vitest';
import { roundOf, type DoorRound } from '@/core/practice';
import { accessible, type Screen } from './screen';
import { demoStage } from './stage';

const stage = demoStage();
const PHONE = { width: 390, height: 844, isMobile: true, hasTouch: true } as const;

/** The first house of the plain ones in which the run to the door is broken, beyond a chime. */
function brokenRun(): { readonly seed: number; readonly round: DoorRound } {
  for (let seed = 1; ; seed++) {
    const round = roundOf('plain', seed);
    if (round?.of !== 'door') continue;
    if (round.hidden.faults[0] === 'openToDoor' && !round.labelLies && round.asked.bell.chime.intended === 'link')
      return { seed, round };
  }
}

const walk = async (screen: Screen, place: string): Promise<void> => {
  await screen.press(place, '.bench-strip');
  await screen.says(place, '.bench-strip [aria-current]');
};
/** Puts both leads on, red first. */
const probe = async (screen: Screen, red: string, black: string): Promise<string> => {
  await screen.click(`[data-terminal=${red}]`);
  await screen.click(`[data-terminal=${black}]`);
  await screen.page.waitForSelector(`[data-terminal=${black}][aria-pressed=true]`);
  return screen.text('[data-testid=bench-display]');
};
const minutes = async (screen: Screen): Promise<number> => Number.parseFloat(await screen.text('.bench-head .clock'));
const pick = async (screen: Screen, label: string, words: string): Promise<void> => {
  const select = await screen.page.waitForSelector(`select[aria-label^="${label}"]`);
  const value = await select?.evaluate(
    (one, text) => [...one.options].find(({ textContent }) => textContent.startsWith(text))?.value ?? '',
    words,
  );
  await select?.select(value ?? '');
};

describe('the practice bench, on a phone', () => {
  it('leads from a hidden fault to its repair, and to what each move was good for', async () => {
    const { screen, server } = stage();
    const { seed, round } = brokenRun();
    await screen.page.setViewport(PHONE);
    await screen.open(`${server.url}/practice`);
    await accessible(screen);
    await pick(screen, 'level', 'One plain fault');
    await screen.type('House number', String(seed));
    await screen.press('Play it', '.bench-number');
    await screen.says('It is dead, or off line');
    await screen.says(`house ${seed}`);

    await walk(screen, 'Chime');
    const volts = Number.parseFloat(await probe(screen, 'front', 'run2B'));
    expect(Math.abs(volts - round.hidden.openVolts * round.hidden.mains)).toBeLessThan(0.06 * volts);
    // The leads come off, and the dial turns: ohms on what is live mean nothing, and it is said at once
    await screen.choose('Dial', 'Ω');
    await screen.says('Ohms on a live circuit mean nothing', '[data-testid=bench-last]');
    expect(await minutes(screen)).toBe(2);
    await accessible(screen);

    // A page that is put away comes back as it was
    await screen.page.reload({ waitUntil: 'networkidle2' });
    await screen.says('Chime', '.bench-strip [aria-current]');
    expect(await minutes(screen)).toBe(2);

    await walk(screen, 'Door');
    // The dial stays as it was left
    await screen.choose('Dial', 'V AC');
    expect(Number.parseFloat(await probe(screen, 'door1', 'door2'))).toBeLessThan(0.5);
    await walk(screen, 'Board');
    await screen.press('Switch it off');
    await screen.says('OFF', '[data-testid=bench-state]');
    await pick(screen, 'What is it?', 'Break in the run to the door');
    await screen.press('Walk there first');
    await screen.press('Repair it');
    await screen.says('It works', '[data-testid=practice-ending]');
    await screen.says('break in the run to the door', '[data-testid=practice-ending]');
    await screen.says('1 dangerous act', '[data-testid=practice-ending]');
    await screen.says('Kept for Ines.');
    // Move by move: the wrong dial told nothing, the volts at the door settled it
    await screen.until(() => document.querySelectorAll('.debrief-table tbody tr').length === 4);
    await screen.says('Ohms on a live circuit mean nothing', '.debrief-table');
    await screen.says('lead 1 to lead 2', '.debrief-table');
    await screen.page.waitForSelector('.debrief .working', { hidden: true });
    await accessible(screen);
    const kept = (await (await fetch(`${server.url}/api/v1/practice`)).json()) as { rounds: readonly object[] };
    expect(kept.rounds).toEqual([
      expect.objectContaining({
        seed,
        level: 'plain',
        ending: 'works',
        dangers: 1,
        inVain: 0,
        by: { id: 'ines', name: 'Ines' },
      }),
    ]);
    await screen.press('Another house');
    await screen.says('The last round', '.bench-progress');
    expect(screen.faults).toEqual([]);
  });

  it('keeps a round on the device while the server is away, and sends it later', async () => {
    const { screen, server } = stage();
    await screen.open(`${server.url}/practice`);
    await screen.press('Play it', '.bench-choice');
    await screen.page.waitForSelector('.bench-strip');
    await screen.page.setOfflineMode(true);
    await screen.press('Tell me what it was');
    await screen.says('It waits on this device.');
    await screen.press('Another house');
    await screen.says('Nobody yet today.');
    await screen.page.setOfflineMode(false);
    await screen.page.reload({ waitUntil: 'networkidle2' });
    await screen.says('Ines', '.bench-today');
  });

  it('puts a fault into the house of a job: “what would I read if …?”', async () => {
    const { screen, go, server } = stage();
    await go('Garganey House', '?point=front&rung=prove&area=fault');
    await screen.press('What would I read if');
    await screen.says('Front door, Garganey House');
    await pick(screen, 'This job’s own house', 'Open fuse link');
    await screen.press('Put it into the house');
    await walk(screen, 'Chime');
    // Across an open link stands all of it, beyond it nothing
    expect(Number.parseFloat(await probe(screen, 'trans', 'front'))).toBeGreaterThan(10);
    await screen.press('Leads off');
    expect(Number.parseFloat(await probe(screen, 'front', 'run2B'))).toBeLessThan(0.5);
    await screen.press('Tell me what it was');
    await screen.says('open fuse link', '[data-testid=practice-ending]');
    await screen.says('it does not count');
    // Nothing of it is written, neither here nor into the job
    const kept = (await (await fetch(`${server.url}/api/v1/practice`)).json()) as { rounds: readonly object[] };
    expect(kept.rounds).toHaveLength(2);
  });

  it('reads a floodlight’s conductors live only after they were seen dead and spread', async () => {
    const { screen, go } = stage();
    await screen.page.setViewport(PHONE);
    await go('Pintail Row 2', '?point=yard&rung=prove&area=fault');
    await screen.press('What would I read if');
    await pick(screen, 'This job’s own house', 'Loose splice');
    await screen.press('Put it into the house');
    await walk(screen, 'Floodlight');
    expect(await screen.page.$('[data-terminal=hot]')).toBeNull();
    await screen.press('Let it down');
    await screen.says('not proved dead', '[data-testid=bench-last]');
    await walk(screen, 'Board');
    await screen.press('Switch it off');
    await walk(screen, 'Floodlight');
    await screen.press('Let it down');
    await screen.press('Prove it dead');
    await screen.says('PROVED DEAD', '[data-testid=bench-state]');
    expect(await probe(screen, 'hot', 'neutral')).toMatch(/^0/);
    await walk(screen, 'Board');
    await screen.press('Tag off');
    await walk(screen, 'Floodlight');
    await screen.choose('Range', '600 V');
    const alone = Number.parseFloat(await probe(screen, 'hot', 'neutral'));
    await screen.press('Leave its lamps on');
    const loaded = Number.parseFloat(await probe(screen, 'hot', 'neutral'));
    expect(loaded).toBeLessThan(alone - 5);
    await accessible(screen);
    await walk(screen, 'Board');
    await screen.press('Switch it off');
    await walk(screen, 'Floodlight');
    await screen.press('Prove it dead');
    await pick(screen, 'What is it?', 'Loose splice');
    await screen.press('Repair it');
    await screen.says('It works', '[data-testid=practice-ending]');
    await screen.page.waitForSelector('.debrief .working', { hidden: true });
    await accessible(screen);
    // The one act that was refused: hands on the cover of what was live
    await screen.says('1 dangerous act', '[data-testid=practice-ending]');
    await screen.page.setViewport({ width: 1280, height: 800 });
  });
});
