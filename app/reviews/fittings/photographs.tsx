import { sendAct } from "@app/components/send-act";
import { MarkOn, type PlaceOnPiece } from "@app/sheet/overlay-sheet";
import { useState } from "react";
import { resizedPhotograph } from "./resized-photograph";

export type Picture = { readonly id: string; readonly width: number; readonly height: number };

type Props = {
  readonly address: string;
  readonly begun: readonly Picture[];
  readonly mayChange: boolean;
  readonly marks: readonly (PlaceOnPiece & { readonly number: number })[];
  readonly onPlace?: ((place: PlaceOnPiece) => void) | undefined;
};

/** Photographs of a try-on, with what was seen marked on them. */
export function Photographs({ address, begun, mayChange, marks, onPlace }: Props) {
  const [pictures, setPictures] = useState(begun);
  const [told, setTold] = useState("");
  const add = async (files: readonly File[]) => {
    for (const [i, file] of files.entries()) {
      setTold(`Photograph ${i + 1} of ${files.length} is being sent.`);
      const answer = await sendPhotograph(address, file);
      if (!answer.ok) return setTold(answer.reason);
      setPictures((before) => [...before, answer.photograph]);
    }
    setTold("");
  };
  const remove = async (id: string) => {
    const response = await sendAct(address, new URLSearchParams({ remove: id })).catch(() => null);
    if (response?.ok) setPictures((before) => before.filter((one) => one.id !== id));
    else setTold("It could not be removed. Try again in a moment.");
  };
  return (
    <div className="page-section">
      <h2 className="page-part">Photographs</h2>
      <div className="photographs">
        {pictures.map((picture, i) => (
          <figure key={picture.id}>
            {/* biome-ignore lint/a11y/useKeyWithClickEvents: a mark is optional, and needs a pointer */}
            <svg
              viewBox={`0 0 ${picture.width} ${picture.height}`}
              role="img"
              aria-label={`Photograph ${i + 1}`}
              style={{ cursor: onPlace ? "crosshair" : undefined }}
              onClick={(event) => {
                const box = event.currentTarget.getBoundingClientRect();
                onPlace?.({
                  on: picture.id,
                  x: (event.clientX - box.left) / box.width,
                  y: (event.clientY - box.top) / box.height,
                });
              }}
            >
              <image href={`/photographs/${picture.id}`} width={picture.width} height={picture.height} />
              {marks
                .filter(({ on }) => on === picture.id)
                .map((mark) => (
                  <g key={`${mark.number} ${mark.x} ${mark.y}`} transform={markAt(picture, mark)}>
                    <MarkOn x={0} y={0}>
                      {mark.number}
                    </MarkOn>
                  </g>
                ))}
            </svg>
            {mayChange && (
              <button className="pager-button not-printed" type="button" onClick={() => void remove(picture.id)}>
                Take out photograph {i + 1}
              </button>
            )}
          </figure>
        ))}
      </div>
      {mayChange && (
        <label className="text-box not-printed">
          <span>Add photographs</span>
          <input
            type="file"
            accept="image/jpeg,image/png,image/webp"
            multiple
            onChange={(event) => {
              void add([...(event.currentTarget.files ?? [])]);
              event.currentTarget.value = "";
            }}
          />
          <small>Made smaller here, and sent without the place where they were taken.</small>
        </label>
      )}
      {told !== "" && <p role="alert">{told}</p>}
    </div>
  );
}

/** Marks are as large on any photograph. */
const markAt = ({ width, height }: Picture, { x, y }: PlaceOnPiece) =>
  `translate(${x * width} ${y * height}) scale(${width / 320})`;

type Answer = { readonly ok: true; readonly photograph: Picture } | { readonly ok: false; readonly reason: string };

async function sendPhotograph(address: string, file: File): Promise<Answer> {
  const resized = await resizedPhotograph(file);
  if (!resized) return { ok: false, reason: `${file.name} is no photograph that this browser can open.` };
  const form = new FormData();
  form.set("photograph", resized, "photograph.jpg");
  try {
    const response = await sendAct(address, form);
    const answer: Answer = await response.json();
    return answer;
  } catch {
    return { ok: false, reason: "The server does not answer: add it again in a moment." };
  }
}
