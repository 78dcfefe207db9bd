'use client';
import { photoWords } from '@/words/screens';
import { TextInput } from '../form/TextInput';
import type Konva from 'konva';
import { useEffect, useRef, useState } from 'react';
import { useTypedText } from '../log/useTyped';
import { Button, Modal } from 'react-bootstrap';
import { Arrow, Circle, Image as Picture, Layer, Stage, Text } from 'react-konva';
import type { Photo, PhotoMark } from '@/core/job';
import { LIMITS, MARK_SHAPES, TEXT } from '@/core/kinds';
import { Choices } from '../form/Choices';
import { useJob } from '../log/JobContext';
import { photoAddress } from './MarkedPhoto';

const SHAPE_WORDS = { arrow: photoWords.arrow, circle: photoWords.circle, label: photoWords.label } as const;
const COLOUR = '#e25a1c';
const EDGE = '#ffffff';

interface Shown {
  readonly picture: HTMLImageElement;
  readonly width: number;
  readonly height: number;
}

/** The picture, once it is there, in the size that fits the screen. */
function useShown(address: string, photo: Photo): Shown | null {
  const [shown, setShown] = useState<Shown | null>(null);
  useEffect(() => {
    const picture = new Image();
    picture.onload = () => {
      const room = { width: Math.min(window.innerWidth - 60, 900), height: window.innerHeight - 330 };
      const scale = Math.min(room.width / photo.widthPx, Math.max(200, room.height) / photo.heightPx, 1);
      setShown({ picture, width: photo.widthPx * scale, height: photo.heightPx * scale });
    };
    picture.src = address;
    return () => {
      picture.onload = null;
    };
  }, [address, photo.heightPx, photo.widthPx]);
  return shown;
}

const share = (value: number, whole: number): number => Math.min(1, Math.max(0, value / whole));

/** Draws on a picture: an arrow or a circle by dragging, a label by tapping where it goes. */
export function PhotoMarker({ photo, onClose }: { readonly photo: Photo; readonly onClose: () => void }) {
  const { keptJob, write } = useJob();
  const shown = useShown(photoAddress(keptJob.id, photo.sha256, 'whole'), photo);
  const [marks, setMarks] = useState<readonly PhotoMark[]>(photo.marks);
  const [shape, setShape] = useState<PhotoMark['shape']>('arrow');
  const [text, setText] = useTypedText(`mark/${photo.id}`, photoWords.itsTextThenTap);
  const drawing = useRef(false);
  const full = marks.length >= LIMITS.marks.most;

  const at = (event: Konva.KonvaEventObject<PointerEvent>): { x: number; y: number } | null => {
    const place = event.target.getStage()?.getPointerPosition();
    return place && shown ? { x: share(place.x, shown.width), y: share(place.y, shown.height) } : null;
  };
  const begin = (event: Konva.KonvaEventObject<PointerEvent>) => {
    const place = at(event);
    if (!place || full || (shape === 'label' && text.trim() === '')) return;
    drawing.current = shape !== 'label';
    const mark = { shape, fromX: place.x, fromY: place.y, toX: place.x, toY: place.y };
    setMarks((all) => [...all, { ...mark, text: shape === 'label' ? text.trim() : '' }]);
    if (shape === 'label') setText('');
  };
  const move = (event: Konva.KonvaEventObject<PointerEvent>) => {
    const place = at(event);
    if (!drawing.current || !place) return;
    setMarks((all) => all.map((mark, i) => (i === all.length - 1 ? { ...mark, toX: place.x, toY: place.y } : mark)));
  };
  const end = () => {
    drawing.current = false;
    // A tap draws nothing that could be seen
    setMarks((all) =>
      all.filter((mark) => mark.shape === 'label' || Math.hypot(mark.toX - mark.fromX, mark.toY - mark.fromY) > 0.005),
    );
  };
  return (
    <Modal show onHide={onClose} size="xl" aria-labelledby="marker-title">
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="marker-title">
          {photo.caption ?? photoWords.photo3}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <Choices
          label={photoWords.draw}
          options={MARK_SHAPES.map((value) => ({ value, words: SHAPE_WORDS[value] }))}
          chosen={shape}
          onPick={(picked) => picked && setShape(picked)}
        />
        {shape === 'label' && (
          <TextInput label={photoWords.itsTextThenTap} text={text} most={TEXT.short} onType={setText} />
        )}
        <div className="marker-stage" data-testid="marker-stage">
          {shown ? (
            <Stage
              width={shown.width}
              height={shown.height}
              onPointerDown={begin}
              onPointerMove={move}
              onPointerUp={end}
            >
              <Layer>
                <Picture image={shown.picture} width={shown.width} height={shown.height} />
                {marks.map((mark, i) => (
                  <DrawnMark key={i} mark={mark} width={shown.width} height={shown.height} />
                ))}
              </Layer>
            </Stage>
          ) : (
            <p className="soft">{photoWords.fetchingThePicture}</p>
          )}
        </div>
        <div className="row-of block-top">
          <Button
            onClick={() => {
              write('photoDescribed', { photoId: photo.id, marks: [...marks] });
              onClose();
            }}
          >
            {photoWords.keepTheMarks}
          </Button>
          <Button variant="secondary" disabled={marks.length === 0} onClick={() => setMarks(marks.slice(0, -1))}>
            {photoWords.takeTheLastAway}
          </Button>
          <span className="soft">{full ? photoWords.noMoreMarksFit : photoWords.drawn({ marks: marks.length })}</span>
        </div>
      </Modal.Body>
    </Modal>
  );
}

function DrawnMark({
  mark,
  width,
  height,
}: {
  readonly mark: PhotoMark;
  readonly width: number;
  readonly height: number;
}) {
  const [x1, y1, x2, y2] = [mark.fromX * width, mark.fromY * height, mark.toX * width, mark.toY * height];
  const line = { stroke: COLOUR, strokeWidth: 4, shadowColor: EDGE, shadowBlur: 3, shadowOpacity: 1 };
  if (mark.shape === 'circle') return <Circle x={x1} y={y1} radius={Math.hypot(x2 - x1, y2 - y1)} {...line} />;
  if (mark.shape === 'label')
    return (
      <Text
        x={x1}
        y={y1 - 22}
        text={mark.text ?? ''}
        fontSize={24}
        fontStyle="bold"
        fill={COLOUR}
        stroke={EDGE}
        strokeWidth={3}
        fillAfterStrokeEnabled
      />
    );
  return <Arrow points={[x1, y1, x2, y2]} fill={COLOUR} pointerLength={14} pointerWidth={14} {...line} />;
}
