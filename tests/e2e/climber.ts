import type { Screen } from './screen';

/** Climbs a job by real clicks: what each rung needs of a hand, in the order of the work. */
export class Climber {
  constructor(
    private readonly screen: Screen,
    private readonly url: string,
    private terms = { hot: 'hot', ground: 'ground' },
  ) {}

  /** A new job with its first point, from the Board. @param region another one than that of the default */
  async begin(site: string, kind: string, region?: string): Promise<void> {
    await this.screen.open(this.url);
    await this.screen.press('New job');
    if (region) {
      await this.screen.choose('supply', region);
      this.terms = { hot: 'line', ground: 'earth' };
    }
    await this.screen.choose('the first point is', kind);
    await this.screen.type('site', site);
    await this.screen.press('Make the job');
    await this.screen.page.waitForSelector('.rungs');
    await this.rung('Look');
    await this.screen.press('All that was not asked yet is ready');
    await this.screen.kept();
  }

  rung(name: string): Promise<void> {
    return this.screen.rung(name);
  }

  async wifi(dbm: string): Promise<void> {
    await this.screen.area('Wi-Fi');
    await this.screen.type('signal at the spot', dbm);
    await this.screen.press('Keep the reading');
    await this.screen.kept();
  }

  /** Names the breaker, asks for others, turns it off. */
  async switchOff(field: string, way: string): Promise<void> {
    const { screen } = this;
    await this.rung('Isolate');
    await screen.keep(field, way);
    await screen.choose('another circuit comes into the same box', 'no');
    await screen.choose('its neutral is shared with another circuit', 'no');
    await this.offAgain(way);
  }

  async offAgain(way: string): Promise<void> {
    const { screen } = this;
    await screen.press(`All of these: ${way} is off`);
    await screen.kept();
  }

  /** Proves the mains dead by the form that is the step at hand. */
  async proveMains(): Promise<void> {
    const { screen } = this;
    const { hot, ground } = this.terms;
    for (const label of [`${hot} to neutral`, `${hot} to ${ground}`, `neutral to ${ground}`])
      await screen.type(label, '0');
    await screen.press('All of these are so');
    await screen.kept();
  }

  async proveBell(): Promise<void> {
    const { screen } = this;
    const { ground } = this.terms;
    for (const label of ['between the two leads', `first lead to ${ground}`, `second lead to ${ground}`])
      await screen.type(label, '0');
    await screen.press('Meter is rated for mains');
    await screen.press('Place is dry');
    await screen.press('Write the proof down', '.circuit-block');
    await screen.says('PROVED DEAD', '[data-testid=circuit-state]');
  }

  /** Takes what is proposed, once it is settled. */
  async takeProposed(): Promise<void> {
    const { screen } = this;
    await this.rung('Choose');
    // Before the worker has begun nothing says that it works: what ends the wait is a proposal, then no work left
    await screen.page.waitForSelector('[data-testid=proposal]', { timeout: 120_000 });
    await screen.until(() => !document.querySelector('.working'), { timeout: 120_000 });
    await screen.press('Take: ');
    await screen.says('taken', 'table.ways');
    await screen.kept();
  }

  /**
   * Ticks every step of Wire. A step that is held because power came on in between is proved again.
   * @param proveAgain what to do then
   * @returns the words of the steps, in their order
   */
  async tickAll(proveAgain?: () => Promise<void>): Promise<readonly string[]> {
    const { screen } = this;
    const steps: string[] = [];
    await this.rung('Wire');
    await screen.page.waitForSelector('[data-testid=step]');
    for (let i = 0; i < 60; i++) {
      const words = await screen.text('[data-testid=step]');
      await this.readOpen();
      const tick = await screen.page.$('[data-testid=tick]');
      if (!tick) {
        if (await screen.page.$('.step-done')) return steps;
        // A cover comes off with its proof, which is the tick; another step that waited for one is free then
        if (await screen.page.$('[data-testid=proof-mains]')) {
          const isProof = (await screen.page.$('.held-step')) === null;
          await this.proveMains();
          if (!isProof) await screen.page.waitForSelector('[data-testid=tick]');
          else if (await this.isPast(words)) steps.push(words);
          else throw new Error(`“${words}” is proved, and stays`);
          continue;
        }
        if (!proveAgain) throw new Error(`held: ${words}: ${await screen.text('.held-step')}`);
        await proveAgain();
        await this.rung('Wire');
        await screen.page.waitForSelector('[data-testid=tick]');
        continue;
      }
      steps.push(words);
      await this.tick(words);
    }
    throw new Error('Wire never ends');
  }

