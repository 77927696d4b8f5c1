import { useWorkStore } from "@app/work/work-context";
import { beginGesture } from "@app/work/work-store";
import type { SewnSleeve } from "@core/drafting/index";
import type { SpecChange } from "@core/spec/index";
import { useRef } from "react";
import { RibbonHandle } from "./ribbon-handle";
import type { RibbonScale } from "./seam-ribbons";

type Props = { readonly drafted: SewnSleeve; readonly scale: RibbonScale };

/** Notches keep this far from the underarm and below this share of the armhole, as the draft itself wants them. */
const LEAST_NOTCH_MM = 20;
const MOST_NOTCH_SHARE = 0.72;
/** Ease below a notch is little or none: up to this, in millimetres, and never more than the half has. */
const MOST_LOWER_EASE_MM = 15;

/**
 * On the armhole the notches are moved, and go along on the cap. On the cap they are moved alone: that moves ease past the notch;
 * at the shoulder it moves ease from one half to the other. The whole ease stays what it is.
 */
export function RibbonHandles({ drafted, scale }: Props) {
  const store = useWorkStore();
  const gesture = useRef<(() => void) | null>(null);
  const { task, seams } = drafted;
  const [front, back] = seams;
  const { onBody, onPart, perMm, armholeY, capY } = scale;
  const whole = { body: front.bodyLength + back.bodyLength, part: front.partLength + back.partLength };
  const shared = {
    scale: perMm,
    onBegin: () => {
      gesture.current ??= beginGesture(store);
    },
    onEnd: () => {
      gesture.current?.();
      gesture.current = null;
    },
  };
  const move = (change: (value: number) => SpecChange["sleeve"]) => (value: number) => {
    const sleeve = change(value);
    if (sleeve) store.getState().change({ sleeve });
  };
  const lower = (seam: typeof front) => seam.sections[0]?.ease ?? 0;
  const mostLower = (seam: typeof front) => Math.min(MOST_LOWER_EASE_MM, Math.max(0, seam.target));
  const backEase = task.cap.capEase * task.cap.backEaseShare;
  return (
    <>
      <RibbonHandle
        {...shared}
        name="Back notch"
        x={onBody(task.notches.back)}
        y={armholeY}
        value={task.notches.back}
        least={LEAST_NOTCH_MM}
        most={back.bodyLength * MOST_NOTCH_SHARE}
        gain={1}
        onMove={move((at) => ({ notches: { back: at } }))}
      />
      <RibbonHandle
        {...shared}
        name="Front notch"
        x={onBody(whole.body - task.notches.front)}
        y={armholeY}
        value={task.notches.front}
        least={LEAST_NOTCH_MM}
        most={front.bodyLength * MOST_NOTCH_SHARE}
        gain={-1}
        onMove={move((at) => ({ notches: { front: at } }))}
      />
      <RibbonHandle
        {...shared}
        name="Ease below the back notch"
        x={onPart(task.notches.back + lower(back))}
        y={capY}
        value={lower(back)}
        least={0}
        most={mostLower(back)}
        gain={1}
        onMove={move((ease) => ({ lowerEase: { back: ease } }))}
      />
      <RibbonHandle
        {...shared}
        name="Ease below the front notch"
        x={onPart(whole.part - task.notches.front - lower(front))}
        y={capY}
        value={lower(front)}
        least={0}
        most={mostLower(front)}
        gain={-1}
        onMove={move((ease) => ({ lowerEase: { front: ease } }))}
      />
      {task.method === "fit-first" && task.cap.capEase > 0 && (
        <RibbonHandle
          {...shared}
          name="Ease of the back half"
          x={onPart(back.partLength)}
          y={capY}
          value={backEase}
          least={0}
          most={task.cap.capEase}
          gain={1}
          onMove={move((ease) => ({ backEaseShare: ease / task.cap.capEase }))}
        />
      )}
    </>
  );
}
