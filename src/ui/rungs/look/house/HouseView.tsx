'use client';
import { houseWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useSay } from '../../../log/useSay';
import { useRouter } from 'next/navigation';
import { branchesOf, type HouseBranch, type HouseNode } from '@/core/house';
import { houseOf } from '@/core/job';
import { HouseDrawing } from '../../../drawing/HouseDrawing';
import { useJob } from '../../../log/JobContext';
import { AnotherPoint } from '../AnotherPoint';
import { FoundThing } from './FoundThing';
import { HangsOn } from './HangsOn';

/** Where the facts of a thing are asked; a point is gone to. */
const AREA_OF: Readonly<Partial<Record<HouseNode['kind'], string>>> = {
  board: houseWords.board,
  supply: houseWords.transformer,
  chime: houseWords.chime,
};

/** The house as a drawing and as a list: what is there, what hangs on what, and what a further point would hang on. */
export function HouseView() {
  const say = useSay();
  const { keptJob, kept, go } = useJob();
  const router = useRouter();
  const graph = houseOf(keptJob);
  const open = (node: HouseNode): void => {
    if (node.pointId !== null && node.pointId !== kept.id)
      return router.push(`?point=${encodeURIComponent(node.pointId)}&rung=look`);
    if (node.opens) return go(node.opens);
    if (node.kind === 'circuit') return go('isolate');
    if (node.kind === 'box') return go('measure');
    const area = AREA_OF[node.kind];
    go('look', node.kind === 'supply' && node.proposed ? 'supply' : area);
  };
  return (
    <section className="house-view">
      <div className="house-scroll">
        <HouseDrawing graph={graph} cellar={keptJob.site.basement === 'yes'} here={kept.id} say={say} onOpen={open} />
      </div>
      <div className="halves">
        <div>
          <h2>{houseWords.whatHangsOnWhat}</h2>
          <Branches branches={branchesOf(graph)} onOpen={open} />
        </div>
        <div>
          <h2>{houseWords.aFurtherPoint}</h2>
          <AnotherPoint />
          <HangsOn />
          <FoundThing />
        </div>
      </div>
    </section>
  );
}

function Branches({
  branches,
  onOpen,
}: {
  readonly branches: readonly HouseBranch[];
  readonly onOpen: (node: HouseNode) => void;
}) {
  const say = useSay();
  if (branches.length === 0) return null;
  return (
    <ul className="house-tree">
      {branches.map(({ node, branches: below }) => (
        <li key={node.id}>
          <Button variant="bare" className="house-link" onClick={() => onOpen(node)}>
            {node.letter !== null && <b className="letter">{node.letter}</b>} {say(node.name)}
            {node.words && <span className="soft"> {say(node.words)}</span>}
          </Button>
          <Branches branches={below} onOpen={onOpen} />
        </li>
      ))}
    </ul>
  );
}