  /** Presses the tick of the step that is shown, again where something slid under the finger meanwhile. */
  private async tick(step: string): Promise<void> {
    const { screen } = this;
    for (let tries = 0; tries < 5; tries++) {
      // A finger that met the switch to the whole list goes back to the step
      if (await screen.page.$('[data-testid=tick-list]')) await screen.press('one step');
      await screen.pressNamed('tick');
      if (await this.isPast(step)) return;
    }
    throw new Error(`“${step}” does not take its tick`);
  }

  /** Whether, in some seconds, another step is shown, or this one as done. */
  private isPast(step: string): Promise<boolean> {
    const other = this.screen.until(
      (before) => {
        const shown = document.querySelector('[data-testid=step]')?.textContent?.replace(/\s+/g, ' ');
        return document.querySelector('.step-done') !== null || (shown !== undefined && shown !== before);
      },
      { timeout: 5_000 },
      step,
    );
    return other.then(
      () => true,
      () => false,
    );
  }

  /** Reads a new transformer open where the step at hand asks for it: the middle of what is predicted. */
  private async readOpen(): Promise<void> {
    const { screen } = this;
    if (!(await screen.page.$('[data-testid=open-band]'))) return;
    const [low = 0, high = 0] = ((await screen.text('[data-testid=open-band]')).match(/[\d.]+/g) ?? []).map(Number);
    await screen.type('open volts of the new one', ((low + high) / 2).toFixed(1));
    await screen.press('Write it down');
    await screen.page.waitForSelector('[data-testid=open-read]');
  }

  /** Mounts a doorbell level at a height. */
  async mount(height: string): Promise<void> {
    const { screen } = this;
    await this.rung('Mount');
    await screen.keep('lens over standing ground', height);
    await screen.choose('spirit level', 'level');
    await screen.choose('fixings', 'firm’s own');
    await screen.choose('seal', 'top and sides');
    await screen.kept();
  }

  /** Goes through the checks: what can be seen passes, the meter’s is skipped with a reason. @param on how the breaker is told to be on */
  async prove(on: string | null): Promise<void> {
    const { screen } = this;
    await this.rung('Prove');
    if (on) {
      await screen.press(on);
      // What moves away under the hand is pressed again
      await screen.says('LIVE', '[data-testid=circuit-state]').catch(() => screen.press(on));
      await screen.kept();
    }
    const ids = await screen.page.$$eval('[data-check]', (rows) =>
      rows.filter((row) => !row.querySelector('.pill-flat')).map((row) => row.getAttribute('data-check')),
    );
    for (const id of ids) {
      const row = `[data-check=${id ?? ''}]`;
      await screen.page.waitForSelector(`${row}[aria-current]`);
      if (id === 'firstCharge') await screen.press('Start the timer', row);
      if (id === 'ring') {
        await screen.choose('how it rang', 'clean');
        await screen.type('seconds until it rings', '1');
        await screen.press('Write it down', row);
      } else if (id === 'sensorWalk') {
        await screen.type('farthest it fired at', '28 ft');
        await screen.press('Write it down', row);
      } else if (id === 'setting' && (await screen.page.$(`${row} [data-testid=wanted-setting]`))) {
        await screen.choose('it is set to', await screen.text(`${row} [data-testid=wanted-setting] b`));
      } else if (id === 'report') {
        await screen.choose('it calls its supply', 'good');
      } else if (id?.endsWith('Volts')) {
        await screen.press('Skip', row);
        await screen.type('why skipped', 'no meter at the door');
        await screen.press('Skip it', row);
      } else await screen.press('Passed', row);
      await screen.kept();
    }
  }

  /** How a floodlight camera came to hang, and what is seen once it is on. @param on how the breaker is told to be on; null for a plug */
  async hungAndLit(on: string | null): Promise<void> {
    const { screen } = this;
    await this.rung('Mount');
    await screen.keep('lens over standing ground', '9 ft');
    await screen.keep('looks to (compass)', '190');
    await screen.choose('spirit level', 'level');
    await this.prove(on);
  }

  /** Hands over and opens the sheet. @returns its text */
  async leave(): Promise<string> {
    const { screen } = this;
    await this.rung('Leave');
    await screen.type('handed to', 'R. Carne');
    // A rung that is not done is answered for in words
    if (await screen.page.$('[data-testid=undone]')) await screen.type('what was told or stays to do', 'aimed by hand');
    await screen.press('The sheet is handed over');
    await screen.says('Handed over to R. Carne');
    await screen.kept();
    await screen.press('Job sheet');
    await screen.page.waitForSelector('.sheet-page');
    return screen.text('.sheet-page');
  }
}
