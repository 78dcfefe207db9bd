import { inWords } from '@/words';
import { sayBritish as say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { houseForCustomer, houseOf } from '../job/houseOf';
import { TestLog } from '../job/forTests';
import { branchesOf, lettersFor, type HouseBranch } from './houseGraph';

const tree = (branches: readonly HouseBranch[]): unknown =>
  branches.map(({ node, branches: below }) => (below.length > 0 ? [node.id, tree(below)] : node.id));

const twoDoors = (): TestLog =>
  new TestLog()
    .write('siteDescribed', { region: 'na-120', lengths: 'metric' })
    .write('pointAdded', { pointId: 'f', pointKind: 'doorbell', name: 'Front', supplyId: 's', chimeId: 'c' })
    .write('pointAdded', {
      pointId: 'b',
      pointKind: 'doorbell',
      name: 'Back',
      supplyId: 's',
      chimeId: 'c',
      terminal: 'Rear',
    })
    .write('pointAdded', { pointId: 'y', pointKind: 'floodlight', name: 'Yard' })
    .write('pointDescribed', { pointId: 'f', wasThere: 'button' })
    .write('transformerDescribed', { supplyId: 's', ratedVolts: 16, ratedVa: 30 })
    .write('chimeDescribed', { chimeId: 'c', chimeKind: 'mechanical', place: 'hall' })
    .write('runDescribed', { pointId: 'b', run: 'toDoor', lengthLowM: 9, lengthHighM: 9, awg: 20 })
    .write('circuitListed', { circuitId: 'k', way: '11', feeds: ['f'] })
    .write('circuitListed', { circuitId: 'o', way: '9', feeds: ['y'] });

describe('the house of a job', () => {
  it('has each thing once and says what hangs on what', () => {
    const graph = houseOf(twoDoors().job);
    expect(
      inWords(
        graph.nodes.filter(({ kind }) => kind === 'supply'),
        say,
      ),
    ).toMatchObject([{ id: 'supply s', words: '16 V 30 VA' }]);
    expect(
      inWords(
        graph.nodes.filter(({ kind }) => kind === 'chime'),
        say,
      ),
    ).toMatchObject([{ id: 'chime c', name: 'hall' }]);
    expect(tree(branchesOf(graph))).toEqual([
      ['circuit k', [['supply s', [['chime c', ['door f', 'door b']]]]]],
      ['circuit o', [['box y', ['floodlight y']]]],
    ]);
    expect(
      inWords(
        graph.cables.find(({ to }) => to === 'door b'),
        say,
      ),
    ).toMatchObject({
      words: 'Rear · 9.0 m · 20 AWG',
      carries: 'bell',
    });
  });
  it('has no chime and no transformer where there was no bell, and says what is to be made', () => {
    const log = new TestLog()
      .write('pointAdded', { pointId: 'p', pointKind: 'doorbell', name: 'Door', supplyId: 's', chimeId: 'c' })
      .write('pointDescribed', { pointId: 'p', wasThere: 'nothing' })
      .write('supplyPlanned', { supplyId: 's', from: 'adapter' });
    const { nodes, cables } = houseOf(log.job);
    expect(nodes.map(({ kind }) => kind)).toEqual(['board', 'supply', 'door']);
    expect(inWords(nodes[1], say)).toMatchObject({ name: 'new supply', proposed: true });
    expect(inWords(cables, say)).toMatchObject([{ from: 'supply s', to: 'door p', proposed: true }]);
    log.write('supplyPlanned', { supplyId: 's', from: 'battery' });
    expect(houseOf(log.job).nodes.map(({ kind }) => kind)).toEqual(['board', 'door']);
  });
  it('has no figures as its customer is shown it, and nothing to be made once all is handed over', () => {
    const log = new TestLog()
      .write('pointAdded', { pointId: 'p', pointKind: 'doorbell', name: 'Door', supplyId: 's', chimeId: 'c' })
      .write('pointDescribed', { pointId: 'p', wasThere: 'nothing' })
      .write('supplyPlanned', { supplyId: 's', from: 'adapter' });
    const before = houseForCustomer(log.job);
    expect(before.nodes.map(({ kind }) => kind)).toEqual(houseOf(log.job).nodes.map(({ kind }) => kind));
    expect([...before.nodes, ...before.cables].map(({ words }) => words)).toEqual(['', '', '', '']);
    expect(before.nodes.some(({ proposed }) => proposed)).toBe(true);
    log.write('pointLeft', { pointId: 'p', customer: 'R. Carne', copyGiven: true });
    const after = houseForCustomer(log.job);
    expect([...after.nodes, ...after.cables].some(({ proposed }) => proposed)).toBe(false);
  });
  it('has nothing of a bell where only floodlights hang', () => {
    const log = new TestLog().write('pointAdded', { pointId: 'y', pointKind: 'floodlight', name: 'Yard' });
    expect(houseOf(log.job).nodes.map(({ kind }) => kind)).toEqual(['board', 'box', 'floodlight']);
    expect(tree(branchesOf(houseOf(log.job)))).toEqual([['box y', ['floodlight y']]]);
  });
  it('feeds a boxed chime from its circuit: chime and transformer are one', () => {
    const log = new TestLog()
      .write('pointAdded', { pointId: 'p', pointKind: 'doorbell', name: 'Door', supplyId: 's', chimeId: 'c' })
      .write('pointDescribed', { pointId: 'p', wasThere: 'button' })
      .write('chimeDescribed', { chimeId: 'c', chimeKind: 'boxedMains' })
      .write('circuitListed', { circuitId: 'k', way: '4', feeds: ['p'] });
    expect(tree(branchesOf(houseOf(log.job)))).toEqual([['circuit k', [['chime c', ['door p']]]]]);
  });
  it('gives every point a letter of its own, its first where that is free', () => {
    expect(lettersFor(['Front', 'Back', 'Beside', 'Yard', 'B'])).toEqual(['F', 'B', 'E', 'Y', 'A']);
    expect(new Set(lettersFor(Array.from({ length: 20 }, () => 'Door'))).size).toBe(20);
  });
});
