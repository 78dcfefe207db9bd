'use client';
import { yardWords } from '@/words/screens';
import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { Button } from 'react-bootstrap';
import { landmarksOf, pictureOf, type Landmark, type OwnPicture, type Scene } from '@/core/yard';
import { PicturePaths } from './PicturePaths';
import { KeepPhoto } from '../../photo/KeepPhoto';
import { useSeeingWorker } from '../../seeing/useSeeingWorker';
import { degreeText, turnText } from './yardText';

interface Found {
  readonly turnDeg: number;
  readonly downDeg: number;
  readonly rollDeg: number;
}

interface Props {
  readonly scene: Scene;
  readonly lensM: number;
  readonly name: (what: string) => string;
  readonly onFound: (found: Found) => void;
}

interface Shot {
  readonly file: File;
  readonly url: string;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** Where a landmark was pointed at, as shares of the picture. */
interface Pointed {
  readonly landmark: Landmark;
  readonly right: number;
  readonly down: number;
}

/** More than any camera’s own picture has; a larger one would fill the memory of a phone. */
const MOST_MEGAPIXELS = 40;
/** A picture whose shape is off by more was cut. */
const SHAPE_OFF = 0.03;
const STEP = { fine: 0.002, coarse: 0.02 } as const;

async function shotOf(file: File): Promise<Shot | null> {
  const url = URL.createObjectURL(file);
  const image = new Image();
  image.src = url;
  try {
    await image.decode();
    return { file, url, widthPx: image.naturalWidth, heightPx: image.naturalHeight };
  } catch {
    URL.revokeObjectURL(url);
    return null;
  }
}

/** How the head hangs by its own picture: a screenshot is taken in, known places are pointed at, the plan’s lines tell whether it is true. */
export function PoseFromPicture({ scene, lensM, name, onFound }: Props) {
  const worker = useSeeingWorker();
  const input = useRef<HTMLInputElement>(null);
  const [shot, setShot] = useState<Shot | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [picked, setPicked] = useState<string | null>(null);
  const [pointed, setPointed] = useState<readonly Pointed[]>([]);
  const [found, setFound] = useState<OwnPicture | null>(null);
  const [isBusy, setBusy] = useState(false);
  const { widthPx, heightPx } = scene.camera;
  const landmarks = landmarksOf(scene);
  useEffect(() => () => void (shot && URL.revokeObjectURL(shot.url)), [shot]);
  const called = ({ of, part }: Landmark): string =>
    ({ foot: yardWords.foot, leftCorner: yardWords.leftCorner, rightCorner: yardWords.rightCorner })[part]({
      what: name(of),
    });
  const take = async (file: File) => {
    const taken = await shotOf(file);
    const refuse = (words: string) => {
      if (taken) URL.revokeObjectURL(taken.url);
      setFault(words);
    };
    if (!taken) return refuse(yardWords.noPicture);
    const megapixels = (taken.widthPx * taken.heightPx) / 1e6;
    if (megapixels > MOST_MEGAPIXELS)
      return refuse(yardWords.tooLarge({ megapixels: Math.round(megapixels), most: MOST_MEGAPIXELS }));
    const shape = taken.widthPx / taken.heightPx / (widthPx / heightPx);
    if (Math.abs(shape - 1) > SHAPE_OFF)
      return refuse(
        yardWords.wasCut({
          got: `${taken.widthPx} × ${taken.heightPx}`,
          wanted: `${widthPx} × ${heightPx}`,
        }),
      );
    setFault(null);
    setShot(taken);
    setPointed([]);
    setFound(null);
    setPicked(landmarks[0]?.id ?? null);
  };
  const point = (landmark: Landmark, right: number, down: number) => {
    const others = pointed.filter((one) => one.landmark.id !== landmark.id);
    const marks = [...others, { landmark, right, down }];
    setPointed(marks);
    setFound(null);
  };
  const work = async () => {
    setBusy(true);
    const pose = await worker.poseOfPicture(
      scene,
      lensM,
      pointed.map(({ landmark, right, down }) => ({ place: landmark.place, right, down })),
    );
    setBusy(false);
    setFound(pose);
    if ('pose' in pose)
      onFound({
        turnDeg: Number(pose.turnDeg.toFixed(1)),
        downDeg: Number(pose.pose.tiltDownDeg.toFixed(1)),
        rollDeg: Number(pose.pose.rollDeg.toFixed(1)),
      });
  };
  const tapped = (event: PointerEvent<SVGSVGElement>) => {
    const landmark = landmarks.find(({ id }) => id === picked);
    if (!landmark) return;
    const box = event.currentTarget.getBoundingClientRect();
    point(landmark, (event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height);
    setPicked(
      landmarks.find(({ id }) => id !== picked && !pointed.some((one) => one.landmark.id === id))?.id ?? picked,
    );
  };
  // Without a pointer a mark is put in the middle and moved by the arrow keys
  const keyed = (event: KeyboardEvent) => {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    const landmark = landmarks.find(({ id }) => id === picked);
    if (!by || !landmark) return;
    event.preventDefault();
    const { right = 0.5, down = 0.5 } = pointed.find((one) => one.landmark.id === landmark.id) ?? {};
    const step = event.shiftKey ? STEP.coarse : STEP.fine;
    const [across = 0, along = 0] = by;
    const inside = (value: number): number => Math.min(1, Math.max(0, value));
    point(landmark, inside(right + across * step), inside(down + along * step));
  };
  const overlay =
    found && 'pose' in found ? pictureOf(scene, { lensM, panDeg: 0, jointDeg: 0, measured: found.pose }) : null;
  return (
    <div className="pose-from" data-testid="pose">
      {/* What an aim was told by stays with the job */}
      {shot && found && 'pose' in found && <KeepPhoto file={shot.file} />}
      <input
        ref={input}
        type="file"
        accept="image/*"
        className="visually-hidden"
        tabIndex={-1}
        aria-label={yardWords.itsOwnPicture}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) void take(file);
          event.target.value = '';
        }}
      />
      <p>
        <Button variant="secondary" onClick={() => input.current?.click()}>
          {shot ? yardWords.anotherPicture : yardWords.byItsOwnPicture}
        </Button>
      </p>
      {fault && (
        <p className="brick" role="alert">
          {fault}
        </p>
      )}
      {shot && (
        <>
          <p>{landmarks.length === 0 ? yardWords.nothingToSee : yardWords.pointAt}</p>
          <div className="choices" role="radiogroup" aria-label={yardWords.pointAt}>
            {landmarks.map((landmark) => (
              <Button
                key={landmark.id}
                variant="choice"
                role="radio"
                aria-checked={picked === landmark.id}
                onClick={() => setPicked(landmark.id)}
              >
                {called(landmark)}
                {pointed.some((one) => one.landmark.id === landmark.id) && ' ✓'}
              </Button>
            ))}
          </div>
          <svg
            className="drawing own-picture"
            viewBox={`0 0 ${widthPx} ${heightPx}`}
            role="application"
            tabIndex={0}
            aria-label={yardWords.pointInPicture}
            onPointerDown={tapped}
            onKeyDown={keyed}
          >
            <image href={shot.url} width={widthPx} height={heightPx} preserveAspectRatio="none" />
            {overlay && <PicturePaths picture={overlay} unit={widthPx / 360} />}
            {pointed.map(({ landmark, right, down }) => (
              <g key={landmark.id} transform={`translate(${right * widthPx} ${down * heightPx})`}>
                <circle className="aimed" r={widthPx / 60} strokeWidth={widthPx / 300} />
                <path
                  className="aimed"
                  d={`M${-widthPx / 40} 0H${widthPx / 40}M0 ${-widthPx / 40}V${widthPx / 40}`}
                  strokeWidth={widthPx / 500}
                />
              </g>
            ))}
          </svg>
          <p className="row-of">
            <Button variant="secondary" disabled={pointed.length === 0 || isBusy} onClick={() => void work()}>
              {isBusy ? yardWords.working : yardWords.workItOut}
            </Button>
            {pointed.length === 1 && <span className="small soft">{yardWords.oneMarkIsLevel}</span>}
          </p>
          {found && <Answer found={found} />}
        </>
      )}
    </div>
  );
}

function Answer({ found }: { readonly found: OwnPicture }) {
  if ('refused' in found)
    return (
      <p className="brick" role="alert">
        {
          {
            noMarks: yardWords.pointAt,
            oneSpot: yardWords.marksOnOneSpot,
            oneLine: yardWords.marksInOneLine,
            behind: yardWords.marksBehind,
          }[found.refused]
        }
      </p>
    );
  const { pose, turnDeg } = found;
  return (
    <p role="status" data-testid="pose-found">
      {yardWords.poseFound({
        turn: turnText(turnDeg),
        down: degreeText(pose.tiltDownDeg),
        roll: degreeText(pose.rollDeg),
        rms: pose.rmsPx.toFixed(1),
        worst: pose.worstPx.toFixed(1),
      })}
    </p>
  );
}
