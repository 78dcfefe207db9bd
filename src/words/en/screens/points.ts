/** Kinds of point. */
export const points = {
  aDoorbell: 'a doorbell',
  aFloodlightCamera: 'a floodlight camera',
  oneWithAPlug: 'one with a plug',
  frontDoor: 'Front door',
  door: 'door',
  yard: 'Yard',
  spot: 'spot',
  ladderAt14: ({
    fixtureHeightM,
    clearOfWiresM,
  }: {
    readonly fixtureHeightM: string;
    readonly clearOfWiresM: string;
  }) =>
    `Ladder at 1:4: its foot ${fixtureHeightM} from the wall, firm and dry; ${clearOfWiresM} clear of overhead wires. Work that needs two hands and lasts is done from a platform.`,
  hallByTheDoor: 'hall, by the door',
};
