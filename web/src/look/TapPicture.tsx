import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from "react";
import type { Dial, Grey } from "./dial";
import { inverse, type Spot, through } from "./plane";

interface Props {
  readonly picture: Grey;
  readonly taps: readonly Spot[];
  /** What was learned, drawn over the picture. */
  readonly dial: Dial | undefined;
  readonly onTap: ((spot: Spot) => void) | undefined;
}

/** A finger hides what it points at: as long as it is down, what lies under it is shown beside it, so much larger. */
const LARGER = 3;
const LENS = 130;

/** A still to tap on. Press, slide to the place, let go; or the arrow keys, and Enter. */
export function TapPicture({ picture, taps, dial, onTap }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [aim, setAim] = useState<Spot | undefined>();
  useEffect(() => {
    const pen = canvas.current?.getContext("2d");
    if (pen) {
      draw(pen, picture);
      for (const tap of taps) {
        cross(pen, tap, "#b8860b");
      }
      if (dial) {
        drawScale(pen, dial);
      }
      if (aim) {
        lens(pen, picture, aim);
        cross(pen, aim, "#b3261e");
      }
    }
  }, [picture, taps, dial, aim]);
  const spotOf = (event: PointerEvent<HTMLCanvasElement>): Spot => {
    const box = event.currentTarget.getBoundingClientRect();
    return {
      x: ((event.clientX - box.left) / box.width) * picture.width,
      y: ((event.clientY - box.top) / box.height) * picture.height,
    };
  };
  const done = (spot: Spot) => {
    setAim(undefined);
    onTap?.(spot);
  };
  const key = (event: KeyboardEvent) => {
    const step = event.shiftKey ? 1 : 6;
    const ways: Record<string, Spot> = {
      ArrowLeft: { x: -step, y: 0 },
      ArrowRight: { x: step, y: 0 },
      ArrowUp: { x: 0, y: -step },
      ArrowDown: { x: 0, y: step },
    };
    const way = ways[event.key];
    const from = aim ?? { x: picture.width / 2, y: picture.height / 2 };
    if (way && onTap) {
      event.preventDefault();
      setAim({ x: from.x + way.x, y: from.y + way.y });
    } else if (event.key === "Enter" && aim) {
      done(aim);
    }
  };
  return (
    <canvas
      ref={canvas}
      width={picture.width}
      height={picture.height}
      tabIndex={0}
      role="img"
      aria-label="The dial: press, slide to the place, let go; or arrow keys, and Enter"
      className="w-full touch-none rounded-field bg-black"
      onPointerDown={(event) => {
        if (onTap) {
          event.currentTarget.setPointerCapture(event.pointerId);
          setAim(spotOf(event));
        }
      }}
      onPointerMove={(event) => aim && event.buttons > 0 && setAim(spotOf(event))}
      onPointerUp={(event) => aim && done(spotOf(event))}
      onPointerCancel={() => setAim(undefined)}
      onKeyDown={key}
    />
  );
}

function draw(pen: CanvasRenderingContext2D, { width, height, grey }: Grey) {
  const image = pen.createImageData(width, height);
  for (let index = 0; index < width * height; index++) {
    image.data.set([grey[index] ?? 0, grey[index] ?? 0, grey[index] ?? 0, 255], index * 4);
  }
  pen.putImageData(image, 0, 0);
}

function cross(pen: CanvasRenderingContext2D, { x, y }: Spot, colour: string) {
  for (const [style, width] of [
    ["#fff", 5],
    [colour, 2.5],
  ] as const) {
    pen.strokeStyle = style;
    pen.lineWidth = width;
    pen.beginPath();
    pen.moveTo(x - 14, y);
    pen.lineTo(x + 14, y);
    pen.moveTo(x, y - 14);
    pen.lineTo(x, y + 14);
    pen.stroke();
  }
}

/** A dot on every fifth mark: whether it has understood is to be seen at a glance. */
function drawScale(pen: CanvasRenderingContext2D, { plane, zero, perPsi, most }: Dial) {
  const back = inverse(plane);
  for (let psi = 0; psi <= most; psi += 5) {
    const angle = zero + psi * perPsi;
    const { x, y } = through(back, { x: Math.cos(angle), y: Math.sin(angle) });
    pen.fillStyle = "#fff";
    pen.beginPath();
    pen.arc(x, y, 7, 0, 2 * Math.PI);
    pen.fill();
    pen.fillStyle = "#b8860b";
    pen.beginPath();
    pen.arc(x, y, 5, 0, 2 * Math.PI);
    pen.fill();
  }
}

/** In the corner that is farther from the finger. */
function lens(pen: CanvasRenderingContext2D, picture: Grey, aim: Spot) {
  const left = aim.x > picture.width / 2 ? 8 : picture.width - LENS - 8;
  const part = LENS / LARGER;
  pen.drawImage(pen.canvas, aim.x - part / 2, aim.y - part / 2, part, part, left, 8, LENS, LENS);
  pen.strokeStyle = "#fff";
  pen.lineWidth = 3;
  pen.strokeRect(left, 8, LENS, LENS);
  cross(pen, { x: left + LENS / 2, y: 8 + LENS / 2 }, "#b3261e");
}
